<script setup lang="ts">
import { computed } from 'vue'
import type { Point } from '@/api/types'
import { useFrame } from './tableFrame'

/** Where a landing is about to be placed, at the size of the cue ball. */
const props = defineProps<{ place: Point; diameterMillimetres: number }>()
const frame = useFrame()
const at = computed(() => frame.value.tableToSvg(props.place))
const arm = computed(() => Math.max(props.diameterMillimetres, 26 * frame.value.millimetresPerPixel))
</script>

<template>
  <g :transform="`translate(${at.x} ${at.y})`" class="cross" data-mark="cross">
    <circle :r="diameterMillimetres / 2" />
    <path :d="`M${-arm} 0 L${arm} 0 M0 ${-arm} L0 ${arm}`" />
  </g>
</template>

<style scoped>
.cross * {
  fill: none;
  stroke: var(--cross-hair);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
</style>
