<script setup lang="ts">
import DateField from '@/shared/DateField.vue'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Comparison, Review } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import { useLoad } from '@/shared/useLoad'
import ShotMap from './ShotMap.vue'
import { useComparisonWords } from './useComparisonWords'
import { mediumDay } from '@/shared/days'

/** This session against an earlier one at the same station and side: maps on one scale, verdicts in words. */
const props = defineProps<{ review: Review }>()
const { t } = useI18n()
const words = useComparisonWords()

const sessions = useLoad(() =>
  answer(api.GET('/api/v1/students/{id}/sessions', { params: { path: { id: props.review.studentId } } })),
)
onMounted(sessions.reload)
/** The sessions that are looked at now, and the day of the first of them. */
const now = computed(() => {
  const { session, selection } = props.review
  return session ? [session.id] : (selection?.sessions ?? [])
})
const firstOfNow = computed(
  () =>
    (sessions.data.value ?? [])
      .filter(({ id }) => now.value.includes(id))
      .map(({ startedAt }) => startedAt)
      .sort()[0] ?? '',
)
const earlier = computed(() =>
  (sessions.data.value ?? []).filter(
    (one) =>
      one.startedAt < firstOfNow.value && one.drills.some((drill) => drill.id === props.review.drillId),
  ),
)
const from = ref('')
const to = ref('')
const NOTHING = ''
const DAYS = 'days'
const options = computed(() => [
  { value: NOTHING, label: t('review.compare.choose') },
  { value: DAYS, label: t('review.compare.days') },
  ...earlier.value.map((one) => ({
    value: one.id,
    label: `${mediumDay(one.startedAt)} · ${one.tableName}`,
  })),
])
const chosen = ref(NOTHING)
/** Both of one question: what is chosen may change while it is asked. */
const {
  data: compared,
  problem,
  reload,
  set,
} = useLoad(async (): Promise<{ before: Review; verdicts: Comparison } | undefined> => {
  if (!chosen.value) return undefined
  const { studentId, drillId, station, mirrored, shotIndex: shot } = props.review
  const to = now.value
  const before = await earlierReview(chosen.value)
  const from = before.session ? [before.session.id] : (before.selection?.sessions ?? [])
  const query = { drillId, station, mirrored, shot, from, to }
  const verdicts = await answer(
    api.GET('/api/v1/students/{id}/comparison', { params: { path: { id: studentId }, query } }),
  )
  return { before, verdicts }
})
watch([chosen, from, to, () => props.review], () => {
  set(undefined)
  void reload()
})

/** One earlier session, or all of some days before the first that is looked at. */
function earlierReview(which: string): Promise<Review> {
  const { studentId, drillId, station, mirrored, shotIndex: shot } = props.review
  if (which !== DAYS) {
    const query = { studentId, drillId, station, mirrored, shot }
    return answer(
      api.GET('/api/v1/sessions/{sessionId}/review', { params: { path: { sessionId: which }, query } }),
    )
  }
  const query = {
    drillId,
    station,
    mirrored,
    shot,
    from: from.value || undefined,
    to: to.value || dayBefore(firstOfNow.value),
  }
  return answer(api.GET('/api/v1/students/{id}/selection', { params: { path: { id: studentId }, query } }))
}

const DAY_MILLISECONDS = 86_400_000
function dayBefore(instant: string): string {
  return new Date(Date.parse(instant) - DAY_MILLISECONDS).toISOString().slice(0, 10)
}

/** One scale for both: a square about the target that holds every landing of either. */
const SMALLEST_MILLIMETRES = 400
const closeUp = computed(() => {
  const both = [props.review, compared.value?.before].filter((one): one is Review => one !== undefined)
  const { target, zone } = props.review.shot
  const reach = both
    .flatMap(({ attempts }) => attempts)
    .flatMap(({ landing, outcome }) => (landing && !isMiss(outcome) ? [landing] : []))
    .map((p) =>
      Math.max(
        Math.abs(p.xMillimetres - target.xMillimetres),
        Math.abs(p.yMillimetres - target.yMillimetres),
      ),
    )
  const half = Math.max(zone?.radiusMillimetres ?? 0, ...reach)
  return { centre: target, sideMillimetres: Math.max(SMALLEST_MILLIMETRES, 2.2 * half) }
})

function isMiss(outcome: string): boolean {
  return outcome.startsWith('MISSED') || outcome === 'OTHER'
}

function heading({ session, selection }: Review): string {
  return session
    ? new Date(session.startedAt).toLocaleDateString(undefined, { dateStyle: 'long' })
    : t('review.sessions', { n: selection?.sessions.length ?? 0 })
}
</script>

<template>
  <section class="compare" data-testid="compare">
    <p v-if="earlier.length === 0" class="quiet">{{ t('review.compare.none') }}</p>
    <template v-else>
      <ChoiceField v-model="chosen" :label="t('review.compare.with')" :options="options" />
      <div v-if="chosen === DAYS" class="days">
        <DateField v-model="from" dense :label="t('review.from')" />
        <DateField v-model="to" dense :label="t('review.to')" />
      </div>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <template v-if="compared">
        <div class="maps">
          <figure v-for="(one, index) in [compared.before, review]" :key="index">
            <figcaption>{{ heading(one) }}</figcaption>
            <ShotMap
              :review="one"
              :shown="one.attempts.filter(({ outcome }) => !isMiss(outcome))"
              :close-up="closeUp"
              :label="heading(one)"
            />
          </figure>
        </div>
        <p v-for="change in compared.verdicts.changed" :key="change">
          {{ t(`review.compare.changed.${change}`) }}
        </p>
        <p v-if="compared.verdicts.orderChanged">{{ t('review.compare.orderChanged') }}</p>
        <ul>
          <li v-for="line in words(compared.verdicts)" :key="line.words">
            <strong>{{ t(`review.compare.verdict.${line.verdict}`) }}</strong> {{ line.words }}
          </li>
        </ul>
        <p class="small quiet">{{ t('review.compare.why') }}</p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.compare > :deep(label) {
  max-width: 420px;
}
.maps {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 340px));
  gap: 16px;
  margin: 10px 0;
}
figure {
  margin: 0;
  aspect-ratio: 1;
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
}
@media (max-width: 620px) {
  .maps {
    grid-template-columns: 1fr;
  }
}
</style>
