<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { RackEnd, RackReview } from '@/api/types'
import { percent, useUnits } from '@/shared/units'
import { useRackWords } from './useRackWords'

/** What the racks come to together: the first line says how many were won and what they were worth. */
const props = defineProps<{ review: RackReview }>()
const { t } = useI18n()
const { figure, length } = useUnits()
const words = useRackWords()

const ends = computed(() =>
  Object.entries(props.review.ends)
    .filter(([end]) => end !== 'CLEARED')
    .map(([end, n]) => ({ end: end as RackEnd, n: n ?? 0 }))
    .sort((a, b) => b.n - a.n),
)
const left = computed(() =>
  Object.entries(props.review.ballsLeft).map(([balls, n]) => ({ balls: Number(balls), n })),
)
const worth = computed(() => props.review.worth)
/** Whether more or fewer were won than such racks give by luck alone. */
const verdict = computed(() => {
  const more = worth.value?.more
  if (!more) return ''
  if (more.lower > 0) return t('racks.review.above')
  return more.upper < 0 ? t('racks.review.below') : t('racks.review.asExpected')
})
/** Whether pots go in less or more often than in drills, beyond chance. */
const against = computed(() => {
  const more = props.review.againstDrills?.more
  if (!more) return ''
  if (more.lower > 0) return t('racks.review.againstMore')
  return t(`racks.review.${more.upper < 0 ? 'againstLess' : 'againstSame'}`)
})
function side(millimetres: number, positive: string, negative: string): string {
  return `${length(Math.abs(millimetres))} ${t(`racks.review.${millimetres >= 0 ? positive : negative}`)}`
}
</script>

<template>
  <section>
    <p class="first">
      {{ t('racks.review.won', { won: review.won, racks: review.racks }, review.racks) }}
      <span v-if="review.share" class="quiet">{{
        t('racks.review.interval', { from: percent(review.share.lower), to: percent(review.share.upper) })
      }}</span>
    </p>
    <p v-if="worth" class="bare">
      {{
        t('racks.review.worth', { racks: worth.racks, expected: figure(worth.expected, 1), won: worth.won })
      }}
      {{ verdict }}
      <small class="quiet note">{{ t('racks.review.worthNote') }}</small>
    </p>
    <div class="boxes">
      <div v-if="ends.length">
        <h3>{{ t('racks.review.ends') }}</h3>
        <table class="lines figures">
          <tbody>
            <tr v-for="row in ends" :key="row.end">
              <th scope="row">{{ words.end(row.end) }}</th>
              <td>{{ row.n }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div v-if="left.length">
        <h3>{{ t('racks.review.left') }}</h3>
        <table class="lines figures">
          <tbody>
            <tr v-for="row in left" :key="row.balls">
              <th scope="row">{{ t('racks.left', { n: row.balls }, row.balls) }}</th>
              <td>{{ row.n }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <ul class="bare facts">
        <li>{{ t('racks.review.balls', { n: figure(review.ballsARack, 1) }) }}</li>
        <li v-if="review.mostPoints">{{ t('racks.review.points', { n: review.mostPoints }) }}</li>
        <li v-if="review.pots.tried">
          {{
            t('racks.review.pots', {
              made: review.pots.made,
              tried: review.pots.tried,
              expected: figure(review.pots.expected, 0),
            })
          }}
        </li>
        <li v-if="review.againstDrills">
          {{
            t('racks.review.againstDrills', {
              n: review.againstDrills.shots,
              made: review.againstDrills.made,
              expected: figure(review.againstDrills.expected, 0),
            })
          }}
          {{ against }}
        </li>
        <li v-if="review.landings">
          {{
            t('racks.review.landings', {
              n: review.landings.count,
              inZone: review.landings.inZone,
              along: side(review.landings.longMillimetres, 'long', 'short'),
              aside: side(review.landings.leftMillimetres, 'leftSide', 'rightSide'),
            })
          }}
        </li>
        <li v-if="review.landings && review.landings.nextAsked">
          {{ t('racks.review.next', { on: review.landings.nextOn, n: review.landings.nextAsked }) }}
        </li>
        <li v-if="review.before.inZone + review.before.outside">
          {{ t('racks.review.before', review.before) }}
        </li>
        <li v-if="review.clusters.racks">
          {{
            t('racks.review.clusters', {
              n: review.clusters.racks,
              early: review.clusters.early,
              earlyWon: review.clusters.earlyWon,
              late: review.clusters.late,
              lateWon: review.clusters.lateWon,
              never: review.clusters.never,
            })
          }}
        </li>
        <li v-if="review.breakOuts.tried">
          {{ t('racks.review.breakOuts', review.breakOuts) }}
        </li>
        <li v-if="review.breaks">
          {{
            t('racks.review.breaks', {
              n: review.breaks.count,
              dry: review.breaks.dry,
              inOff: review.breaks.inOff,
              down: figure(review.breaks.ballsDown, 1),
              spread: length(review.breaks.spreadMillimetres),
            })
          }}
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.first {
  margin: 0 0 4px;
  font-size: 22px;
  font-weight: 600;
}
.first .quiet {
  font-size: 16px;
  font-weight: 400;
}
.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 24px;
  margin-top: 10px;
}
.facts {
  display: grid;
  gap: 6px;
  max-width: 560px;
  align-content: start;
}
.note {
  display: block;
  max-width: 620px;
}
h3 {
  margin: 0 0 4px;
}
</style>
