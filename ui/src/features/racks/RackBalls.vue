<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LaidBall, Point, RackGame, TableDrawing } from '@/api/types'
import { ARROW_WAYS, useFrame } from '@/table/tableFrame'
import { useGrab } from '@/table/useGrab'
import { ballLook } from './ballLook'
import { useRackWords } from './useRackWords'

/** The balls of a rack: a tap chooses one, a drag moves it, arrow keys move the one that has the focus. */
const props = defineProps<{
  table: TableDrawing
  game: RackGame
  balls: LaidBall[]
  cue?: Point
  /** Ids that are lit: those that are on, or the one that is meant. */
  lit: string[]
  movable?: boolean
  /** Balls are being placed: a tap close beside one places the next against it, and does not choose that one. */
  placing?: boolean
}>()
const emit = defineEmits<{ choose: [id: string]; move: [id: string, to: Point] }>()
const { t } = useI18n()
const words = useRackWords()
const frame = useFrame()
const { grabbed, grab, placeOf, release } = useGrab()

const CUE = 'cue'
const STEP_MILLIMETRES = 10
const SMALLEST_HANDLE_PIXELS = 20
/** In ball radii: two that touch lie two apart. */
const PLACING_HANDLE = 1.25
/** Less is a tap of a hand that is not quite still. */
const DRAG_FROM_PIXELS = 7
const from = ref<{ x: number; y: number; moved: boolean }>()

const radius = computed(() => props.table.objectBallDiameterMillimetres / 2)
const drawn = computed(() => [
  ...props.balls.map(({ id, place }) => ({
    id,
    place,
    radius: radius.value,
    look: ballLook(props.game, id),
  })),
  ...(props.cue
    ? [
        {
          id: CUE,
          place: props.cue,
          radius: props.table.cueBallDiameterMillimetres / 2,
          look: { fill: 'var(--bone)', text: '', ringed: false },
        },
      ]
    : []),
])
const handle = computed(() =>
  props.placing
    ? PLACING_HANDLE * radius.value
    : Math.max(radius.value, SMALLEST_HANDLE_PIXELS * frame.value.millimetresPerPixel),
)

function take(event: PointerEvent, id: string, place: Point): void {
  from.value = { x: event.clientX, y: event.clientY, moved: false }
  if (!grab(event, id, place)) from.value = undefined
}
function drag(event: PointerEvent): void {
  const begun = from.value
  if (!begun || !grabbed.value || !props.movable) return
  begun.moved ||= Math.hypot(event.clientX - begun.x, event.clientY - begun.y) > DRAG_FROM_PIXELS
  const to = placeOf(event)
  if (begun.moved && to) emit('move', grabbed.value.name, to)
}
function letGo(): void {
  if (grabbed.value && from.value && !from.value.moved) emit('choose', grabbed.value.name)
  from.value = undefined
  release()
}
function key(event: KeyboardEvent, id: string, place: Point): void {
  const way = ARROW_WAYS[event.key]
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    emit('choose', id)
  } else if (way && props.movable) {
    event.preventDefault()
    const [dx, dy] = frame.value.portrait ? [way[1], -way[0]] : way
    const step = event.shiftKey ? 1 : STEP_MILLIMETRES
    emit('move', id, {
      xMillimetres: place.xMillimetres + step * dx,
      yMillimetres: place.yMillimetres + step * dy,
    })
  }
}
</script>

<template>
  <g v-for="ball in drawn" :key="ball.id">
    <g :transform="`translate(${frame.tableToSvg(ball.place).x} ${frame.tableToSvg(ball.place).y})`">
      <circle v-if="lit.includes(ball.id)" :r="ball.radius * 1.45" class="lit" />
      <circle :r="ball.radius" class="ball" :style="{ fill: ball.look.fill }" />
      <circle v-if="ball.look.ringed" :r="ball.radius * 0.78" class="ring" />
      <circle v-if="ball.id === CUE" :r="ball.radius * 0.26" style="fill: var(--amber)" />
      <text v-if="ball.look.text" :font-size="ball.radius * 1.2" class="number" aria-hidden="true">
        {{ ball.look.text }}
      </text>
      <circle
        :r="handle"
        class="handle"
        tabindex="0"
        role="button"
        :data-ball="ball.id"
        :aria-label="ball.id === CUE ? t('racks.cueBall') : words.ball(ball.id)"
        :aria-pressed="lit.includes(ball.id)"
        @pointerdown="take($event, ball.id, ball.place)"
        @pointermove="drag"
        @pointerup="letGo"
        @pointercancel="release"
        @click.stop
        @keydown="key($event, ball.id, ball.place)"
      />
    </g>
  </g>
</template>

<style scoped>
.ball {
  stroke: var(--mark-ink);
  stroke-opacity: 0.55;
  stroke-width: 2.5;
}
.ring {
  fill: none;
  stroke: var(--bone);
  stroke-width: 6;
}
.lit {
  fill: none;
  stroke: var(--amber-lit);
  stroke-width: 9;
}
.number {
  fill: var(--chalk);
  font-weight: 700;
  text-anchor: middle;
  dominant-baseline: central;
  pointer-events: none;
}
.handle {
  fill: transparent;
  outline: none;
  cursor: pointer;
  touch-action: none;
}
.handle:focus-visible {
  stroke: var(--amber-lit);
  stroke-width: 6;
}
</style>
