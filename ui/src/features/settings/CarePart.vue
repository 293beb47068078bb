<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Care } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'

/** What the club wants to know of age, whom to turn to, and how long somebody is kept without asking. */
const { t } = useI18n()
const { busy, problem, run } = useAction()
const values = reactive<Care>({ asks: 'NOTHING', safeguarding: '', askAfterMonths: 24 })
const saved = ref(false)
const asks = (['NOTHING', 'MARK', 'BIRTH_YEAR'] as const).map((value) => ({
  value,
  label: t(`care.${value}`),
}))
onMounted(() => run(async () => Object.assign(values, await answer(api.GET('/api/v1/club/care')))))

async function save(): Promise<void> {
  saved.value = false
  saved.value = await run(() => answer(api.PUT('/api/v1/club/care', { body: { ...values } })))
}
</script>

<template>
  <section>
    <h2>{{ t('care.title') }}</h2>
    <form class="stacked" novalidate @submit.prevent="save">
      <ChoiceField v-model="values.asks" :label="t('care.asks')" :options="asks" />
      <TextField v-model="values.safeguarding" :label="t('care.safeguarding')" :most="200" fluid />
      <NumberField
        v-model="values.askAfterMonths"
        :label="t('care.months')"
        :min="1"
        :max="240"
        :digits="0"
      />
      <Button type="submit" severity="secondary" :label="t('care.save')" :loading="busy" />
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <p v-else-if="saved" role="status" class="bare quiet">{{ t('care.saved') }}</p>
    </form>
  </section>
</template>

<style scoped>
form > label {
  width: 100%;
}
</style>
