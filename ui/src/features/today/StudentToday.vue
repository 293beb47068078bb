<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import type { StudentInGroup, StudentLine } from '@/api/types'
import { answer, api } from '@/api/client'
import { dateOf, daysSince } from '@/shared/days'
import { firstToLearnFrom } from '@/shared/nextStation'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import { useStartDrill } from '@/shared/useStartDrill'

/** One student's line: what needs attention, what was done last, and the one step to the table. */
const props = defineProps<{ line: StudentLine; progress?: StudentInGroup; alone: boolean }>()
const { t } = useI18n()
const { figure } = useUnits()
const router = useRouter()
const hand = useHand()
const { starting, problem, start } = useStartDrill()

const LONG_AWAY_DAYS = 14
/** As long as the server leaves a session open. */
const EVENING_MILLISECONDS = 6 * 3_600_000

function take(sessionId?: string): void {
  hand.take({ studentId: props.line.student.id, studentName: props.line.student.name, sessionId })
}

/** Of today, or of an evening that has gone past midnight; an older one closes by itself. */
function isOfThisEvening(startedAt: string): boolean {
  return daysSince(startedAt) <= 0 || Date.now() - Date.parse(startedAt) < EVENING_MILLISECONDS
}

const underWay = computed(() =>
  props.line.sessions.find(({ session }) => !session.closedAt && isOfThisEvening(session.startedAt)),
)
/** The last one in which something was recorded. */
const last = computed(
  () => props.line.sessions.find(({ attempts }) => attempts > 0) ?? props.line.sessions[0],
)
const due = computed(() => props.progress?.due[0])
/** A student's own first thing. */
const next = useLoad(async () => {
  if (!props.alone) return undefined
  const found = await answer(
    api.GET('/api/v1/students/{id}/next-stations', { params: { path: { id: props.line.student.id } } }),
  )
  return firstToLearnFrom(found.stations)
})
onMounted(next.reload)
/** Where nothing is due: what comes next, or what was played last. */
const familiar = computed(() => {
  const one = next.data.value
  if (one) return { id: one.drillId, title: one.drillTitle, station: one.station }
  const played = last.value?.session.drills[0]
  return played && { id: played.id, title: played.title, station: undefined }
})

const attention = computed(() => {
  const words: string[] = []
  const played = props.progress?.lastPlayedAt
  if (played) {
    const days = daysSince(played)
    if (days >= LONG_AWAY_DAYS) words.push(t('today.away', { days }))
  }
  const changed = (verdict: string) =>
    (props.progress?.skills ?? [])
      .filter((one) => one.change !== undefined && one.verdict === verdict)
      .map((one) => t(`skill.${one.skill}`))
      .join(', ')
  const [better, worse] = [changed('BETTER'), changed('WORSE')]
  if (better) words.push(t('today.better', { skills: better }))
  if (worse) words.push(t('today.worse', { skills: worse }))
  const same = (props.progress?.skills ?? []).filter((one) => one.aboutSame)
  if (same.length)
    words.push(t('today.same', { skills: same.map((one) => t(`skill.${one.skill}`)).join(', ') }))
  return words
})

function when(instant: string): string {
  const days = daysSince(instant)
  if (days <= 0) return t('today.today')
  if (days === 1) return t('today.yesterday')
  return dateOf(instant).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' })
}

async function begin(drillId: string, station?: number): Promise<void> {
  await start({ id: props.line.student.id, name: props.line.student.name }, drillId, station)
}

async function another(): Promise<void> {
  take()
  await router.push('/drills')
}
</script>

<template>
  <li class="student" :class="{ alone }">
    <div class="person">
      <h2>
        <RouterLink :to="{ path: '/progress', query: alone ? {} : { student: line.student.id } }">{{
          line.student.name
        }}</RouterLink>
      </h2>
      <span v-if="!line.student.canSignIn" class="small quiet">{{ $t('people.noPassword') }}</span>
      <ul class="bare small">
        <li v-for="words in attention" :key="words">{{ words }}</li>
      </ul>
    </div>
    <div class="due">
      <p v-if="due" class="bare">
        <span class="small quiet">{{ $t('today.due') }}</span>
        <RouterLink
          :to="{ path: `/drills/${due.drillId}`, query: alone ? {} : { student: line.student.id } }"
          >{{ due.drillTitle }}</RouterLink
        >
        <span class="small quiet figures">{{
          $t('progress.group.dueSince', { days: figure(due.daysSince, 0) }, due.intervalDays)
        }}</span>
      </p>
      <p v-else-if="progress" class="bare quiet small">{{ $t('today.nothingDue') }}</p>
    </div>
    <div class="last">
      <p v-if="last" class="bare">
        <span class="small quiet">{{ $t('today.last', { when: when(last.session.startedAt) }) }}</span>
        <RouterLink
          :to="{ path: `/review/${last.session.id}`, query: alone ? {} : { student: line.student.id } }"
          >{{ last.session.drills.map((one) => one.title).join(', ') }}</RouterLink
        >
        <span class="small figures">{{
          last.attempts ? $t('today.counts', last) : $t('sessions.nothingRecorded')
        }}</span>
      </p>
      <p v-else class="bare quiet">{{ $t('today.neverPractised') }}</p>
    </div>
    <div class="act">
      <RouterLink
        v-if="underWay"
        :to="`/table/${underWay.session.id}`"
        class="go main"
        @click="take(underWay.session.id)"
        >{{ $t('today.goOn') }}</RouterLink
      >
      <button v-else-if="due" type="button" class="go main" :disabled="starting" @click="begin(due.drillId)">
        {{ $t('today.startDue', { drill: due.drillTitle }) }}
      </button>
      <button
        v-else-if="familiar"
        type="button"
        class="go main"
        :disabled="starting"
        @click="begin(familiar.id, familiar.station)"
      >
        {{ $t('today.startDue', { drill: familiar.title }) }}
      </button>
      <button type="button" class="go" :class="{ main: !underWay && !due && !familiar }" @click="another">
        {{ $t('today.start') }}
      </button>
      <p v-if="problem" role="alert" class="small problem">{{ problem }}</p>
    </div>
  </li>
</template>

<style scoped>
.student {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) minmax(170px, 1.1fr) minmax(180px, 1.1fr) minmax(330px, 1.6fr);
  gap: 8px 24px;
  align-items: start;
  padding: 14px 0;
  border-top: 1px solid var(--hairline);
}
.person h2 {
  overflow-wrap: anywhere;
}
.person a {
  color: inherit;
  text-decoration-color: var(--hairline);
}
.due > p,
.last > p {
  display: grid;
  gap: 2px;
}
.act {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
}
.go {
  min-height: 48px;
  display: inline-flex;
  align-items: center;
  justify-content: center;
  padding: 6px 14px;
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  text-align: center;
  text-decoration: none;
  cursor: pointer;
}
.main {
  background: var(--amber-lit);
  border-color: var(--amber-text);
  color: var(--on-amber);
}
.problem {
  margin: 0;
}
@media (max-width: 900px) {
  .student {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 620px) {
  .student {
    grid-template-columns: 1fr;
  }
  /* On a student's own phone the first thing to practise comes first. */
  .alone .act {
    order: -1;
  }
}
</style>
