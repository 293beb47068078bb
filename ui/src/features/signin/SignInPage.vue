<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useSignedIn } from '@/device/useSignedIn'
import OpenPage from './OpenPage.vue'
import PersonForm, { type Typed } from './PersonForm.vue'

const signedIn = useSignedIn()
const route = useRoute()
const router = useRouter()
const done = ref(false)

async function submit({ signInName, password, code }: Typed): Promise<void> {
  await signedIn.signIn({ signInName, password, code })
  done.value = true
  const next = route.query.next
  await router.push(typeof next === 'string' && /^\/(?![/\\])/.test(next) ? next : '/today')
}
</script>

<template>
  <OpenPage :title="$t('signIn.title')" :lead="$t('signIn.lead')">
    <PersonForm :action="$t('signIn.go')" :password-label="$t('signIn.password')" known :submit="submit" />
  </OpenPage>
</template>
