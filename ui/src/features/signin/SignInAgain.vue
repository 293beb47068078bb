<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { useI18n } from 'vue-i18n'
import { useOutbox } from '@/device/useOutbox'
import { useSignedIn } from '@/device/useSignedIn'
import PersonForm, { type Typed } from './PersonForm.vue'

/** Asks for the password again in the middle of anything; the page below stays as it is. */
const { t } = useI18n()
const signedIn = useSignedIn()
const outbox = useOutbox()

async function submit({ signInName, password, code }: Typed): Promise<void> {
  if (!(await signedIn.signInAgain({ signInName, password, code }))) {
    throw new Error(t('signIn.otherUser', { name: signedIn.me?.person.name ?? '' }))
  }
}
</script>

<template>
  <Dialog visible modal :closable="false" :header="t('signIn.again')" :style="{ width: 'min(420px, 94vw)' }">
    <p>{{ t('signIn.againLead', { name: signedIn.me?.person.name ?? '', n: outbox.waiting }) }}</p>
    <PersonForm :action="t('signIn.go')" :password-label="t('signIn.password')" known :submit="submit" />
  </Dialog>
</template>
