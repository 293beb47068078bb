<script setup lang="ts">
import { computed, useId } from 'vue'
import type { LaidBall, Point, RackPocket, TableDrawing } from '@/api/types'
import { useFrame } from '@/table/tableFrame'

/** One planned shot on the cloth: the cue ball's way to the ball, the ball's way to its pocket, and the place where the cue ball should stop. */
const props = defineProps<{
  table: TableDrawing
  balls: LaidBall[]
  from?: Point
  ball?: string
  pocket?: RackPocket
  landing?: Point
  radiusMillimetres?: number
}>()
const frame = useFrame()
const clip = useId()
const bed = computed(() => {
  const { lengthMillimetres: along, widthMillimetres: across } = props.table
  return frame.value.portrait ? { width: across, height: along } : { width: along, height: across }
})
const at = computed(() => props.balls.find(({ id }) => id === props.ball)?.place)
const hole = computed(() => props.table.pockets.find(({ name }) => name === props.pocket)?.centre)
const line = (one?: Point, other?: Point) => {
  if (!one || !other) return undefined
  const a = frame.value.tableToSvg(one)
  const b = frame.value.tableToSvg(other)
  return { x1: a.x, y1: a.y, x2: b.x, y2: b.y }
}
/** Where the cue ball is when it meets the ball: behind it, seen from the pocket. */
const contact = computed(() => {
  if (!at.value || !hole.value) return at.value
  const dx = hole.value.xMillimetres - at.value.xMillimetres
  const dy = hole.value.yMillimetres - at.value.yMillimetres
  const apart = (props.table.cueBallDiameterMillimetres + props.table.objectBallDiameterMillimetres) / 2
  const length = Math.hypot(dx, dy) || 1
  return {
    xMillimetres: at.value.xMillimetres - (dx / length) * apart,
    yMillimetres: at.value.yMillimetres - (dy / length) * apart,
  }
})
const lines = computed(() => ({
  cue: line(props.from, contact.value),
  object: line(at.value, hole.value),
}))
const stop = computed(() => props.landing && frame.value.tableToSvg(props.landing))
</script>

<template>
  <g class="step" aria-hidden="true">
    <clipPath :id="clip">
      <rect x="0" y="0" :width="bed.width" :height="bed.height" />
    </clipPath>
    <line v-if="lines.object" v-bind="lines.object" class="object" />
    <line v-if="lines.cue" v-bind="lines.cue" class="cue" />
    <template v-if="stop">
      <circle
        :cx="stop.x"
        :cy="stop.y"
        :r="Math.max(radiusMillimetres ?? 0, 20)"
        class="zone"
        :clip-path="`url(#${clip})`"
      />
      <circle :cx="stop.x" :cy="stop.y" r="9" class="middle" />
    </template>
  </g>
</template>

<style scoped>
.step {
  pointer-events: none;
}
.cue {
  stroke: var(--aim-lit);
  stroke-width: 7;
}
.object {
  stroke: var(--object-path);
  stroke-width: 7;
}
.zone {
  fill: var(--amber-lit);
  fill-opacity: 0.16;
  stroke: var(--amber-lit);
  stroke-width: 5;
  stroke-dasharray: 22 14;
}
.middle {
  fill: var(--amber-lit);
}
</style>
