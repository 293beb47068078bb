<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { GroupFigures, Interval, Review, Share, StrikeScale } from '@/api/types'
import { useNotation } from '@/shared/useNotation'
import { percent, useUnits } from '@/shared/units'
import { useOffsetWords } from '@/shared/useOffsetWords'

/** What the attempts say besides the first figures: each a sentence with its n and interval, or a small table. */
const props = defineProps<{ review: Review; scale: StrikeScale }>()
const emit = defineEmits<{ only: [part: { key: string; name: string }] }>()
/** As the address names a part of a selection. */
const PARTS = { byPot: 'pot', byCall: 'call', byObservation: 'observation' } as const
const { t } = useI18n()
const { length } = useUnits()
const notation = useNotation()
const words = useOffsetWords()
const findings = computed(() => props.review.findings)

/** Above this it is no rarer than luck makes it. */
const STREAKIER_THAN_LUCK = 0.05

function share(key: string, of: Share | undefined): string[] {
  if (!of || of.rate === undefined) return []
  return [
    t(`review.found.${key}`, {
      rate: percent(of.rate),
      x: of.successes,
      n: of.trials,
      lower: percent(of.lower),
      upper: percent(of.upper),
    }),
  ]
}

function range(interval: Interval | undefined): string {
  return interval
    ? t('review.spreadInterval', { lower: length(interval.lower), upper: length(interval.upper) })
    : ''
}

const mirror = computed(() => {
  const found = findings.value.mirror
  if (!found) return []
  const finding = t(`review.found.mirror.${found.finding}`)
  if (found.common === undefined || found.mirrored === undefined) return [finding]
  return [
    finding,
    t('review.found.mirrorFigures', {
      common: length(found.common),
      commonRange: range(found.commonInterval),
      mirrored: length(found.mirrored),
      mirroredRange: range(found.mirroredInterval),
    }),
  ]
})

const sentences = computed(() => [
  ...share('lineRight', findings.value.lineRight),
  ...share('speedRight', findings.value.speedRight),
  ...share('oneOfTheTwo', findings.value.oneOfTheTwo),
  ...share('thick', findings.value.thickOfMisses),
  ...mirror.value,
  ...streak.value,
])

const streak = computed(() => {
  const found = findings.value.streaks
  if (!found || found.longestMade < 2) return []
  const luck = found.luck < STREAKIER_THAN_LUCK ? 'streaky' : 'luck'
  return [t(`review.found.${luck}`, { n: found.longestMade, p: percent(found.luck) })]
})

const tables = computed(() =>
  [
    { key: 'byPot' as const, rows: findings.value.byPot, name: (one: GroupFigures) => potName(one.name) },
    { key: 'byCall' as const, rows: findings.value.byCall, name: (one: GroupFigures) => callName(one.name) },
    {
      key: 'byObservation' as const,
      rows: findings.value.byObservation,
      name: (one: GroupFigures) => one.name,
    },
  ].filter(({ key, rows }) => rows.length > (key === 'byPot' ? 1 : 0)),
)

function potName(name: string): string {
  return name === 'MISSED' ? t('review.found.missed') : t(`outcome.${name}`)
}

function callName(name: string): string {
  const [pace, height, side] = name.split(' ').map(Number)
  return `${notation.pace(pace ?? 0, props.scale)}, ${notation.tip(height ?? 0, side ?? 0, props.scale)}`
}

function bias({ dispersion }: GroupFigures): string {
  const { offset } = dispersion
  const speed = offset?.biasSpeedMillimetres
  const line = offset?.biasLineMillimetres
  if (speed === undefined || line === undefined) return '–'
  return [words.speed(speed), words.line(line)].join(', ')
}

function spread({ dispersion }: GroupFigures): string {
  const found = dispersion.spread
  return found ? `${length(found.sdSpeedMillimetres)} · ${length(found.sdLineMillimetres)}` : '–'
}
</script>

<template>
  <section class="findings" data-testid="findings">
    <ul>
      <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
    </ul>
    <p v-if="findings.against && !findings.against.real" class="small quiet">
      {{ t('review.found.limits') }}
    </p>
    <table v-for="table in tables" :key="table.key" class="figures small">
      <caption>
        {{
          t(`review.found.${table.key}`)
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col"></th>
          <th scope="col">{{ t('review.successes') }}</th>
          <th scope="col">{{ t('review.found.mean') }}</th>
          <th scope="col">{{ t('review.found.sd') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in table.rows" :key="row.name">
          <th scope="row">
            <button
              type="button"
              class="link"
              @click="emit('only', { key: PARTS[table.key], name: row.name })"
            >
              {{ table.name(row) }}
            </button>
          </th>
          <td>
            {{ row.successes.successes }} / {{ row.successes.trials }}
            <span class="quiet">{{
              t('review.interval', {
                lower: percent(row.successes.lower),
                upper: percent(row.successes.upper),
              })
            }}</span>
          </td>
          <td>
            {{ bias(row) }} <span class="quiet">n = {{ row.dispersion.landings }}</span>
          </td>
          <td>{{ spread(row) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
ul {
  margin: 6px 0 10px;
  padding-left: 18px;
}
li {
  margin: 3px 0;
}
table {
  border-collapse: collapse;
  width: 100%;
  margin-bottom: 12px;
}
caption {
  text-align: left;
  font-weight: 600;
  padding: 4px 0;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 3px 10px 3px 0;
  border-top: 1px solid var(--hairline);
}
.link {
  min-width: 32px;
  min-height: 32px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--amber-text);
  font: inherit;
  text-align: left;
  text-decoration: underline;
  cursor: pointer;
}
</style>
