<script setup lang="ts">
import { computed } from 'vue'
import type { SessionPoint } from '@/api/types'

/** Success by session as a small line from 0 to 100 %; a dot's area grows with its attempts. */
const props = defineProps<{ sessions: SessionPoint[]; label: string }>()
const WIDTH = 180
const HEIGHT = 44
const MARGIN = 6
const MOST_RADIUS = 4.5

const dots = computed(() => {
  const played = props.sessions.filter((one) => one.judged > 0)
  const most = Math.max(1, ...played.map((one) => one.judged))
  return played.map((one, index) => ({
    id: one.sessionId,
    x: MARGIN + (played.length < 2 ? 0.5 : index / (played.length - 1)) * (WIDTH - 2 * MARGIN),
    y: HEIGHT - MARGIN - (one.successes / one.judged) * (HEIGHT - 2 * MARGIN),
    r: Math.max(1.6, MOST_RADIUS * Math.sqrt(one.judged / most)),
  }))
})
const line = computed(() => dots.value.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' '))
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <path :d="`M${MARGIN} ${MARGIN} H${WIDTH - MARGIN} M${MARGIN} ${HEIGHT - MARGIN} H${WIDTH - MARGIN}`" />
    <polyline :points="line" />
    <circle v-for="dot in dots" :key="dot.id" :cx="dot.x" :cy="dot.y" :r="dot.r" />
  </svg>
</template>

<style scoped>
svg {
  width: 180px;
  height: 44px;
}
path {
  stroke: var(--hairline);
  stroke-width: 1;
}
polyline {
  fill: none;
  stroke: var(--ink-second);
  stroke-width: 1.2;
}
circle {
  fill: var(--ink);
}
</style>
