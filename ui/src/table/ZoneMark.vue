<script setup lang="ts">
import { computed } from 'vue'
import type { Zone } from '@/api/types'
import { pathOf, useFrame } from './tableFrame'

/** An area on the cloth: a zone to land in, or a part of the table to stay in. */
const props = defineProps<{ zone: Zone; kind: 'zone' | 'area' }>()
const frame = useFrame()
const centre = computed(() => frame.value.tableToSvg(props.zone.centre.place))
const outline = computed(() => pathOf(frame.value, props.zone.outline ?? [], true))
/** Scoring rings where there are some, else two thirds and one third for the eye. */
const rings = computed(() => {
  const radius = props.zone.radiusMillimetres ?? 0
  const scoring = props.zone.rings ?? []
  return scoring.length > 0 ? scoring.map((ring) => ring.radiusMillimetres) : [(2 * radius) / 3, radius / 3]
})
</script>

<template>
  <g :class="kind">
    <template v-if="zone.radiusMillimetres">
      <circle :cx="centre.x" :cy="centre.y" :r="zone.radiusMillimetres" class="edge" />
      <circle v-for="radius in rings" :key="radius" :cx="centre.x" :cy="centre.y" :r="radius" class="ring" />
    </template>
    <path v-else :d="outline" class="edge" />
  </g>
</template>

<style scoped>
.edge {
  fill: var(--bone);
  fill-opacity: 0.12;
  stroke: var(--amber-lit);
  stroke-width: 6;
}
.ring {
  fill: none;
  stroke: var(--amber-lit);
  stroke-opacity: 0.6;
  stroke-width: 3;
}
.area .edge {
  fill-opacity: 0.06;
  stroke: var(--bone);
  stroke-opacity: 0.7;
  stroke-width: 4;
  stroke-dasharray: 24 14;
}
</style>
