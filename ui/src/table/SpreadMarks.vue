<script setup lang="ts">
import { computed } from 'vue'
import type { Dispersion, Ellipse } from '@/api/types'
import { useFrame } from './tableFrame'

/** The 50 % and 95 % ellipses, and the mean as a cross with its own small ellipse. */
const props = defineProps<{ dispersion: Dispersion }>()
const frame = useFrame()
const CROSS_PIXELS = 8

const mean = computed(() => props.dispersion.offset && frame.value.tableToSvg(props.dispersion.offset.mean))
const cross = computed(() => CROSS_PIXELS * frame.value.millimetresPerPixel)

const drawn = computed(() => {
  const { spread95, spread50, meanEllipse } = props.dispersion
  return [
    { kind: 'spread95', ellipse: spread95 },
    { kind: 'spread50', ellipse: spread50 },
    { kind: 'mean', ellipse: meanEllipse },
  ].filter((item): item is { kind: string; ellipse: Ellipse } => item.ellipse !== undefined)
})
</script>

<template>
  <g v-if="mean" :transform="`translate(${mean.x} ${mean.y})`">
    <ellipse
      v-for="item in drawn"
      :key="item.kind"
      :rx="item.ellipse.semiMajorMillimetres"
      :ry="item.ellipse.semiMinorMillimetres"
      :transform="`rotate(${frame.svgDegrees(item.ellipse.angleDegrees)})`"
      :class="item.kind"
      :data-ellipse="item.kind"
    />
    <path :d="`M${-cross} 0 L${cross} 0 M0 ${-cross} L0 ${cross}`" class="cross" />
  </g>
</template>

<style scoped>
ellipse {
  fill: none;
  vector-effect: non-scaling-stroke;
}
.spread95 {
  stroke: var(--bone);
  stroke-width: 1.5px;
  stroke-dasharray: 7 5;
}
.spread50 {
  stroke: var(--bone);
  stroke-width: 2.5px;
}
.mean {
  stroke: var(--mark-ink);
  stroke-width: 1.5px;
  fill: var(--bone);
  fill-opacity: 0.25;
}
.cross {
  stroke: var(--mark-ink);
  stroke-width: 2.5px;
  vector-effect: non-scaling-stroke;
}
</style>
