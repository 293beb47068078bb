<script setup lang="ts">
import { computed } from 'vue'
import type { TableDrawing } from '@/api/types'
import { useFrame } from './tableFrame'

/** Sights numbered along two cushions, where positions are read: from the SW corner, the ends (0, 8, 4) being pockets. */
const props = defineProps<{ table: TableDrawing }>()
const frame = useFrame()
/** On the cushion, between the nose line and the wood: there nothing else is written. */
const SHARE_OF_THE_CUSHION = 0.55

const numbers = computed(() => {
  const { lengthMillimetres: length, widthMillimetres: width, cushionDepthMillimetres: depth } = props.table
  const out = depth * SHARE_OF_THE_CUSHION
  const along = [1, 2, 3, 4, 5, 6, 7].map((n) => ({
    n,
    place: { xMillimetres: (n * length) / 8, yMillimetres: -out },
  }))
  const across = [1, 2, 3].map((n) => ({
    n,
    place: { xMillimetres: -out, yMillimetres: (n * width) / 4 },
  }))
  return [...along, ...across].map(({ n, place }) => ({ n, ...frame.value.tableToSvg(place) }))
})
const size = computed(() => Math.max(38, 12 * frame.value.millimetresPerPixel))
</script>

<template>
  <g aria-hidden="true">
    <text v-for="(number, i) in numbers" :key="i" :x="number.x" :y="number.y" :font-size="size">
      {{ number.n }}
    </text>
  </g>
</template>

<style scoped>
text {
  fill: var(--sight-ink);
  text-anchor: middle;
  dominant-baseline: central;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
  pointer-events: none;
}
</style>
