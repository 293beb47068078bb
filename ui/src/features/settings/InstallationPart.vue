<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PasswordField from '@/shared/PasswordField.vue'
import { saveAs } from '@/shared/saveAs'
import { useAction } from '@/shared/useAction'

/** The whole club as one file of open formats, for another installation to read. */
const { t } = useI18n()
const { busy, problem, field, run } = useAction()
const password = ref('')

async function save(): Promise<void> {
  await run(async () => {
    const zip = await answer(
      api.POST('/api/v1/installation-file', { body: { password: password.value }, parseAs: 'blob' }),
    )
    saveAs(zip, 'amber-rail-installation.zip')
  })
  password.value = ''
}
</script>

<template>
  <details>
    <summary>{{ t('backup.whole.title') }}</summary>
    <p class="small quiet">{{ t('backup.whole.lead') }}</p>
    <form novalidate @submit.prevent="save">
      <PasswordField
        v-model="password"
        :label="t('data.erase.password')"
        kind="current"
        :invalid="field === 'password'"
      />
      <Button
        type="submit"
        severity="secondary"
        :label="t('backup.whole.save')"
        :loading="busy"
        :disabled="!password"
      />
    </form>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
  cursor: pointer;
}
form {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
</style>
