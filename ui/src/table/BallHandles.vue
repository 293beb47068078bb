<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Ball, Point } from '@/api/types'
import { CLIENT_TO_TABLE, useFrame } from './tableFrame'

/** Something to take each ball by: a pointer drags it, arrow keys move the one that has the focus. */
const props = defineProps<{ balls: Ball[] }>()
const emit = defineEmits<{ move: [label: string, to: Point] }>()
const { t } = useI18n()
const frame = useFrame()
const clientToTable = inject(CLIENT_TO_TABLE)

const SMALLEST_HANDLE_PIXELS = 22
const STEP_MILLIMETRES = 10
const FINE_STEP_MILLIMETRES = 1
const KEYS: Record<string, [number, number]> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** The ball in hand and where in it the pointer took hold. */
const held = ref<{ label: string; dx: number; dy: number }>()
const handles = computed(() =>
  props.balls.map((ball) => ({
    ball,
    ...frame.value.tableToSvg(ball.at.place),
    r: Math.max(ball.diameterMillimetres / 2, SMALLEST_HANDLE_PIXELS * frame.value.millimetresPerPixel),
  })),
)

function down(event: PointerEvent, ball: Ball): void {
  const at = clientToTable?.({ x: event.clientX, y: event.clientY })
  if (event.button !== 0 || !at) return
  event.stopPropagation()
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  const { xMillimetres: x, yMillimetres: y } = ball.at.place
  held.value = { label: ball.label, dx: x - at.xMillimetres, dy: y - at.yMillimetres }
}

function drag(event: PointerEvent): void {
  const at = held.value && clientToTable?.({ x: event.clientX, y: event.clientY })
  if (!held.value || !at) return
  const { label, dx, dy } = held.value
  emit('move', label, { xMillimetres: at.xMillimetres + dx, yMillimetres: at.yMillimetres + dy })
}

function key(event: KeyboardEvent, ball: Ball): void {
  const way = KEYS[event.key]
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
    @pointerdown="down($event, handle.ball)"
    @pointermove="drag"
    @pointerup="held = undefined"
    @pointercancel="held = undefined"
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
