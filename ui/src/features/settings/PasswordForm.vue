<script setup lang="ts">
import Button from 'primevue/button'
import { reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PasswordField from '@/shared/PasswordField.vue'
import { useAction } from '@/shared/useAction'

/** Another password for whoever knows the present one; all their other sign-ins end. */
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const values = reactive({ old: '', password: '' })
const changed = ref(false)
const { busy, problem, field, run } = useAction()

async function send(): Promise<void> {
  changed.value = await run(() => answer(api.PUT('/api/v1/me/password', { body: { ...values } })))
  if (!changed.value) return
  values.old = ''
  values.password = ''
  emit('changed')
}
</script>

<template>
  <form novalidate @submit.prevent="send">
    <h2>{{ t('account.password') }}</h2>
    <PasswordField v-model="values.old" :label="t('account.old')" kind="current" :invalid="field === 'old'" />
    <PasswordField
      v-model="values.password"
      :label="t('account.new')"
      kind="new"
      :invalid="field === 'password'"
    />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-else-if="changed" role="status">{{ t('account.passwordChanged') }}</p>
    <Button
      type="submit"
      :label="t('account.change')"
      :loading="busy"
      :disabled="!values.old || !values.password"
      severity="secondary"
    />
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
  max-width: 420px;
}
p {
  margin: 0;
}
.problem {
  font-weight: 600;
}
</style>
