<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LaidBall, LayoutSurvey, TableDrawing } from '@/api/types'
import { percent } from '@/shared/units'
import { useFrame } from '@/table/tableFrame'
import { freePlaces } from './freePlaces'
import { useRackWords } from './useRackWords'

/** What the survey says of each ball, in a word or two beside it, with a line towards its best pocket. The same stands in words beside the drawing. */
const props = defineProps<{
  table: TableDrawing
  balls: LaidBall[]
  survey: LayoutSurvey
  /** Of this one the plan's own marks are shown. */
  except?: string
}>()
const { t } = useI18n()
const words = useRackWords()
const frame = useFrame()

const FONT_PIXELS = 13
const LEAST_FONT_MILLIMETRES = 40
/** Of the type's size: how wide a letter is on average, and how high a line. */
const LETTER = 0.56
const LINE = 1.15
const POINTER_MILLIMETRES = 130

type Seen = LayoutSurvey['balls'][number]
const font = computed(() => Math.max(LEAST_FONT_MILLIMETRES, FONT_PIXELS * frame.value.millimetresPerPixel))
const key = computed(() =>
  props.survey.keys.reduce<LayoutSurvey['keys'][number] | undefined>(
    (best, one) => (!best || one.chance > best.chance ? one : best),
    undefined,
  ),
)

function line(ball: Seen): { text: string; trouble: boolean } {
  const best = ball.pockets[0]
  const tied = props.survey.clusters.find((cluster) => cluster.includes(ball.id))
  if (ball.problem) return { text: t('racks.mark.trouble'), trouble: true }
  if (tied) {
    const others = tied.filter((id) => id !== ball.id)
    return { text: t('racks.mark.tied', { balls: others.map(words.short).join(', ') }), trouble: true }
  }
  if (!best) return { text: t('racks.mark.closed'), trouble: true }
  const chance = t('racks.chance', { n: percent(best.chanceFromUsual) })
  const last = key.value?.key === ball.id ? key.value.last : undefined
  return {
    text: last ? t('racks.mark.key', { chance, last: words.short(last) }) : chance,
    trouble: false,
  }
}

const marks = computed(() => {
  const { lengthMillimetres: along, widthMillimetres: across } = props.table
  const cloth = frame.value.portrait
    ? { x: 0, y: 0, width: across, height: along }
    : { x: 0, y: 0, width: along, height: across }
  const radius = props.table.objectBallDiameterMillimetres / 2
  const seen = props.survey.balls.flatMap((ball) => {
    const place = props.balls.find(({ id }) => id === ball.id)?.place
    return place ? [{ ball, at: frame.value.tableToSvg(place), ...line(ball) }] : []
  })
  const places = freePlaces(
    seen.map(({ at }) => ({ ...at, radius })),
    seen.map(({ text }) => ({
      width: text.length * font.value * LETTER,
      height: font.value * LINE,
    })),
    cloth,
  )
  return seen
    .map((one, index) => ({ ...one, box: places[index], pointer: pointer(one.ball, one.at) }))
    .filter(({ ball }) => ball.id !== props.except)
})

/** A short way towards the likeliest pocket. */
function pointer(ball: Seen, at: { x: number; y: number }) {
  const hole = props.table.pockets.find(({ name }) => name === ball.pockets[0]?.pocket)?.centre
  if (!hole) return undefined
  const to = frame.value.tableToSvg(hole)
  const length = Math.hypot(to.x - at.x, to.y - at.y) || 1
  const part = Math.min(1, POINTER_MILLIMETRES / length)
  return { x1: at.x, y1: at.y, x2: at.x + (to.x - at.x) * part, y2: at.y + (to.y - at.y) * part }
}
</script>

<template>
  <g class="survey" aria-hidden="true" data-testid="survey-marks">
    <template v-for="mark in marks" :key="mark.ball.id">
      <line v-if="mark.pointer" v-bind="mark.pointer" class="pointer" />
      <text
        v-if="mark.box"
        :x="mark.box.x + mark.box.width / 2"
        :y="mark.box.y + mark.box.height / 2"
        :font-size="font"
        :class="{ trouble: mark.trouble }"
      >
        {{ mark.text }}
      </text>
    </template>
  </g>
</template>

<style scoped>
.survey {
  pointer-events: none;
}
.pointer {
  stroke: var(--object-path);
  stroke-width: 6;
  stroke-linecap: round;
}
text {
  fill: var(--chalk);
  font-weight: 600;
  text-anchor: middle;
  dominant-baseline: central;
  paint-order: stroke;
  stroke: var(--mark-ink);
  stroke-width: 6;
  stroke-linejoin: round;
}
.trouble {
  fill: var(--amber-lit);
}
</style>
