<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { SkillInGroup, StudentInGroup } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { daysSince } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'
import { TWO_SIDED_95, useUnits } from '@/shared/units'
import ProgressTabs from './ProgressTabs.vue'

/** The coach's students side by side: who stands where, who is due, who stands still. */
const { t } = useI18n()
const { figure } = useUnits()
const router = useRouter()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/group-progress')))
onMounted(reload)

function of(student: StudentInGroup, skill: string): SkillInGroup | undefined {
  return student.skills.find((one) => one.skill === skill)
}

function left(grade: number): string {
  return `${(Math.min(1000, Math.max(0, grade)) / 10).toFixed(1)}%`
}

function bar({ grade, gradeSe }: SkillInGroup) {
  const low = Math.max(0, grade - TWO_SIDED_95 * gradeSe)
  const high = Math.min(1000, grade + TWO_SIDED_95 * gradeSe)
  return { left: left(low), width: `${((high - low) / 10).toFixed(1)}%` }
}

function lately(one: SkillInGroup): string {
  if (one.change === undefined) return t('progress.group.few')
  if (one.verdict !== 'NO_CLEAR_CHANGE_YET') return t(`progress.group.${one.verdict}`)
  return t(one.aboutSame ? 'progress.group.same' : 'progress.group.unclear')
}

/** Everything that the bar and the word leave out, for whoever points at it. */
function details(one: SkillInGroup): string {
  const grade = t('progress.group.grade', {
    grade: figure(one.grade, 0),
    half: figure(TWO_SIDED_95 * one.gradeSe, 0),
    n: one.tries,
  })
  return one.change === undefined
    ? grade
    : `${grade} ${t('progress.change', {
        change: figure(one.change, 0),
        lower: figure(one.changeLower ?? 0, 0),
        upper: figure(one.changeUpper ?? 0, 0),
      })}`
}

function last(student: StudentInGroup): string {
  if (!student.lastPlayedAt) return t('today.neverPractised')
  const days = Math.max(0, daysSince(student.lastPlayedAt))
  return t(
    'progress.group.last',
    { days, sessions: student.sessionsLately, attempts: student.attemptsLately },
    days,
  )
}

const verdicts = computed(() =>
  (data.value?.students ?? []).reduce((sum, student) => sum + student.skills.length, 0),
)

async function open(student: StudentInGroup): Promise<void> {
  await router.push({ path: '/progress', query: { student: student.studentId } })
}
</script>

<template>
  <main class="page">
    <ProgressTabs />
    <h1>{{ t('progress.group.title') }}</h1>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="data?.students.length === 0">{{ t('today.empty') }}</p>
      <template v-else-if="data">
        <div class="scroll-aside">
          <table class="lines">
            <thead>
              <tr>
                <th scope="col">{{ t('progress.group.student') }}</th>
                <th v-for="skill in data.skills" :key="skill" scope="col" class="skill">
                  {{ t(`skill.${skill}`) }}
                  <span class="ends small quiet figures"
                    ><span>0</span><span>500</span><span>1000</span></span
                  >
                </th>
                <th scope="col">{{ t('progress.group.due') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="student in data.students" :key="student.studentId">
                <th scope="row">
                  <button type="button" class="link" @click="open(student)">{{ student.name }}</button>
                  <span class="small quiet">{{ last(student) }}</span>
                </th>
                <td v-for="skill in data.skills" :key="skill">
                  <div v-if="of(student, skill)" class="cell" :title="details(of(student, skill)!)">
                    <div class="scale" role="img" :aria-label="details(of(student, skill)!)">
                      <i class="middle"></i>
                      <i class="interval" :style="bar(of(student, skill)!)"></i>
                      <i class="dot" :style="{ left: left(of(student, skill)!.grade) }"></i>
                    </div>
                    <span class="figures"
                      ><strong>{{ figure(of(student, skill)!.grade, 0) }}</strong>
                      <span class="small quiet">
                        {{ of(student, skill)!.note ? t(`progress.note.${of(student, skill)!.note}`) : '' }}
                        {{ lately(of(student, skill)!) }}</span
                      ></span
                    >
                  </div>
                  <span v-else class="quiet">–</span>
                </td>
                <td class="small">
                  <ul v-if="student.due.length" class="bare">
                    <li v-for="one in student.due.slice(0, 3)" :key="one.drillId">
                      <RouterLink :to="`/drills/${one.drillId}`">{{ one.drillTitle }}</RouterLink>
                      <span class="quiet figures since">
                        {{
                          t('progress.group.dueSince', { days: figure(one.daysSince, 0) }, one.intervalDays)
                        }}</span
                      >
                    </li>
                    <li v-if="student.due.length > 3" class="quiet">
                      {{ t('progress.group.more', { n: student.due.length - 3 }) }}
                    </li>
                  </ul>
                  <span v-else class="quiet">–</span>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="small quiet">{{ t('progress.group.why', { n: verdicts }) }}</p>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px 24px;
}
th,
td {
  font-weight: 400;
  vertical-align: top;
}
thead th {
  font-weight: 600;
}
tbody th {
  min-width: 150px;
  max-width: 200px;
}
.skill {
  min-width: 118px;
}
.skill::first-letter {
  text-transform: uppercase;
}
.ends {
  display: flex;
  justify-content: space-between;
  font-weight: 400;
}
.scale {
  position: relative;
  height: 16px;
  border-bottom: 1px solid var(--ink-second);
}
.scale i {
  position: absolute;
}
.middle {
  left: 50%;
  top: 6px;
  bottom: 0;
  border-left: 1px solid var(--hairline);
}
.interval {
  top: 6px;
  height: 4px;
  background: var(--ink-second);
}
.dot {
  top: 2px;
  width: 12px;
  height: 12px;
  margin-left: -6px;
  border-radius: 50%;
  background: var(--ink);
}
.link {
  display: block;
  padding: 0;
  border: 0;
  min-height: 32px;
  background: none;
  color: var(--amber-text);
  font: inherit;
  font-weight: 600;
  text-align: left;
  text-decoration: underline;
  cursor: pointer;
}
li {
  min-width: 170px;
}
.since {
  margin-left: 6px;
}
</style>
