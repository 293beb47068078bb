<script setup lang="ts">
import Button from 'primevue/button'
import { ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { BusyLook } from '@/api/types'
import { dateOf } from '@/shared/days'
import FileField from '@/shared/FileField.vue'
import { useAction } from '@/shared/useAction'
import { hourIn } from './entryBody'

/** Busy times from a file of another calendar, after a look at what it holds. */
defineProps<{ busyTimes: number }>()
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const { busy, problem, run } = useAction()
const text = ref('')
const look = shallowRef<BusyLook>()

const send = (dryRun: boolean) =>
  answer(api.POST('/api/v1/calendar-import', { params: { query: { dryRun } }, body: { text: text.value } }))

async function choose(file: File): Promise<void> {
  look.value = undefined
  problem.value = ''
  text.value = await file.text()
  await run(async () => {
    look.value = await send(true)
  })
}

async function take(): Promise<void> {
  const well = await run(async () => {
    look.value = await send(false)
  })
  if (well) emit('changed')
}

async function forget(): Promise<void> {
  look.value = undefined
  if (await run(() => answer(api.DELETE('/api/v1/calendar-import')))) emit('changed')
}

function time({ starts, ends }: BusyLook['next'][number]): string {
  const day = dateOf(starts.slice(0, 'yyyy-mm-dd'.length)).toLocaleDateString('en', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  })
  return `${day}, ${hourIn(starts)} – ${hourIn(ends)}`
}

function left({ free, unreadable }: BusyLook): string {
  return [
    free ? t('calendar.other.free', { n: free }, free) : '',
    unreadable ? t('calendar.other.unreadable', { n: unreadable }, unreadable) : '',
  ]
    .filter(Boolean)
    .join(', ')
}
</script>

<template>
  <section>
    <h2>{{ t('calendar.other.busy') }}</h2>
    <p class="small quiet">{{ t('calendar.other.busyLead') }}</p>
    <FileField :label="t('calendar.other.choose')" accept=".ics,text/calendar" @chosen="choose" />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <template v-if="look">
      <p role="status">
        {{ look.written ? t('calendar.other.taken') : '' }}
        {{ t('calendar.other.found', { n: look.times }, look.times) }}.
        <span class="quiet">
          {{ t('calendar.other.events', { n: look.events }, look.events)
          }}{{ left(look) ? `; ${left(look)}` : '' }}.
        </span>
        {{ look.cut ? t('calendar.other.more') : '' }}
      </p>
      <ul v-if="!look.written" class="small">
        <li v-for="one in look.next" :key="one.starts">{{ time(one) }}</li>
      </ul>
      <Button
        v-if="!look.written && look.times"
        :loading="busy"
        :label="look.before ? t('calendar.other.replace', { n: look.before }) : t('calendar.other.take')"
        @click="take"
      />
    </template>
    <p v-if="busyTimes">
      <Button
        severity="secondary"
        size="small"
        :disabled="busy"
        :label="t('calendar.other.forget', { n: busyTimes })"
        @click="forget"
      />
    </p>
  </section>
</template>
