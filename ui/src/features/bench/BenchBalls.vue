<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Ball } from '@/api/types'
import { useFrame } from '@/table/tableFrame'
import { useGrab } from '@/table/useGrab'
import { useBench } from './useBench'

/** Something to take each ball by. A click selects, with Shift one more; a drag moves; arrow keys nudge what is selected. */
const props = defineProps<{ balls: Ball[] }>()
const bench = useBench()
const { t } = useI18n()
const frame = useFrame()

const SMALLEST_HANDLE_PIXELS = 20
const SNAP_PIXELS = 9
const smallest = computed(() => SMALLEST_HANDLE_PIXELS * frame.value.millimetresPerPixel)

/** Half way to the nearest ball, so that of two that touch each can be taken. */
function roomAround(ball: Ball): number {
  const { xMillimetres: x, yMillimetres: y } = ball.at.place
  const gaps = props.balls
    .filter((other) => other.label !== ball.label)
    .map(({ at: { place } }) => Math.hypot(place.xMillimetres - x, place.yMillimetres - y))
  return Math.min(...gaps) / 2
}

const handles = computed(() =>
  props.balls.map((ball) => ({
    ball,
    ...frame.value.tableToSvg(ball.at.place),
    ring: ball.diameterMillimetres / 2 + 9,
    r: Math.max(ball.diameterMillimetres / 2, Math.min(roomAround(ball), smallest.value)),
    selected: bench.selection.value.has(ball.label),
  })),
)
const { grabbed, grab, placeOf, release: letGo } = useGrab()

function down(event: PointerEvent, ball: Ball): void {
  if (!grab(event, ball.label, ball.at.place)) return
  if (event.shiftKey) bench.select([...bench.selection.value, ball.label])
  else if (!bench.selection.value.has(ball.label)) bench.select([ball.label])
}

function drag(event: PointerEvent): void {
  const to = placeOf(event)
  if (!grabbed.value || !to) return
  bench.held.value = true
  const { name, gesture } = grabbed.value
  bench.dragBall(name, to, SNAP_PIXELS * frame.value.millimetresPerPixel, event.altKey, gesture)
}

function release(): void {
  letGo()
  bench.held.value = false
  bench.caught.value = undefined
}

const caughtAt = computed(() => handles.value.find((handle) => handle.ball.label === grabbed.value?.name))
const caughtWords = computed(() => {
  const caught = bench.caught.value
  if (!caught) return ''
  const name = caught.kind === 'cushion' ? t(`cushion.${caught.name}`) : caught.name
  return t(`bench.caught.${caught.kind}`, { name })
})
</script>

<template>
  <g>
    <template v-for="handle in handles" :key="handle.ball.label">
      <circle v-if="handle.selected" :cx="handle.x" :cy="handle.y" :r="handle.ring" class="selected" />
      <circle
        :cx="handle.x"
        :cy="handle.y"
        :r="handle.r"
        class="handle"
        tabindex="0"
        role="button"
        :aria-pressed="handle.selected"
        :data-ball="handle.ball.label"
        :aria-label="
          t('bench.takeBall', { ball: t(`drills.ball.${handle.ball.role}`, { label: handle.ball.label }) })
        "
        @pointerdown="down($event, handle.ball)"
        @pointermove.stop="drag"
        @pointerup.stop="release"
        @pointercancel="release"
        @keydown.enter.prevent="bench.select([handle.ball.label])"
        @keydown.space.prevent="bench.select([...bench.selection.value, handle.ball.label])"
        @focus="bench.selection.value.size > 1 || bench.select([handle.ball.label])"
      />
    </template>
    <text
      v-if="caughtAt && caughtWords"
      :x="caughtAt.x"
      :y="caughtAt.y - 60"
      :font-size="15 * frame.millimetresPerPixel"
      class="caught"
    >
      {{ caughtWords }}
    </text>
  </g>
</template>

<style scoped>
.handle {
  fill: transparent;
  outline: none;
  cursor: grab;
  touch-action: none;
}
.handle:active {
  cursor: grabbing;
}
.handle:focus-visible {
  stroke: var(--amber-lit);
  stroke-width: 5;
  stroke-dasharray: 10 6;
}
.selected {
  fill: none;
  stroke: var(--amber-lit);
  stroke-width: 7;
}
.caught {
  fill: var(--chalk);
  stroke: var(--mark-ink);
  stroke-width: 8;
  paint-order: stroke;
  text-anchor: middle;
  font-weight: 600;
  pointer-events: none;
}
</style>
