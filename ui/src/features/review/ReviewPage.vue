<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Attempt, Mark, Point } from '@/api/types'
import LookingAt from '@/shared/LookingAt.vue'
import PageState from '@/shared/PageState.vue'
import { useHeadline } from '@/shared/useHeadline'
import { useOffsetWords } from '@/shared/useOffsetWords'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import OutcomeGlyph from '@/table/OutcomeGlyph.vue'
import CompareSessions from './CompareSessions.vue'
import FigureList from './FigureList.vue'
import FindingsList from './FindingsList.vue'
import MarkLegend from './MarkLegend.vue'
import ReviewHeading from './ReviewHeading.vue'
import SelectionDays from './SelectionDays.vue'
import ShotMap from './ShotMap.vue'

/** One session, or without it the selection that the address names. */
const props = defineProps<{ sessionId?: string }>()
const { t } = useI18n()
const { length } = useUnits()
const headline = useHeadline()
const words = useOffsetWords()
const route = useRoute()
const router = useRouter()
const chosenId = ref<string>()
const withMissed = ref(true)

const CLOSE_UP_ROOM = 1.15
const SMALLEST_CLOSE_UP_MILLIMETRES = 400

function text(key: string): string | undefined {
  const value = route.query[key]
  return typeof value === 'string' && value ? value : undefined
}

const { data, busy, problem, reload } = useLoad(() => {
  const [student, drill] = [text('student'), text('drill')]
  const station = text('station')
  const place = station
    ? {
        station: Number(station),
        mirrored: text('mirrored') === 'true',
        shot: Number(text('shot') ?? 0),
      }
    : {}
  if (props.sessionId) {
    return answer(
      api.GET('/api/v1/sessions/{sessionId}/review', {
        params: {
          path: { sessionId: props.sessionId },
          query: { studentId: student, drillId: drill, ...place },
        },
      }),
    )
  }
  return answer(
    api.GET('/api/v1/students/{id}/selection', {
      params: {
        path: { id: student ?? '' },
        query: {
          drillId: drill ?? '',
          from: text('from'),
          to: text('to'),
          pot: text('pot'),
          call: text('call'),
          observation: text('observation'),
          ...place,
        },
      },
    }),
  )
})
onMounted(reload)

const shown = computed(() => (data.value?.attempts ?? []).filter((one) => withMissed.value || !isMiss(one)))

/** The newest in the table: thousands of rows are for the file and not for reading. */
const rows = computed(() => {
  const { attempts = [], newest = [] } = data.value ?? {}
  return newest.map((one, at) => ({ one, index: attempts.length - newest.length + at }))
})

/** Landings that the stroke hardly ever gives: asked about, never taken away. */
const asked = computed(() =>
  (data.value?.findings.askAbout ?? []).map((id) => ({
    id,
    number: (data.value?.attempts ?? []).findIndex((one) => one.id === id) + 1,
  })),
)

/** A square that holds the ring, the ellipses and every landing shown. */
const closeUp = computed(() => {
  const review = data.value
  if (!review) return undefined
  const { target, zone } = review.shot
  const reach = shown.value
    .flatMap(({ landing }) => (landing ? [landing] : []))
    .map((p) =>
      Math.max(
        Math.abs(p.xMillimetres - target.xMillimetres),
        Math.abs(p.yMillimetres - target.yMillimetres),
      ),
    )
  const { offset, spread95 } = review.dispersion
  const drift = offset
    ? Math.hypot(
        offset.mean.xMillimetres - target.xMillimetres,
        offset.mean.yMillimetres - target.yMillimetres,
      )
    : 0
  const half = Math.max(
    zone?.radiusMillimetres ?? 0,
    drift + (spread95?.semiMajorMillimetres ?? 0) * 0.9,
    ...reach,
  )
  const side = Math.min(
    Math.max(SMALLEST_CLOSE_UP_MILLIMETRES, 2 * half * CLOSE_UP_ROOM),
    review.table.widthMillimetres + 2 * review.table.cushionDepthMillimetres,
  )
  return { centre: target, sideMillimetres: side }
})

function isMiss({ outcome }: Mark): boolean {
  return outcome.startsWith('MISSED') || outcome === 'OTHER'
}

/** One group of the findings by itself, over every session. */
async function only(part: { key: string; name: string }): Promise<void> {
  const review = data.value
  if (!review) return
  const { studentId: student, drillId: drill, station, mirrored, shotIndex } = review
  await router.push({
    path: '/review/selection',
    query: {
      ...(props.sessionId ? {} : route.query),
      student,
      drill,
      station: String(station),
      mirrored: String(mirrored),
      shot: String(shotIndex),
      [part.key]: part.name,
    },
  })
}
watch(() => [props.sessionId, text('pot'), text('call'), text('observation')], reload)

/** The first shot of an explore drill: every other is read against where it landed. */
const baseline = computed(() => (data.value?.explored ? data.value.attempts[0] : undefined))

function readOut(one: Attempt): string {
  const from = baseline.value?.landing
  if (one.attempt.landing && from) {
    return one.id === baseline.value?.id
      ? t('recording.baseline')
      : t('review.apart', { length: length(apart(one.attempt.landing, from)) })
  }
  if (!one.error) return one.attempt.inOff ? t('outcome.inOff') : t('recording.notSeen')
  const { speedMillimetres: speed, lineMillimetres: line } = one.error
  return [words.speed(speed), words.line(line)].join(', ')
}

function apart(one: Point, other: Point): number {
  return Math.hypot(one.xMillimetres - other.xMillimetres, one.yMillimetres - other.yMillimetres)
}

