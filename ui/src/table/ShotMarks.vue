<script setup lang="ts">
import { computed } from 'vue'
import type { Shot } from '@/api/types'
import BallMark from './BallMark.vue'
import DemandMarks from './DemandMarks.vue'
import { useFrame } from './tableFrame'

/** What a shot asks, drawn: balls, aim and pot line, ghost ball, ring, target and line of arrival. */
const props = defineProps<{
  shot: Shot
  faint?: boolean
  /** Balls and zone only: the balls are not where aim and arrival were worked out for. */
  plain?: boolean
  /** Without the line of arrival, where the drawing is small. */
  small?: boolean
}>()
const frame = useFrame()

const TICK_EVERY_MILLIMETRES = 100
const TICKS = 3

const cue = computed(() => props.shot.balls.find((ball) => ball.role === 'CUE'))
const cueAt = computed(() => cue.value && frame.value.tableToSvg(cue.value.at.place))
const object = computed(() => props.shot.balls.find((ball) => ball.role === 'OBJECT'))
const objectAt = computed(() => object.value && frame.value.tableToSvg(object.value.at.place))
const ghost = computed(() => props.shot.pot && frame.value.tableToSvg(props.shot.pot.ghostBall))
const pathEnd = computed(() => props.shot.pot && frame.value.tableToSvg(props.shot.pot.objectPathEnd))
const target = computed(() => frame.value.tableToSvg(props.shot.target))
const turn = computed(() => frame.value.svgDegrees(props.shot.arrivalDegrees))
/** Balls to be played or touched one after the other are told apart by their labels. */
const numbered = computed(() => props.shot.balls.filter((ball) => ball.role !== 'CUE').length > 1)
const reach = TICK_EVERY_MILLIMETRES * TICKS
const ticks = [-3, -2, -1, 1, 2].map((n) => n * TICK_EVERY_MILLIMETRES)
</script>

<template>
  <g :opacity="faint ? 0.55 : 1">
    <DemandMarks :shot="shot" />
    <g
      v-if="!plain && !small && shot.zone"
      :transform="`translate(${target.x} ${target.y}) rotate(${turn})`"
      class="arrival"
    >
      <path :d="`M${-reach} 0 L${reach - 40} 0`" />
      <path :d="`M${reach} 0 L${reach - 44} -18 L${reach - 44} 18 Z`" class="head" />
      <path v-for="x in ticks" :key="x" :d="`M${x} -14 L${x} 14`" />
      <path d="M0 -26 L0 26" />
    </g>
    <path v-if="!plain && cueAt && ghost" :d="`M${cueAt.x} ${cueAt.y} L${ghost.x} ${ghost.y}`" class="aim" />
    <path
      v-if="!plain && objectAt && pathEnd"
      :d="`M${objectAt.x} ${objectAt.y} L${pathEnd.x} ${pathEnd.y}`"
      class="pot"
    />
    <circle
      v-if="!plain && ghost && cue"
      :cx="ghost.x"
      :cy="ghost.y"
      :r="cue.diameterMillimetres / 2"
      class="ghost"
    />
    <BallMark v-for="ball in shot.balls" :key="ball.label" :ball="ball" :numbered="numbered" />
  </g>
</template>

<style scoped>
.arrival path {
  fill: none;
  stroke: var(--amber-lit);
  stroke-width: 5;
}
.arrival .head {
  fill: var(--amber-lit);
  stroke: none;
}
.aim {
  stroke: var(--bone);
  stroke-width: 5;
  stroke-dasharray: 18 14;
  fill: none;
}
.pot {
  stroke: var(--object-path);
  stroke-width: 3;
  fill: none;
}
.ghost {
  fill: none;
  stroke: var(--bone);
  stroke-width: 3;
  stroke-dasharray: 8 7;
}
</style>
