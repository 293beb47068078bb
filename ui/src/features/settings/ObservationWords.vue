<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'

/** One's own short list of what to notice, one a line: each has a key on the recording screen. */
const MOST = 8
const { t } = useI18n()
const text = ref('')
const said = ref('')

onMounted(async () => {
  try {
    text.value = (await answer(api.GET('/api/v1/me/observations'))).words.join('\n')
  } catch (error) {
    said.value = sentence(error)
  }
})

async function keep(): Promise<void> {
  const words = text.value
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
  try {
    const kept = await answer(api.PUT('/api/v1/me/observations', { body: { words } }))
    text.value = kept.words.join('\n')
    said.value = t('settings.saved')
  } catch (error) {
    said.value = sentence(error)
  }
}
</script>

<template>
  <form @submit.prevent="keep">
    <h2 id="observations">{{ t('settings.observations') }}</h2>
    <p class="small quiet">{{ t('settings.observationsLead', { n: MOST }) }}</p>
    <textarea v-model="text" :rows="MOST" aria-labelledby="observations" />
    <Button type="submit" severity="secondary" :label="t('settings.keep')" />
    <p role="status" class="quiet">{{ said }}</p>
  </form>
</template>

<style scoped>
textarea {
  display: block;
  width: min(420px, 90vw);
  margin: 6px 0 10px;
  padding: 8px;
  font: inherit;
  border: 1px solid #8c8676;
  border-radius: 6px;
  background: var(--paper-raised);
  color: var(--ink);
}
</style>
