<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Ball, Point } from '@/api/types'
import { ARROW_WAYS, useFrame } from './tableFrame'
import { useGrab } from './useGrab'

/** Something to take each ball by: a pointer drags it, arrow keys move the one that has the focus. */
const props = defineProps<{ balls: Ball[] }>()
const emit = defineEmits<{ move: [label: string, to: Point] }>()
const { t } = useI18n()
const frame = useFrame()

const SMALLEST_HANDLE_PIXELS = 22
const STEP_MILLIMETRES = 10
const FINE_STEP_MILLIMETRES = 1

const { grabbed, grab, placeOf, release } = useGrab()
const handles = computed(() =>
  props.balls.map((ball) => ({
    ball,
    ...frame.value.tableToSvg(ball.at.place),
    r: Math.max(ball.diameterMillimetres / 2, SMALLEST_HANDLE_PIXELS * frame.value.millimetresPerPixel),
  })),
)

function drag(event: PointerEvent): void {
  const to = placeOf(event)
  if (grabbed.value && to) emit('move', grabbed.value.name, to)
}

function key(event: KeyboardEvent, ball: Ball): void {
  const way = ARROW_WAYS[event.key]
  if (!way) return
  event.preventDefault()
  const step = event.shiftKey ? FINE_STEP_MILLIMETRES : STEP_MILLIMETRES
  // Right and up on the screen, as the table is turned.
  const [dx, dy] = frame.value.portrait ? [way[1], -way[0]] : way
  const { xMillimetres: x, yMillimetres: y } = ball.at.place
  emit('move', ball.label, { xMillimetres: x + step * dx, yMillimetres: y + step * dy })
}
</script>

<template>
  <circle
    v-for="handle in handles"
    :key="handle.ball.label"
    :cx="handle.x"
    :cy="handle.y"
    :r="handle.r"
    class="handle"
    tabindex="0"
    role="button"
    :data-ball="handle.ball.label"
    :aria-label="
      t('drills.moveBall', { ball: t(`drills.ball.${handle.ball.role}`, { label: handle.ball.label }) })
    "
    @pointerdown="grab($event, handle.ball.label, handle.ball.at.place)"
    @pointermove="drag"
    @pointerup="release"
    @pointercancel="release"
    @keydown="key($event, handle.ball)"
  />
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
  stroke-width: 6;
}
</style>
