<script setup lang="ts">
import { computed } from 'vue'
import type { Ball } from '@/api/types'
import { useFrame } from './tableFrame'

const props = defineProps<{
  ball: Ball
  /** With its label: where the order of the balls matters. */
  numbered?: boolean
}>()
const frame = useFrame()
const at = computed(() => frame.value.tableToSvg(props.ball.at.place))
const radius = computed(() => props.ball.diameterMillimetres / 2)
const fill = computed(
  () =>
    ({ CUE: 'var(--bone)', OBJECT: 'var(--object-ball)', NEXT: 'var(--next-ball)', BLOCKER: 'url(#hatch)' })[
      props.ball.role
    ],
)
</script>

<template>
  <g>
    <circle
      :cx="at.x"
      :cy="at.y"
      :r="radius"
      :fill="fill"
      style="stroke: var(--mark-ink)"
      stroke-opacity="0.55"
      stroke-width="2.5"
    />
    <text
      v-if="numbered && ball.role !== 'CUE' && ball.label.length <= 2"
      :x="at.x"
      :y="at.y"
      :font-size="radius * 1.25"
      class="number"
      aria-hidden="true"
    >
      {{ ball.label }}
    </text>
    <circle v-if="ball.role === 'CUE'" :cx="at.x" :cy="at.y" :r="radius * 0.26" style="fill: var(--amber)" />
  </g>
</template>

<style scoped>
.number {
  fill: var(--chalk);
  font-weight: 700;
  text-anchor: middle;
  dominant-baseline: central;
  pointer-events: none;
}
</style>
