<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Occurrence, Plan } from '@/api/types'
import { dayFromToday, ZONE } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'
import { useStartPlan } from '@/shared/useStartPlan'
import { useUnits } from '@/shared/units'

/** Who comes when, and what is planned for today, one step from the table; nothing where there is nothing. */
const props = defineProps<{ alone: boolean }>()
const { t } = useI18n()
const { figure } = useUnits()
const router = useRouter()
const { starting, problem, start } = useStartPlan()
const {
  data,
  problem: notLoaded,
  reload,
} = useLoad(async () => {
  const day = dayFromToday(0)
  const query = { from: day, to: day }
  const [plans, calendar] = await Promise.all([
    answer(api.GET('/api/v1/plans', { params: { query: { ...query, zone: ZONE } } })),
    answer(api.GET('/api/v1/calendar', { params: { query } })),
  ])
  return { plans: plans.filter(({ onDay }) => onDay), lessons: calendar.entries.filter(isComing) }
})
onMounted(reload)

interface Row {
  lesson?: Occurrence
  plan?: Plan
}

function isComing({ kind, startsAt, students }: Occurrence): boolean {
  return (kind === 'LESSON' || kind === 'PRACTICE') && startsAt !== undefined && students.length > 0
}

/** A plan goes with the lesson whose students it is for. */
function belongs(plan: Plan, lesson: Occurrence): boolean {
  return plan.students.every(({ studentId }) => lesson.students.some((one) => one.studentId === studentId))
}

const rows = computed<Row[]>(() => {
  const { plans = [], lessons = [] } = data.value ?? {}
  const withLesson = lessons.flatMap((lesson): Row[] => {
    const its = plans.filter((plan) => belongs(plan, lesson))
    return its.length ? its.map((plan) => ({ lesson, plan })) : [{ lesson }]
  })
  const alone = plans.filter((plan) => !lessons.some((lesson) => belongs(plan, lesson)))
  return [...withLesson, ...alone.map((plan) => ({ plan }))]
})

function who({ lesson, plan }: Row): string {
  const title = lesson?.title ?? plan?.title ?? ''
  if (props.alone) return lesson?.coach ? `${title} (${lesson.coach})` : title
  return (lesson?.students ?? plan?.students ?? []).map(({ name }) => name).join(', ')
}

function beside({ lesson, plan }: Row): string {
  return [props.alone ? '' : (lesson?.title ?? plan?.title), lesson?.tableName].filter(Boolean).join(', ')
}

function drills(plan: Plan): string {
  return plan.items
    .map(({ title, item, ticked }) => `${title ?? item.drillId}${ticked ? ' ✓' : ''}`)
    .join(', ')
}

function planIt(lesson: Occurrence): void {
  const students = lesson.students.map(({ studentId }) => studentId).join(',')
  void router.push({
    path: '/plan/new',
    query: { for: students, day: lesson.day, minutes: lesson.minutes },
  })
}
</script>

<template>
  <p v-if="notLoaded" role="alert" class="small">{{ notLoaded }}</p>
  <section v-if="rows.length" class="plans">
    <h2>{{ t('plan.plannedToday') }}</h2>
    <ul class="bare">
      <li v-for="row in rows" :key="`${row.lesson?.entryId} ${row.plan?.id}`">
        <strong class="figures">{{ row.lesson?.starts.slice(11, 16) }}</strong>
        <div>
          <RouterLink :to="row.plan ? `/plan/${row.plan.id}` : '/plan/calendar'">{{ who(row) }}</RouterLink>
          <span class="small quiet">{{ beside(row) }}</span>
          <p v-if="row.plan" class="bare small">
            {{ row.lesson || alone ? `${row.plan.title}, ` : '' }}{{ figure(row.plan.minutes, 0) }} min:
            {{ drills(row.plan) }}
          </p>
          <p v-else class="bare small quiet">{{ t('calendar.noPlanYet') }}</p>
        </div>
        <span v-if="row.plan?.done" class="quiet">{{ t('plan.done') }}</span>
        <Button v-else-if="row.plan" :label="t('plan.start')" :disabled="starting" @click="start(row.plan)" />
        <Button
          v-else-if="row.lesson && !alone"
          severity="secondary"
          :label="t('calendar.planIt')"
          @click="planIt(row.lesson)"
        />
      </li>
    </ul>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </section>
</template>

<style scoped>
.plans {
  margin: 12px 0;
  padding: 10px 16px;
  border-left: 4px solid var(--amber);
  background: var(--paper-raised);
}
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 16px;
  align-items: center;
  padding: 6px 0;
}
a {
  font-weight: 600;
  margin-right: 10px;
}
</style>
