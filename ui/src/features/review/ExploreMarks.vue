<script setup lang="ts">
import { computed } from 'vue'
import type { Explored, StrikeScale } from '@/api/types'
import { useNotation } from '@/shared/useNotation'
import { useFrame } from '@/table/tableFrame'

/** Where the engine's cue ball ends while one thing is changed: a dotted line through its strokes, the ends and the middle named. */
const props = defineProps<{ explored: Explored; scale: StrikeScale }>()
const frame = useFrame()
const notation = useNotation()
const HALF_PIXELS = 3.5
const TEXT_PIXELS = 13

const marks = computed(() =>
  props.explored.steps.flatMap((step, index) =>
    step.restsAt ? [{ step, index, ...frame.value.tableToSvg(step.restsAt) }] : [],
  ),
)
const line = computed(() => marks.value.map(({ x, y }) => `${x},${y}`).join(' '))
const half = computed(() => HALF_PIXELS * frame.value.millimetresPerPixel)
const text = computed(() => TEXT_PIXELS * frame.value.millimetresPerPixel)

/** First, middle and last: more words would lie on one another. */
const named = computed(() => {
  const last = marks.value.length - 1
  const wanted = new Set([0, Math.round(last / 2), last])
  return marks.value
    .filter((_, at) => wanted.has(at))
    .map(({ step, x, y, index }) => ({
      index,
      x,
      y,
      words:
        props.explored.changed === 'PACE'
          ? notation.pace(step.paceMetresPerSecond, props.scale)
          : notation.tip(step.tipHeightMillimetres, step.tipSideMillimetres, props.scale),
    }))
})
</script>

<template>
  <g data-testid="explored">
    <polyline :points="line" />
    <rect
      v-for="{ index, x, y } in marks"
      :key="index"
      :x="x - half"
      :y="y - half"
      :width="2 * half"
      :height="2 * half"
    />
    <text
      v-for="{ index, x, y, words } in named"
      :key="`t${index}`"
      :x="x + 2 * half"
      :y="y - 2 * half"
      :font-size="text"
    >
      {{ words }}
    </text>
  </g>
</template>

<style scoped>
polyline {
  fill: none;
  stroke: var(--amber-lit);
  stroke-width: 1.5px;
  stroke-dasharray: 2 4;
  vector-effect: non-scaling-stroke;
}
rect {
  fill: var(--mark-ink);
  stroke: var(--amber-lit);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
}
text {
  fill: var(--bone);
  paint-order: stroke;
  stroke: var(--mark-ink);
  stroke-width: 3px;
  vector-effect: non-scaling-stroke;
}
</style>
