<script setup lang="ts">
import { computed } from 'vue'
import type { LabStrokes } from '@/api/types'
import ShotPathMarks from '@/table/ShotPathMarks.vue'
import { useFrame } from '@/table/tableFrame'

/** Several strokes from one set-up, each with its number of the table where the cue ball comes to rest. */
const props = defineProps<{ strokes: LabStrokes }>()
const frame = useFrame()
const CUE = 'cue'

const balls = computed(() =>
  props.strokes.balls.map((ball) => ({ ...ball, ...frame.value.tableToSvg(ball.place) })),
)
const paths = computed(() =>
  props.strokes.strokes.flatMap(({ path }, index) => {
    const end = path?.tracks.find((track) => track.ball === CUE)?.end
    return path && end ? [{ index, path, end: frame.value.tableToSvg(end) }] : []
  }),
)
const fontSize = computed(() => 15 * frame.value.millimetresPerPixel)
</script>

<template>
  <g>
    <ShotPathMarks v-for="{ index, path } in paths" :key="index" :path="path" :cue-label="CUE" />
    <circle
      v-for="(ball, index) in balls"
      :key="`b${index}`"
      :cx="ball.x"
      :cy="ball.y"
      :r="ball.diameterMillimetres / 2"
      :class="ball.cueBall ? 'cue' : 'object'"
    />
    <text v-for="{ index, end } in paths" :key="`n${index}`" :x="end.x" :y="end.y" :font-size="fontSize">
      {{ index + 1 }}
    </text>
  </g>
</template>

<style scoped>
circle {
  stroke: var(--mark-ink);
  stroke-width: 2.5;
}
.cue {
  fill: var(--bone);
}
.object {
  fill: var(--object-ball);
}
text {
  fill: var(--mark-ink);
  stroke: var(--chalk);
  stroke-width: 8;
  paint-order: stroke;
  font-weight: 700;
  text-anchor: middle;
  dominant-baseline: central;
}
</style>
