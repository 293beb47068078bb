<script setup lang="ts">
import { onMounted } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'
import OpenPage from './OpenPage.vue'
import PersonForm from './PersonForm.vue'

const props = defineProps<{ token: string }>()
const signedIn = useSignedIn()
const router = useRouter()
const path = { token: props.token }
const { data, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/invitations/{token}', { params: { path } })),
)
onMounted(reload)

async function submit({ signInName, password }: { signInName: string; password: string }): Promise<void> {
  const call = api.POST('/api/v1/invitations/{token}', { params: { path }, body: { signInName, password } })
  signedIn.welcome(await answer(call))
  await router.push('/today')
}
</script>

<template>
  <OpenPage
    :title="data ? $t('invitation.title', { name: data.name }) : $t('app.name')"
    :lead="problem ? $t('invitation.gone') : $t('invitation.lead')"
  >
    <PersonForm
      v-if="data"
      :action="$t('invitation.go')"
      :password-label="$t('welcome.password')"
      :submit="submit"
    />
  </OpenPage>
</template>
