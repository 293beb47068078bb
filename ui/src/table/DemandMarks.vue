<script setup lang="ts">
import { computed } from 'vue'
import type { Demand, Shot } from '@/api/types'
import { pathOf, useFrame } from './tableFrame'
import ZoneMark from './ZoneMark.vue'

/** What is asked, drawn on the cloth: zones, areas, lines not to cross, cushion points. */
const props = defineProps<{ shot: Shot }>()
const frame = useFrame()
const demands = computed(() => props.shot.demands)

function linePath(demand: Demand): string {
  return pathOf(frame.value, demand.line ?? [], false)
}
</script>

<template>
  <g>
    <template v-for="(demand, index) in demands" :key="index">
      <ZoneMark v-if="demand.zone" :zone="demand.zone" :kind="demand.kind === 'STAY_IN' ? 'area' : 'zone'" />
      <path
        v-if="demand.line"
        :d="linePath(demand)"
        :class="demand.kind === 'CUSHION_POINT' ? 'goal' : 'forbidden'"
      />
    </template>
  </g>
</template>

<style scoped>
path {
  fill: none;
}
.goal {
  stroke: var(--amber-lit);
  stroke-width: 18;
}
.forbidden {
  fill: none;
  stroke: var(--object-ball);
  stroke-width: 8;
  stroke-dasharray: 4 16;
  stroke-linecap: round;
}
</style>
