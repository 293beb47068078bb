<script setup lang="ts">
import { computed } from 'vue'
import type { PredictedMark } from '@/api/types'
import { useFrame } from '@/table/tableFrame'

/** Where a student's marks should be: along the cushion, as long as nine strokes in ten need. */
const props = defineProps<{ marks: PredictedMark[] }>()
const frame = useFrame()
const px = computed(() => frame.value.millimetresPerPixel)
const drawn = computed(() =>
  props.marks.map((one) => ({
    tip: one.tip,
    from: frame.value.tableToSvg(one.lower),
    to: frame.value.tableToSvg(one.upper),
    at: frame.value.tableToSvg(one.place),
  })),
)
</script>

<template>
  <g v-for="one in drawn" :key="one.tip" class="predicted">
    <line
      :x1="one.from.x"
      :y1="one.from.y"
      :x2="one.to.x"
      :y2="one.to.y"
      :stroke-width="9 * px"
      :stroke-dasharray="`${2 * px} ${4 * px}`"
    />
    <circle :cx="one.at.x" :cy="one.at.y" :r="4 * px" />
  </g>
</template>

<style scoped>
.predicted line {
  stroke: var(--chalk);
  stroke-opacity: 0.8;
}
.predicted circle {
  fill: var(--chalk);
}
</style>
