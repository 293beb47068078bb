<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import OwnPasswordForm from '@/shared/OwnPasswordForm.vue'
import { saveAs } from '@/shared/saveAs'
import { useAction } from '@/shared/useAction'

/** The whole club as one file of open formats, for another installation to read. */
const { t } = useI18n()
const { busy, problem, field, run } = useAction()

async function save(password: string): Promise<void> {
  await run(async () => {
    const zip = await answer(api.POST('/api/v1/installation-file', { body: { password }, parseAs: 'blob' }))
    saveAs(zip, 'amber-rail-installation.zip')
  })
}
</script>

<template>
  <details>
    <summary>{{ t('backup.whole.title') }}</summary>
    <p class="small quiet">{{ t('backup.whole.lead') }}</p>
    <OwnPasswordForm
      :label="t('backup.whole.save')"
      :busy="busy"
      :refused="field === 'password'"
      @sent="save"
    />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </details>
</template>
