<script lang="ts">
/** What was typed; the code only where an authenticator app is asked for one. */
export interface Typed {
  name: string
  signInName: string
  password: string
  code?: string
}
</script>

<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { reactive, ref, watch } from 'vue'
import PasswordField from '@/shared/PasswordField.vue'
import { useAction } from '@/shared/useAction'

/** Sign-in name and password, and a name where somebody is new. A problem stands at its field; what was typed stays. */
const props = defineProps<{
  action: string
  passwordLabel: string
  /** Asks the person's name too. */
  withName?: boolean
  /** The password exists already. */
  known?: boolean
  submit: (values: Typed) => Promise<void>
}>()

const values = reactive<Typed>({ name: '', signInName: '', password: '' })
const { busy, problem, field, run } = useAction()
/** Once it was asked for, it stays. */
const codeAsked = ref(false)
watch(field, (name) => (codeAsked.value ||= name === 'code'))
</script>

<template>
  <form novalidate @submit.prevent="run(() => props.submit({ ...values }))">
    <label v-if="withName">
      {{ $t('welcome.yourName') }}
      <InputText v-model="values.name" name="name" autocomplete="name" :invalid="field === 'name'" fluid />
      <span v-if="field === 'name'" class="problem" role="alert">{{ problem }}</span>
    </label>
    <label>
      {{ $t('signIn.name') }}
      <InputText
        v-model="values.signInName"
        name="username"
        autocomplete="username"
        autocapitalize="none"
        :invalid="field === 'signInName'"
        fluid
      />
      <span v-if="field === 'signInName'" class="problem" role="alert">{{ problem }}</span>
    </label>
    <div class="password">
      <PasswordField
        v-model="values.password"
        :label="passwordLabel"
        :kind="known ? 'current' : 'new'"
        :invalid="field === 'password'"
      />
      <span v-if="field === 'password'" class="problem" role="alert">{{ problem }}</span>
    </div>
    <label v-if="codeAsked">
      {{ $t('authenticator.signInCode') }}
      <InputText
        v-model="values.code"
        name="code"
        inputmode="text"
        autocomplete="one-time-code"
        autocapitalize="none"
        :invalid="field === 'code'"
        fluid
      />
      <span v-if="field === 'code'" class="problem" role="alert">{{ problem }}</span>
    </label>
    <p
      v-if="problem && !['name', 'signInName', 'password', 'code'].includes(field)"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
    <Button type="submit" :label="action" :loading="busy" fluid />
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 16px;
  margin-top: 24px;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
.password {
  font-weight: 600;
}
.problem {
  font-weight: 600;
  margin: 0;
}
</style>
