<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Plan } from '@/api/types'
import { useHand } from '@/shared/useHand'
import PageState from '@/shared/PageState.vue'
import { dateOf, dayFromToday as day, daysSince, ZONE } from '@/shared/days'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import { useStartPlan } from '@/shared/useStartPlan'
import BlockList from './BlockList.vue'

/** Everybody's plans, or the chosen student's: today first, then later, then what is over; patterns beside them. */
const { t } = useI18n()
const { figure } = useUnits()
const router = useRouter()
const hand = useHand()
const { isCoach, studentId } = useAboutStudent()
const { starting, problem: startProblem, start } = useStartPlan()

const DAYS_BACK = 28
const DAYS_ON = 90

const { data, busy, problem, reload } = useLoad(() =>
  answer(
    api.GET('/api/v1/plans', {
      params: {
        query: {
          from: day(-DAYS_BACK),
          to: day(DAYS_ON),
          zone: ZONE,
          ...(studentId.value ? { studentId: studentId.value } : {}),
        },
      },
    }),
  ),
)
const patterns = useLoad(() =>
  answer(api.GET('/api/v1/plan-patterns', { params: { query: { zone: ZONE } } })),
)
onMounted(() => Promise.all([reload(), patterns.reload()]))
watch(studentId, reload)

const groups = computed(() => {
  const plans = data.value ?? []
  const today = day(0)
  return [
    { key: 'upcoming', plans: plans.filter(({ onDay }) => onDay && onDay >= today) },
    { key: 'noDay', plans: plans.filter(({ onDay }) => !onDay) },
    { key: 'before', plans: plans.filter(({ onDay }) => onDay && onDay < today).reverse() },
  ].filter((one) => one.plans.length > 0)
})

function when(plan: Plan): string {
  if (!plan.onDay) return ''
  return daysSince(`${plan.onDay}T12:00:00`) === 0
    ? t('plan.today')
    : dateOf(plan.onDay).toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' })
}

function come(plan: Plan): string {
  const done = plan.items.filter(({ ticked }) => ticked).length
  if (plan.done) return t('plan.done')
  return done ? t('plan.progress', { done, n: plan.items.length }) : ''
}

function isFinished(plan: Plan): boolean {
  return plan.done || (plan.onDay !== undefined && plan.onDay < day(0))
}
</script>

<template>
  <main class="page">
    <header>
      <h1>{{ t('plan.title') }}</h1>
      <Button
        :label="
          isCoach && studentId && hand.hand.studentName
            ? t('plan.newFor', { name: hand.hand.studentName })
            : t('plan.new')
        "
        @click="router.push('/plan/new')"
      />
      <RouterLink to="/plan/calendar">{{ t('plan.calendar') }}</RouterLink>
      <RouterLink to="/racks">{{ t('racks.link') }}</RouterLink>
      <RouterLink v-if="studentId" to="/plan/goals">{{ t('plan.goals') }}</RouterLink>
    </header>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="groups.length === 0">{{ t('plan.none') }}</p>
      <p v-if="startProblem" role="alert" class="problem">{{ startProblem }}</p>
      <section v-for="group in groups" :key="group.key">
        <h2>{{ t(`plan.${group.key}`) }}</h2>
        <ul class="bare">
          <li v-for="plan in group.plans" :key="plan.id">
            <strong class="figures">{{ when(plan) }}</strong>
            <div>
              <RouterLink :to="`/plan/${plan.id}`" class="title">{{ plan.title }}</RouterLink>
              <span v-if="isCoach" class="small">
                {{ plan.students.map(({ name }) => name).join(', ') }}
              </span>
              <p class="bare small quiet">
                {{ figure(plan.minutes, 0) }} min:
                {{ plan.items.map(({ title, item }) => title ?? item.drillId).join(', ') }}
              </p>
            </div>
            <span class="small figures">{{ come(plan) }}</span>
            <Button
              v-if="!isFinished(plan)"
              :label="t('plan.start')"
              :disabled="starting"
              :severity="when(plan) === t('plan.today') ? undefined : 'secondary'"
              @click="start(plan)"
            />
            <RouterLink v-else :to="{ path: '/plan/new', query: { from: plan.id } }">{{
              t('plan.copy')
            }}</RouterLink>
          </li>
        </ul>
      </section>
      <BlockList :student-id="studentId" :is-coach="isCoach" @planned="reload" />
      <section>
        <h2>{{ t('plan.patterns') }}</h2>
        <p v-if="patterns.problem.value" role="alert">{{ patterns.problem.value }}</p>
        <p v-if="patterns.data.value?.length === 0" class="small quiet">{{ t('plan.nonePatterns') }}</p>
        <ul class="bare">
          <li v-for="plan in patterns.data.value" :key="plan.id">
            <span></span>
            <div>
              <RouterLink :to="`/plan/${plan.id}`" class="title">{{ plan.title }}</RouterLink>
              <p class="bare small quiet">
                {{ figure(plan.minutes, 0) }} min:
                {{ plan.items.map(({ title, item }) => title ?? item.drillId).join(', ') }}
              </p>
            </div>
            <span></span>
            <RouterLink :to="{ path: '/plan/new', query: { from: plan.id } }">{{ t('plan.use') }}</RouterLink>
          </li>
        </ul>
      </section>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 1100px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: center;
}
h2 {
  margin: 22px 0 6px;
}
li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto auto;
  gap: 4px 20px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--hairline);
}
.title {
  font-weight: 600;
  font-size: 18px;
  margin-right: 12px;
}
@media (max-width: 620px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  li > strong {
    grid-column: 1 / -1;
  }
}
</style>
