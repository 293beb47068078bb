<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, onMounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { EntryBody, EntryScope, Occurrence } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import ChoiceField from '@/shared/ChoiceField.vue'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import { useTables } from '@/shared/useTables'
import CalendarGrid from './CalendarGrid.vue'
import ClashList from './ClashList.vue'
import ClubClock from './ClubClock.vue'
import { bodyOf, type EntryKind } from './entryBody'
import EntryDialog from './EntryDialog.vue'
import OtherCalendars from './OtherCalendars.vue'
import { type Span, useCalendar } from './useCalendar'
import { useClashWords } from './useClashWords'
import { useEntryChanges } from './useEntryChanges'

/** Who comes when, what is practised at home, which table is taken; put, moved and taken away. */
const { t } = useI18n()
const router = useRouter()
const signedIn = useSignedIn()
const calendar = useCalendar()
const changes = useEntryChanges(calendar.reload)
const clashWords = useClashWords()
const { tables } = useTables()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const headCoach = computed(() => signedIn.me?.person.headCoach === true)
const kinds = computed<EntryKind[]>(() =>
  isCoach.value ? ['LESSON', 'PRACTICE', 'TABLE', 'HOLIDAY'] : ['PRACTICE', 'HOLIDAY'],
)
const everybody = useLoad(async () =>
  isCoach.value ? await answer(api.GET('/api/v1/students')) : [(await answer(api.GET('/api/v1/me'))).person],
)
onMounted(everybody.reload)

/** What the dialog is about; a new entry stands nowhere yet. */
const opened = shallowRef<{ body: EntryBody; stands?: Occurrence }>()
const USUAL_MINUTES = 60

function open(one: Occurrence): void {
  changes.problem.value = ''
  if (one.kind !== 'TAKEN' && one.kind !== 'BUSY') opened.value = { body: bodyOf(one), stands: one }
}

function begin(day: string, at = '18:00'): void {
  const kind = kinds.value[0] ?? 'PRACTICE'
  const me = signedIn.me?.person.id
  changes.problem.value = ''
  opened.value = {
    body: {
      kind,
      title: t(`calendar.usualTitle.${kind}`),
      firstDay: day,
      startsAt: `${at}:00`,
      minutes: USUAL_MINUTES,
      studentIds: isCoach.value || !me ? [] : [me],
      everyone: false,
    },
  }
}

async function save(body: EntryBody, scope: EntryScope): Promise<void> {
  const stands = opened.value?.stands
  const well = stands ? await changes.change(stands, scope, body) : await changes.create(body)
  if (well) opened.value = undefined
}

async function remove(scope: EntryScope): Promise<void> {
  const stands = opened.value?.stands
  if (stands && (await changes.remove(stands, scope))) opened.value = undefined
}

function planIt(one: Occurrence): void {
  const students = one.students.map(({ studentId }) => studentId).join(',')
  void router.push({ path: '/plan/new', query: { for: students, day: one.day, minutes: one.minutes } })
}
</script>

<template>
  <main class="page">
    <header>
      <h1>{{ calendar.heading.value }}</h1>
      <span class="steps">
        <Button
          severity="secondary"
          label="‹"
          :aria-label="t('calendar.previous')"
          @click="calendar.go(-1)"
        />
        <Button severity="secondary" :label="t('calendar.today')" @click="calendar.goToday()" />
        <Button severity="secondary" label="›" :aria-label="t('calendar.next')" @click="calendar.go(1)" />
      </span>
      <ChoiceField
        :model-value="calendar.span.value"
        hide-label
        :label="t('calendar.view')"
        :options="(['month', 'week'] as const).map((value) => ({ value, label: t(`calendar.${value}`) }))"
        @update:model-value="(span: Span | undefined) => (calendar.span.value = span ?? 'month')"
      />
      <Button
        :label="t('calendar.new')"
        :disabled="!calendar.data.value"
        @click="begin(calendar.usualDay.value)"
      />
      <RouterLink to="/plan">{{ t('calendar.plans') }}</RouterLink>
    </header>
    <p v-if="changes.lastMove.value" role="status" class="moved">
      {{ t('calendar.moved', { title: changes.lastMove.value.title, when: changes.lastMove.value.when }) }}
      <Button severity="secondary" size="small" :label="t('calendar.undo')" @click="changes.undo" />
    </p>
    <p v-if="changes.problem.value && !opened" role="alert" class="problem">{{ changes.problem.value }}</p>
    <PageState
      :busy="calendar.busy.value"
      :problem="calendar.problem.value"
      :ready="calendar.data.value !== undefined"
      @retry="calendar.reload"
    >
      <template v-if="calendar.data.value">
        <ClashList :calendar="calendar.data.value.calendar" @open="open" />
        <p v-if="calendar.data.value.calendar.cut" role="status">{{ t('calendar.cut') }}</p>
        <CalendarGrid
          :calendar="calendar.data.value.calendar"
          :span="calendar.data.value.span"
          :anchor="calendar.data.value.anchor"
          :narrow="calendar.narrow.value"
          @open="open"
          @open-plan="(id) => router.push(`/plan/${id}`)"
          @pick="begin"
          @week="calendar.showWeek"
          @move="changes.move"
          @move-plan="changes.movePlan"
        />
        <ClubClock
          :zone="calendar.data.value.calendar.zone"
          :may-change="headCoach"
          @changed="calendar.reload"
        />
        <OtherCalendars :busy-times="calendar.data.value.calendar.busyTimes" @changed="calendar.reload" />
      </template>
    </PageState>
    <EntryDialog
      v-if="opened"
      :key="opened.stands?.entryId ?? 'new'"
      :body="opened.body"
      :stands="opened.stands"
      :kinds="kinds"
      :everybody="everybody.data.value ?? []"
      :tables="tables"
      :head-coach="headCoach"
      :busy="changes.busy.value"
      :problem="changes.problem.value"
      @save="save"
      @remove="remove"
      @close="opened = undefined"
    >
      <template #clash="{ clash }">{{ clashWords(clash) }}</template>
      <template #keys>
        <Button
          v-if="isCoach && opened.stands?.kind === 'LESSON' && opened.stands.mine"
          type="button"
          severity="secondary"
          :label="t('calendar.planIt')"
          @click="planIt(opened.stands)"
        />
      </template>
    </EntryDialog>
    <Dialog
      v-if="changes.asksWhich.value"
      visible
      modal
      :header="t('calendar.moveWhich', { title: changes.asksWhich.value.one.title })"
      :style="{ width: 'min(460px, 94vw)' }"
      @update:visible="changes.asksWhich.value = undefined"
    >
      <p class="which">
        <Button
          v-for="scope in ['ONE', 'FOLLOWING', 'ALL'] as const"
          :key="scope"
          :severity="scope === 'ONE' ? undefined : 'secondary'"
          :label="t(`calendar.scopes.${scope}`)"
          @click="changes.change(changes.asksWhich.value.one, scope, changes.asksWhich.value.body)"
        />
      </p>
    </Dialog>
  </main>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin-bottom: 10px;
}
h1 {
  min-width: 8em;
  margin: 0;
}
.steps {
  display: flex;
  gap: 4px;
}
.moved {
  display: flex;
  gap: 12px;
  align-items: center;
}
.which {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