const RESULT_WORDS = { SUCCESS: 'review.yes', FAILURE: 'review.no', NOT_JUDGED: 'review.unknown' } as const
</script>

<template>
  <main class="page">
    <!-- Outside, so that days without a session can be changed again. -->
    <SelectionDays v-if="!sessionId" class="days no-print" @changed="reload" />
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <template v-if="data">
        <div class="heading">
          <ReviewHeading :review="data" @changed="reload" />
          <LookingAt v-if="data.session" :students="data.session.students" session />
          <p v-if="data.attempts.length > 0" class="headline" data-testid="headline">
            {{ headline(data) }}
            <small v-if="data.findings.helpsMost" class="quiet">{{ t('review.found.help.basis') }}</small>
          </p>
          <p v-if="asked.length" class="ask">
            {{ t('review.found.ask') }}
            <button v-for="one in asked" :key="one.id" type="button" class="link" @click="chosenId = one.id">
              {{ one.number }}
            </button>
          </p>
        </div>
        <p v-if="data.attempts.length === 0" class="empty">
          {{ t('review.empty') }}
          <RouterLink v-if="sessionId" :to="`/table/${sessionId}`">{{ t('rail.table') }}</RouterLink>
        </p>
        <template v-else>
          <div class="maps">
            <figure class="whole">
              <ShotMap
                :review="data"
                :shown="shown"
                :chosen-id="chosenId"
                :label="t('review.map')"
                @choose="chosenId = $event"
              />
            </figure>
            <figure class="close">
              <ShotMap
                :review="data"
                :shown="shown"
                :chosen-id="chosenId"
                :close-up="closeUp"
                :label="t('review.closeUp')"
                @choose="chosenId = $event"
              />
            </figure>
          </div>
          <aside>
            <FigureList :review="data" />
          </aside>
          <details v-if="!data.explored" class="below fold">
            <summary>{{ t('review.found.title') }}</summary>
            <FindingsList :review="data" :scale="data.table.strike" @only="only" />
          </details>
          <details v-if="!data.explored" class="below fold no-print">
            <summary>{{ t('review.compare.title') }}</summary>
            <CompareSessions :review="data" />
          </details>
          <section class="below">
            <MarkLegend :shot="data.shot" :outcomes="data.outcomes" :explored="data.explored !== undefined" />
            <label v-if="data.missedWithLanding > 0" class="small no-print">
              <Checkbox v-model="withMissed" binary />
              {{ t('review.missedShown', { n: data.missedWithLanding }) }}
            </label>
            <p v-if="data.attempts.length > rows.length" class="small">
              {{ t('review.newestRows', { n: rows.length, all: data.attempts.length }) }}
            </p>
            <table class="attempts small figures">
              <thead>
                <tr>
                  <th scope="col">{{ t('review.attempt') }}</th>
                  <th scope="col">{{ t('review.outcome') }}</th>
                  <th scope="col">
                    {{
                      data.explored ? t('review.fromBaseline') : `${t('review.speed')}, ${t('review.line')}`
                    }}
                  </th>
                  <th v-if="!data.explored" scope="col">{{ t('review.made') }}</th>
                </tr>
              </thead>
              <tbody>
                <tr
                  v-for="{ one, index } in rows"
                  :key="one.id"
                  v-memo="[one, one.id === chosenId]"
                  :class="{ chosen: one.id === chosenId }"
                  @click="chosenId = one.id"
                >
                  <td>
                    <button type="button" class="number" @click="chosenId = one.id">{{ index + 1 }}</button>
                  </td>
                  <td>
                    <OutcomeGlyph :outcome="one.attempt.outcome" :foul="one.attempt.foul" :size="16" />
                    {{ t(`outcome.${one.attempt.outcome}`) }}
                    <template v-if="one.attempt.foul">, {{ t('outcome.foul') }}</template>
                  </td>
                  <td>{{ readOut(one) }}</td>
                  <td v-if="!data.explored">{{ t(RESULT_WORDS[one.result]) }}</td>
                </tr>
              </tbody>
            </table>
          </section>
        </template>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.headline {
  margin: 6px 0 0;
  font-size: 20px;
  max-width: 70em;
}
.headline small {
  display: block;
  font-size: 14px;
}
.ask {
  margin: 4px 0 0;
}
.ask .link {
  margin-right: 8px;
}
.fold > summary {
  min-height: 44px;
  display: list-item;
  padding: 10px 0;
  font-family: var(--font-title);
  font-size: 20px;
  font-weight: 600;
  cursor: pointer;
}
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 350px;
  gap: 12px 28px;
  padding: 14px 24px 24px;
}
.heading,
.days,
.below,
.empty {
  grid-column: 1 / -1;
}
.maps {
  display: grid;
  grid-template-columns: minmax(0, 1.82fr) minmax(0, 1fr);
  gap: 12px;
  align-items: start;
}
figure {
  margin: 0;
}
.whole {
  aspect-ratio: 1.82;
}
.close {
  aspect-ratio: 1;
}
.below {
  display: grid;
  gap: 12px;
}
.attempts {
  border-collapse: collapse;
  width: 100%;
}
.attempts th,
.attempts td {
  text-align: left;
  padding: 1px 10px 1px 0;
  border-top: 1px solid var(--hairline);
}
.attempts td svg {
  vertical-align: -3px;
}
.chosen {
  background: color-mix(in srgb, var(--amber-lit) 45%, transparent);
}
.number {
  min-width: 36px;
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--amber-text);
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
  .maps {
    grid-template-columns: 1fr;
  }
}
</style>
