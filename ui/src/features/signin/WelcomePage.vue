<script setup lang="ts">
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useSignedIn } from '@/device/useSignedIn'
import OpenPage from './OpenPage.vue'
import PersonForm from './PersonForm.vue'

const signedIn = useSignedIn()
const router = useRouter()

async function submit(body: { name: string; signInName: string; password: string }): Promise<void> {
  signedIn.welcome(await answer(api.POST('/api/v1/club/first-coach', { body })))
  await router.push('/today')
}
</script>

<template>
  <OpenPage :title="$t('welcome.title')" :lead="$t('welcome.lead')">
    <PersonForm
      :action="$t('welcome.go')"
      :password-label="$t('welcome.password')"
      with-name
      :submit="submit"
    />
  </OpenPage>
</template>
