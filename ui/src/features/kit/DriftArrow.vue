<script setup lang="ts">
import { computed } from 'vue'
import { useFrame } from '@/table/tableFrame'
import type { TableDrawing } from '@/api/types'

/** Which way a slow ball is drawn: an arrow from the middle of the bed, longer for more. */
const props = defineProps<{ table: TableDrawing; degrees: number; millimetres: number }>()
const frame = useFrame()
/** As drawn, so that a few millimetres can be seen: ten times what they are, within bounds. */
const [TIMES, SHORTEST, LONGEST] = [10, 160, 520]
const HEAD_PIXELS = 9

const arrow = computed(() => {
  const length = Math.min(LONGEST, Math.max(SHORTEST, TIMES * Math.abs(props.millimetres)))
  const radians = (props.degrees * Math.PI) / 180
  const middle = { x: props.table.lengthMillimetres / 2, y: props.table.widthMillimetres / 2 }
  const from = frame.value.tableToSvg({
    xMillimetres: middle.x - (length / 2) * Math.cos(radians),
    yMillimetres: middle.y - (length / 2) * Math.sin(radians),
  })
  const to = frame.value.tableToSvg({
    xMillimetres: middle.x + (length / 2) * Math.cos(radians),
    yMillimetres: middle.y + (length / 2) * Math.sin(radians),
  })
  return { from, to, turn: frame.value.svgDegrees(props.degrees) }
})
const px = computed(() => frame.value.millimetresPerPixel)
</script>

<template>
  <g class="drift">
    <line :x1="arrow.from.x" :y1="arrow.from.y" :x2="arrow.to.x" :y2="arrow.to.y" :stroke-width="3 * px" />
    <path
      d="M-1.6 -1 L0 0 L-1.6 1 Z"
      :transform="`translate(${arrow.to.x} ${arrow.to.y}) rotate(${arrow.turn}) scale(${HEAD_PIXELS * px})`"
    />
  </g>
</template>

<style scoped>
.drift line {
  stroke: var(--amber-lit);
}
.drift path {
  fill: var(--amber-lit);
}
</style>
