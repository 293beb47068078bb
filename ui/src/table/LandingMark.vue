<script setup lang="ts">
import { computed } from 'vue'
import type { Outcome, Point } from '@/api/types'
import { OUTCOME_SHAPES } from './outcomeShape'
import { useFrame } from './tableFrame'

/** A landing: the outcome's shape, of the same size on every screen, in bone with a dark edge. */
const props = defineProps<{
  place: Point
  outcome: Outcome
  foul?: boolean
  state?: 'plain' | 'latest' | 'chosen' | 'faint'
}>()
const frame = useFrame()
const RADIUS_PIXELS = 5.5
/** On a small drawing (a phone) marks crowd, so they shrink; 6 px across is the least that still shows its shape. */
const SMALL_RADIUS_PIXELS = 3.6
const SMALL_DRAWING_MILLIMETRES_PER_PIXEL = 4
const shape = computed(() => OUTCOME_SHAPES[props.outcome])
const transform = computed(() => {
  const { x, y } = frame.value.tableToSvg(props.place)
  const big = props.state === 'latest' || props.state === 'chosen' ? 1.3 : 1
  const scale =
    (frame.value.millimetresPerPixel > SMALL_DRAWING_MILLIMETRES_PER_PIXEL
      ? SMALL_RADIUS_PIXELS
      : RADIUS_PIXELS) *
    big *
    frame.value.millimetresPerPixel
  return `translate(${x.toFixed(1)} ${y.toFixed(1)}) scale(${scale.toFixed(3)})`
})
</script>

<template>
  <g :transform="transform" :class="['mark', state ?? 'plain']" data-mark="landing">
    <path v-if="shape.fill" :d="shape.fill" class="edge" />
    <path v-if="shape.line" :d="shape.line" class="edge" />
    <path v-if="shape.fill" :d="shape.fill" class="body" />
    <path v-if="shape.line" :d="shape.line" class="stroke" />
    <circle v-if="foul" r="1.5" class="foul" />
  </g>
</template>

<style scoped>
.edge {
  fill: none;
  stroke: var(--mark-ink);
  stroke-width: 0.75;
  stroke-linejoin: round;
}
.body {
  fill: var(--bone);
}
.stroke {
  fill: none;
  stroke: var(--bone);
  stroke-width: 0.34;
}
.latest .body,
.chosen .body {
  fill: var(--amber-lit);
}
.latest .stroke,
.chosen .stroke {
  stroke: var(--amber-lit);
}
.faint {
  opacity: 0.6;
}
.foul {
  fill: none;
  stroke: var(--bone);
  stroke-width: 0.25;
  stroke-dasharray: 0.5 0.3;
}
</style>
