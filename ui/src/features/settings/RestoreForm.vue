<script setup lang="ts">
import Button from 'primevue/button'
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { BackupCompared } from '@/api/types'
import { mediumDay } from '@/shared/days'
import OwnPasswordForm from '@/shared/OwnPasswordForm.vue'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'

/** A backup is looked into, compared with what is there, and put back; the server starts anew with it. */
const props = defineProps<{ name: string; encrypted: boolean }>()
const emit = defineEmits<{ done: [] }>()
const { t } = useI18n()
const { busy, problem, field, run } = useAction()
const compared = shallowRef<BackupCompared>()
const passphrase = ref('')
const starting = ref(false)
const ASK_EVERY_MILLISECONDS = 1500
/** Before that the old server may still answer. */
const STOPS_WITHIN_MILLISECONDS = 5000
let asking: ReturnType<typeof setTimeout> | undefined
onBeforeUnmount(() => clearTimeout(asking))

const path = () => ({ params: { path: { name: props.name } } })

async function look(): Promise<void> {
  await run(async () => {
    compared.value = await answer(
      api.POST('/api/v1/backups/{name}/look', { ...path(), body: { passphrase: passphrase.value } }),
    )
  })
}
async function putBack(password: string): Promise<void> {
  const body = { passphrase: passphrase.value, password }
  const begun = await run(() => answer(api.POST('/api/v1/backups/{name}/restore', { ...path(), body })))
  if (!begun) return
  starting.value = true
  asking = setTimeout(() => void isThere(), STOPS_WITHIN_MILLISECONDS)
}
/** Once it answers again nobody is signed in any more: the page begins from the front. */
async function isThere(): Promise<void> {
  try {
    await answer(api.GET('/api/v1/club'))
    window.location.assign('/sign-in')
  } catch {
    // Not there yet: it is asked again.
    asking = setTimeout(() => void isThere(), ASK_EVERY_MILLISECONDS)
  }
}
</script>

<template>
  <div class="restore">
    <p v-if="starting" role="status" class="bare">{{ t('backup.restoring') }}</p>
    <template v-else>
      <TextField
        v-if="encrypted && !compared"
        v-model="passphrase"
        :label="t('backup.passphrase')"
        :most="200"
      />
      <p class="bare">
        <Button
          v-if="!compared"
          severity="secondary"
          size="small"
          :label="t('backup.look')"
          :loading="busy"
          @click="look"
        />
        <Button text severity="secondary" size="small" :label="t('backup.leave')" @click="emit('done')" />
      </p>
      <template v-if="compared">
        <p class="bare">
          <strong>{{ t('backup.of', { day: mediumDay(compared.madeAt) }) }}</strong>
        </p>
        <table class="lines figures small">
          <thead>
            <tr>
              <th scope="col">{{ t('backup.what') }}</th>
              <th scope="col">{{ t('backup.inIt') }}</th>
              <th scope="col">{{ t('backup.now') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in compared.counts" :key="one.what">
              <th scope="row">{{ one.what }}</th>
              <td>{{ one.inIt }}</td>
              <td>{{ one.now }}</td>
            </tr>
          </tbody>
        </table>
        <p class="bare small">{{ t('backup.aside') }}</p>
        <OwnPasswordForm
          :label="t('backup.putBack')"
          :busy="busy"
          :refused="field === 'password'"
          @sent="putBack"
        />
      </template>
    </template>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </div>
</template>

<style scoped>
.restore {
  flex: 1 1 100%;
  display: grid;
  gap: 10px;
  margin: 8px 0 16px;
  padding: 10px 14px;
  border-left: 4px solid var(--amber);
  background: var(--paper-raised);
}
</style>
