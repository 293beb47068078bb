<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** The secret address of one's calendar: made, copied once, ended. */
const { t } = useI18n()
const { data, problem: notLoaded, reload } = useLoad(() => answer(api.GET('/api/v1/calendar-feed')))
const { busy, problem, run } = useAction()
const path = ref('')
const copied = ref(false)
const address = computed(() => `${window.location.origin}${path.value}`)
onMounted(reload)

async function make(): Promise<void> {
  copied.value = false
  await run(async () => {
    path.value = (await answer(api.POST('/api/v1/calendar-feed'))).path
  })
  await reload()
}

async function revoke(): Promise<void> {
  path.value = ''
  await run(() => answer(api.DELETE('/api/v1/calendar-feed')))
  await reload()
}

/** Where the browser gives no clipboard the address stands there to be marked. */
async function copy(): Promise<void> {
  await run(async () => {
    await navigator.clipboard.writeText(address.value)
    copied.value = true
  })
}

function day(moment: string): string {
  return new Date(moment).toLocaleDateString('en', { day: 'numeric', month: 'long' })
}
</script>

<template>
  <section>
    <h2>{{ t('calendar.other.feed') }}</h2>
    <p class="small quiet">{{ t('calendar.other.feedLead') }}</p>
    <p v-if="path" role="status">{{ t('calendar.other.once') }}</p>
    <p v-if="path" class="address">
      <InputText :model-value="address" readonly fluid :aria-label="t('calendar.other.feed')" />
      <Button :label="t(copied ? 'calendar.other.copied' : 'calendar.other.copy')" @click="copy" />
    </p>
    <p v-else-if="data?.there && data.madeAt" class="small">
      {{ t('calendar.other.made', { day: day(data.madeAt) }) }}
      {{ data.readAt ? t('calendar.other.read', { day: day(data.readAt) }) : t('calendar.other.neverRead') }}
    </p>
    <p class="address">
      <Button
        severity="secondary"
        :loading="busy"
        :label="t(data?.there ? 'calendar.other.again' : 'calendar.other.make')"
        @click="make"
      />
      <Button
        v-if="data?.there"
        severity="secondary"
        :disabled="busy"
        :label="t('calendar.other.revoke')"
        @click="revoke"
      />
      <a href="/api/v1/calendar.ics" download>{{ t('calendar.other.file') }}</a>
    </p>
    <p v-if="data?.there" class="small quiet">{{ t('calendar.other.againHint') }}</p>
    <p v-if="problem || notLoaded" role="alert" class="problem">{{ problem || notLoaded }}</p>
  </section>
</template>

<style scoped>
.address {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
.address .p-inputtext {
  flex: 1 1 240px;
}
</style>
