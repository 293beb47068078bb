<script setup lang="ts">
import { computed } from 'vue'
import type { Point, TemplateTip } from '@/api/types'
import { useFrame } from '@/table/tableFrame'

/** Marks on the cushion: each small, the mean large with the interval of the mean; the tip's height is told by shape and letter. */
const props = defineProps<{ tips: TemplateTip[] }>()
const frame = useFrame()
const px = computed(() => frame.value.millimetresPerPixel)
const at = (point: Point) => frame.value.tableToSvg(point)

/** Drawn in a box from -1 to 1: middle, above, below. */
const SHAPES = {
  STUN: 'M-1 -1 H1 V1 H-1 Z',
  HIGH: 'M0 -1.2 L1.1 0.9 H-1.1 Z',
  LOW: 'M0 1.2 L1.1 -0.9 H-1.1 Z',
} as const

function place(point: Point, pixels: number): string {
  const { x, y } = at(point)
  return `translate(${x} ${y}) scale(${pixels * px.value})`
}

const drawn = computed(() =>
  props.tips.map((one) => ({
    ...one,
    shape: SHAPES[one.tip],
    range: one.lower && one.upper ? { from: at(one.lower), to: at(one.upper) } : undefined,
  })),
)
</script>

<template>
  <g v-for="one in drawn" :key="one.tip">
    <path
      v-for="mark in one.all"
      :key="mark.id"
      :d="one.shape"
      :transform="place(mark.place, 3.5)"
      class="mark"
    />
    <line
      v-if="one.range"
      :x1="one.range.from.x"
      :y1="one.range.from.y"
      :x2="one.range.to.x"
      :y2="one.range.to.y"
      class="range"
      :stroke-width="4 * px"
    />
    <path :d="one.shape" :transform="place(one.mean, 9)" class="mean" />
  </g>
</template>

<style scoped>
.mark {
  fill: none;
  stroke: var(--bone);
  stroke-width: 0.4;
}
.mean {
  fill: var(--amber-lit);
  stroke: var(--mark-ink);
  stroke-width: 0.2;
}
.range {
  stroke: var(--amber-lit);
}
</style>
