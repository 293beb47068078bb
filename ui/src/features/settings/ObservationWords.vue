<script setup lang="ts">
import Textarea from 'primevue/textarea'
import Button from 'primevue/button'
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { linesOf } from '@/shared/linesOf'
import { useAction } from '@/shared/useAction'

/** One's own short list of what to notice, one a line: each has a key on the recording screen. */
const MOST = 8
const { t } = useI18n()
const text = ref('')
const said = ref('')
const { problem, run } = useAction()

onMounted(async () => {
  await run(async () => show(await answer(api.GET('/api/v1/me/observations'))))
  said.value = problem.value
})

async function keep(): Promise<void> {
  const body = { words: linesOf(text.value) }
  await run(async () => show(await answer(api.PUT('/api/v1/me/observations', { body }))))
  said.value = problem.value || t('settings.saved')
}

function show(kept: { words: string[] }): void {
  text.value = kept.words.join('\n')
}
</script>

<template>
  <form @submit.prevent="keep">
    <h2 id="observations">{{ t('settings.observations') }}</h2>
    <p class="small quiet">{{ t('settings.observationsLead', { n: MOST }) }}</p>
    <Textarea v-model="text" fluid :rows="MOST" aria-labelledby="observations" />
    <Button type="submit" severity="secondary" :label="t('settings.keep')" />
    <p role="status" class="quiet">{{ said }}</p>
  </form>
</template>

<style scoped></style>
