<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
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
    <label>
      {{ t('account.old') }}
      <InputText
        v-model="values.old"
        type="password"
        autocomplete="current-password"
        :invalid="field === 'old'"
        fluid
      />
    </label>
    <label>
      {{ t('account.new') }}
      <InputText
        v-model="values.password"
        type="password"
        autocomplete="new-password"
        :invalid="field === 'password'"
        fluid
      />
    </label>
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
label {
  display: grid;
  gap: 4px;
}
p {
  margin: 0;
}
.problem {
  color: var(--brick-text);
  font-weight: 600;
}
</style>
