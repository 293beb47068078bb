<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Interval, Review, Share } from '@/api/types'
import { percent, pValue, useUnits } from '@/shared/units'

/** The figures of a station and side: each with its interval and its n, or the reason why there is none. */
const props = defineProps<{ review: Review }>()
const { t } = useI18n()
const { length } = useUnits()
const dispersion = computed(() => props.review.dispersion)

const shares = computed(() =>
  [
    { name: t('review.potted'), share: props.review.potted },
    { name: t('review.inZone'), share: props.review.inZone },
    { name: t('review.successes'), share: props.review.successes },
  ].filter((row): row is { name: string; share: Share } => row.share !== undefined),
)

const spreads = computed(() => {
  const spread = dispersion.value.spread
  // Landings of strokes that differ on purpose have no spread of their own.
  if (!spread || props.review.explored) return []
  return [
    { name: t('review.line'), sd: spread.sdLineMillimetres, interval: spread.sdLineInterval },
    { name: t('review.speed'), sd: spread.sdSpeedMillimetres, interval: spread.sdSpeedInterval },
  ]
})

const bias = computed(() => {
  const { offset, offTarget } = dispersion.value
  const line = offset?.biasLineMillimetres
  const speed = offset?.biasSpeedMillimetres
  // Where there is no target nothing is long or left of it.
  if (line === undefined || speed === undefined || props.review.explored) return []
  const means = [
    t(line >= 0 ? 'review.biasLeft' : 'review.biasRight', { length: length(Math.abs(line)) }),
    t(speed >= 0 ? 'review.biasLong' : 'review.biasShort', { length: length(Math.abs(speed)) }),
  ].join(', ')
  const detail = offTarget?.off ? t('review.offTarget', { p: pValue(offTarget.p) }) : ''
  return [[`${means}.`, detail].filter(Boolean).join(' '), ...against.value]
})

/** Against where the usual stroke lands in this student's hands: only that is a bias. */
const against = computed(() => {
  const found = props.review.findings.against
  if (found?.line === undefined || found.speed === undefined || found.p === undefined) return []
  // A real one is the headline.
  return found.real ? [] : [t('review.biasNotReal', { p: pValue(found.p) })]
})

const counts = computed(() =>
  [
    { key: 'review.notSeen', n: props.review.landingsNotSeen },
    { key: 'review.inOffs', n: props.review.inOffs },
    { key: 'review.fouls', n: props.review.fouls },
  ].filter(({ n }) => n > 0),
)

function range(interval: Interval): string {
  return t('review.spreadInterval', { lower: length(interval.lower), upper: length(interval.upper) })
}
</script>

<template>
  <div class="figures" data-testid="figures">
    <table>
      <tbody>
        <tr v-for="row in shares" :key="row.name">
          <th scope="row">{{ row.name }}</th>
          <td class="value">{{ row.share.rate === undefined ? '–' : `${percent(row.share.rate)} %` }}</td>
          <td>
            {{ t('review.ofN', { x: row.share.successes, n: row.share.trials }) }}
            <span class="quiet small">{{
              t('review.interval', { lower: percent(row.share.lower), upper: percent(row.share.upper) })
            }}</span>
          </td>
        </tr>
        <tr v-for="row in spreads" :key="row.name">
          <th scope="row">{{ row.name }}</th>
          <td class="value">{{ t('review.spread', { sd: length(row.sd) }) }}</td>
          <td>
            <span v-if="row.interval" class="quiet small">{{ range(row.interval) }}</span>
          </td>
        </tr>
        <tr v-if="!review.explored && dispersion.offset?.radialMedianMillimetres !== undefined">
          <th scope="row">{{ t('review.median') }}</th>
          <td class="value">{{ length(dispersion.offset.radialMedianMillimetres) }}</td>
          <td class="quiet small">n = {{ dispersion.landings }}</td>
        </tr>
      </tbody>
    </table>
    <p v-for="line in bias" :key="line" class="line">{{ line }}</p>
    <p v-if="!review.explored && dispersion.reason" class="line">
      {{ t(`review.reason.${dispersion.reason}`, { n: dispersion.landings }) }}
    </p>
    <p v-else-if="!review.explored && !dispersion.spread95" class="line">{{ t('review.tooFew95') }}</p>
    <p class="small quiet line">
      {{ t('review.of')
      }}<template v-for="count in counts" :key="count.key">
        · {{ t(count.key, { n: count.n }, count.n) }}</template
      >
    </p>
  </div>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 5px 8px 5px 0;
  font-weight: 400;
  vertical-align: baseline;
}
.value {
  font-weight: 700;
  font-size: 19px;
  white-space: nowrap;
}
.line {
  margin: 6px 0 0;
}
</style>
