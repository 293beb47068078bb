<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { renderSVG } from 'uqr'
import { answer, api } from '@/api/client'
import type { AuthenticatorSecret } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import OwnPasswordForm from '@/shared/OwnPasswordForm.vue'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** A code of an authenticator app beside the password: off, being set up, or on. */
const { t } = useI18n()
const OWN = '/api/v1/me/authenticator'
const { data, busy, problem, reload } = useLoad(() => answer(api.GET(OWN)))
const { busy: working, problem: notDone, field, run } = useAction()
onMounted(reload)

const code = ref('')
const secret = shallowRef<AuthenticatorSecret>()
const recovery = ref<string[]>([])

/** Made here: the secret goes to nobody else. */
function picture(uri: string): string {
  return `data:image/svg+xml,${encodeURIComponent(renderSVG(uri, { border: 2 }))}`
}
async function begin(password: string): Promise<void> {
  await run(async () => {
    secret.value = await answer(api.POST(OWN, { body: { password } }))
  })
}
async function confirm(): Promise<void> {
  const well = await run(async () => {
    recovery.value = (await answer(api.PUT(OWN, { body: { code: code.value } }))).recoveryCodes
  })
  if (!well) return
  secret.value = undefined
  code.value = ''
  await reload()
}
async function turnOff(password: string): Promise<void> {
  const well = await run(() => answer(api.POST(`${OWN}/off`, { body: { password } })))
  if (!well) return
  recovery.value = []
  await reload()
}
</script>

<template>
  <section>
    <h2>{{ t('authenticator.title') }}</h2>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <template v-if="data">
        <p class="bare">
          {{ t(data.on ? 'authenticator.on' : 'authenticator.off', { n: data.recoveryCodesLeft }) }}
        </p>
        <div v-if="recovery.length" class="once" role="status">
          <p class="bare">
            <strong>{{ t('authenticator.recovery') }}</strong>
          </p>
          <ul class="bare codes">
            <li v-for="one in recovery" :key="one">
              <code>{{ one }}</code>
            </li>
          </ul>
          <Button severity="secondary" :label="t('authenticator.done')" @click="recovery = []" />
        </div>
        <form v-if="secret" class="stacked" novalidate @submit.prevent="confirm">
          <p class="bare">{{ t('authenticator.scan') }}</p>
          <img :src="picture(secret.uri)" :alt="t('authenticator.qr')" width="168" height="168" />
          <p class="bare small">
            {{ t('authenticator.key') }} <code>{{ secret.secret }}</code>
          </p>
          <TextField v-model="code" :label="t('authenticator.code')" :most="40" />
          <Button type="submit" :label="t('authenticator.confirm')" :loading="working" />
        </form>
        <OwnPasswordForm
          v-else
          :label="t(data.on ? 'authenticator.turnOff' : 'authenticator.begin')"
          :busy="working"
          :refused="field === 'password'"
          @sent="(password) => (data?.on ? turnOff(password) : begin(password))"
        />
        <p v-if="notDone" role="alert" class="problem">{{ notDone }}</p>
      </template>
    </PageState>
  </section>
</template>

<style scoped>
form {
  max-width: 420px;
  margin-top: 8px;
}
img {
  background: var(--white);
}
.once {
  margin: 10px 0;
  padding: 10px 14px;
  border-left: 4px solid var(--amber);
  background: var(--paper-raised);
}
.codes {
  columns: 2;
  margin: 8px 0;
}
code {
  overflow-wrap: anywhere;
}
</style>
