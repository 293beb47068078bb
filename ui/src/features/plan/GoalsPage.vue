<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Goal, Goals } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import ChooseStudent from '@/shared/ChooseStudent.vue'
import DateField from '@/shared/DateField.vue'
import PageState from '@/shared/PageState.vue'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import { useUnsaved } from '@/shared/useUnsaved'
import { TWO_SIDED_95, useUnits } from '@/shared/units'

/** What a student works towards in each skill, whether that is realistic, and how much the skill counts in their plans. */
const { t } = useI18n()
const { figure } = useUnits()
const { studentId } = useAboutStudent()
const { busy: saving, problem: notSaved, run } = useAction()
const said = ref('')
const WEIGHTS = { none: 0, half: 0.5, one: 1, two: 2, three: 3 } as const
type Weight = keyof typeof WEIGHTS
const NAMES = Object.keys(WEIGHTS) as Weight[]

interface Row {
  skill: Goal['skill']
  weight: number
  goalGrade?: number
  byDay: string
}
const rows = ref<Row[]>([])
const path = computed(() => ({ id: studentId.value ?? '' }))
const { data, busy, problem, reload, set } = useLoad(
  () => answer(api.GET('/api/v1/students/{id}/goals', { params: { path: path.value } })),
  (goals) => (rows.value = rowsOf(goals)),
)
const unsaved = computed(
  () => data.value !== undefined && JSON.stringify(rows.value) !== JSON.stringify(rowsOf(data.value)),
)
useUnsaved(() => unsaved.value)

function rowsOf({ skills }: Goals): Row[] {
  return skills.map(({ skill, weight, goalGrade, byDay }) => ({
    skill,
    weight,
    goalGrade,
    byDay: byDay ?? '',
  }))
}
onMounted(() => studentId.value && reload())
watch(studentId, (id) => {
  said.value = ''
  if (id) void reload()
})

function known(skill: string): Goal | undefined {
  return data.value?.skills.find((one) => one.skill === skill)
}

const NO_GOAL = 'none'
const [LOWEST, HIGHEST, STEP] = [200, 900, 50]

/** In steps; one that was set otherwise stays to be chosen. */
function grades(own?: number): { value: string; label: string }[] {
  const steps = Array.from({ length: (HIGHEST - LOWEST) / STEP + 1 }, (_, at) => LOWEST + at * STEP)
  const all = own && !steps.includes(own) ? [...steps, own].sort((a, b) => a - b) : steps
  return [
    { value: NO_GOAL, label: t('plan.goal.noGoal') },
    ...all.map((grade) => ({ value: String(grade), label: String(grade) })),
  ]
}

function now(skill: string): string {
  const one = known(skill)
  return one?.grade === undefined
    ? t('plan.goal.noResults')
    : `${figure(one.grade, 0)} ± ${figure(TWO_SIDED_95 * (one.gradeSe ?? 0), 0)}`
}

function outlook(skill: string): string {
  const one = known(skill)
  if (!one?.outlook) return ''
  return t(`plan.goal.${one.outlook}`, {
    expected: figure(one.expected ?? 0, 0),
    low: figure(one.expectedLow ?? 0, 0),
    high: figure(one.expectedHigh ?? 0, 0),
  })
}

async function save(): Promise<void> {
  said.value = ''
  const skills = rows.value.map(({ skill, weight, goalGrade, byDay }) => ({
    skill,
    weight,
    ...(goalGrade ? { grade: goalGrade } : {}),
    ...(goalGrade && byDay ? { byDay } : {}),
  }))
  const sent = JSON.stringify(rows.value)
  await run(async () => {
    const params = { path: path.value }
    const kept = await answer(api.PUT('/api/v1/students/{id}/goals', { params, body: { skills } }))
    // Somebody else may be chosen meanwhile.
    if (kept.studentId !== studentId.value) return
    set(kept)
    said.value = t('plan.saved')
    // What was changed while it was on its way is still to be saved.
    if (JSON.stringify(rows.value) === sent) rows.value = rowsOf(kept)
  })
}

function nameOf(weight: number): Weight {
  return NAMES.find((one) => WEIGHTS[one] === weight) ?? 'one'
}
</script>

<template>
  <main class="page">
    <h1>{{ t('plan.goal.title', { name: data?.studentName ?? '…' }) }}</h1>
    <ChooseStudent v-if="!studentId" />
    <PageState v-else :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p>
        {{ t('plan.goal.lead') }} <RouterLink to="/plan">{{ t('plan.allPlans') }}</RouterLink>
      </p>
      <form @submit.prevent="save">
        <div
          v-for="row in rows"
          :key="row.skill"
          class="row"
          role="group"
          :aria-label="t(`skill.${row.skill}`)"
        >
          <strong class="skill">{{ t(`skill.${row.skill}`) }}</strong>
          <p class="bare now">
            <span class="small quiet">{{ t('plan.goal.now') }}</span>
            <span class="figures">{{ now(row.skill) }}</span>
          </p>
          <ChoiceField
            :model-value="nameOf(row.weight)"
            :label="t('plan.goal.weight')"
            :options="NAMES.map((value) => ({ value, label: t(`plan.goal.weights.${value}`) }))"
            @update:model-value="(weight) => (row.weight = WEIGHTS[weight ?? 'one'])"
          />
          <ChoiceField
            :model-value="String(row.goalGrade ?? NO_GOAL)"
            :label="t('plan.goal.grade')"
            :options="grades(row.goalGrade)"
            @update:model-value="(grade) => (row.goalGrade = grade === NO_GOAL ? undefined : Number(grade))"
          />
          <DateField v-if="row.goalGrade" v-model="row.byDay" dense :label="t('plan.goal.byDay')" />
          <span v-else></span>
          <p class="bare outlook" :class="known(row.skill)?.outlook">{{ outlook(row.skill) }}</p>
        </div>
        <p v-if="notSaved" role="alert" class="problem">{{ notSaved }}</p>
        <Button type="submit" :label="t('plan.save')" :loading="saving" />
        <span role="status" class="quiet said">{{ unsaved ? t('plan.unsaved') : said }}</span>
        <p class="small quiet">{{ t('plan.goal.basis') }}</p>
      </form>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 1200px;
}
.row {
  display: grid;
  grid-template-columns: 100px 100px 130px 120px 170px minmax(0, 1fr);
  gap: 8px 20px;
  align-items: end;
  padding: 10px 0;
  border-top: 1px solid var(--hairline);
}
.skill {
  display: block;
  padding-bottom: 8px;
  font-size: 18px;
}
.skill::first-letter {
  text-transform: uppercase;
}
.now {
  display: grid;
}
.outlook.UNLIKELY {
  color: var(--brick-text);
}
.said {
  margin-left: 14px;
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: 1fr 1fr;
  }
  .outlook {
    grid-column: 1 / -1;
  }
}
</style>
