<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Mark, Point, Review } from '@/api/types'
import LandingMark from '@/table/LandingMark.vue'
import ShotMarks from '@/table/ShotMarks.vue'
import SpreadMarks from '@/table/SpreadMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import { tableFrame } from '@/table/tableFrame'
import ExploreMarks from './ExploreMarks.vue'
import MarkCanvas from './MarkCanvas.vue'

/** The landings with their spread, on the whole table or close up; close up it is dragged and zoomed. */
const props = defineProps<{
  review: Review
  shown: Mark[]
  chosenId?: string
  closeUp?: { centre: Point; sideMillimetres: number }
  label: string
}>()
const emit = defineEmits<{ choose: [string] }>()

/** More marks than these are stamped as pixels. */
const MOST_PARTS = 400
const HIT_PIXELS = 14
const DRAG_PIXELS = 4
const ZOOM_STEP = 1.2
const CLOSEST_MILLIMETRES = 150

const diagram = ref<InstanceType<typeof TableDiagram>>()
const moved = ref<{ centre: Point; sideMillimetres: number }>()
watch(
  () => props.closeUp,
  () => (moved.value = undefined),
)
const view = computed(() => (props.closeUp ? (moved.value ?? props.closeUp) : undefined))
const many = computed(() => props.shown.length > MOST_PARTS)
const frame = computed(() => tableFrame(props.review.table, false, 1))

/** Which part of the table is seen at which size: the same object until it changes. */
const part = computed(() => [view.value, diagram.value?.millimetresPerPixel])
const parts = computed(() =>
  many.value ? [] : props.shown.flatMap((mark) => (mark.landing ? [{ mark, place: mark.landing }] : [])),
)
function state(mark: Mark): 'chosen' | 'faint' | 'plain' {
  if (mark.id === props.chosenId) return 'chosen'
  return mark.outcome.startsWith('MISSED') ? 'faint' : 'plain'
}

let next: { centre: Point; sideMillimetres: number } | undefined
let frameAsked = 0
let held: { x: number; y: number; centre: Point; dragged: boolean } | undefined

function press(event: PointerEvent): void {
  if (!view.value) return
  held = { x: event.clientX, y: event.clientY, centre: view.value.centre, dragged: false }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}

function drag(event: PointerEvent): void {
  if (!held || !view.value) return
  const [dx, dy] = [event.clientX - held.x, event.clientY - held.y]
  if (!held.dragged && Math.hypot(dx, dy) < DRAG_PIXELS) return
  held.dragged = true
  const scale = diagram.value?.millimetresPerPixel ?? 1
  next = {
    sideMillimetres: view.value.sideMillimetres,
    centre: {
      xMillimetres: held.centre.xMillimetres - dx * scale,
      yMillimetres: held.centre.yMillimetres + dy * scale,
    },
  }
  // The pointer moves more often than the screen shows.
  frameAsked ||= requestAnimationFrame(() => {
    frameAsked = 0
    moved.value = next
  })
}

function release(event: PointerEvent): void {
  const dragged = held?.dragged ?? false
  held = undefined
  if (!dragged) pick(event)
}

/** The nearest mark to a tap; a mark of its own is small for a finger. */
function pick(event: PointerEvent): void {
  const place = diagram.value?.clientToTable({ x: event.clientX, y: event.clientY })
  if (!place) return
  let nearest: Mark | undefined
  let least = HIT_PIXELS * (diagram.value?.millimetresPerPixel ?? 1)
  for (const one of props.shown) {
    const at = one.landing
    if (!at) continue
    const off = Math.hypot(at.xMillimetres - place.xMillimetres, at.yMillimetres - place.yMillimetres)
    if (off <= least) {
      least = off
      nearest = one
    }
  }
  if (nearest) emit('choose', nearest.id)
}

function zoom(event: WheelEvent): void {
  if (!view.value || !props.closeUp) return
  event.preventDefault()
  const side = view.value.sideMillimetres * (event.deltaY > 0 ? ZOOM_STEP : 1 / ZOOM_STEP)
  const widest = props.review.table.widthMillimetres + 2 * props.review.table.cushionDepthMillimetres
  moved.value = {
    centre: view.value.centre,
    sideMillimetres: Math.min(widest, Math.max(CLOSEST_MILLIMETRES, side)),
  }
}
</script>

<template>
  <div
    class="map"
    :class="{ drags: closeUp, stamped: many }"
    @pointerdown="press"
    @pointermove="drag"
    @pointerup="release"
    @wheel="zoom"
  >
    <TableDiagram ref="diagram" :table="review.table" :label="label" :close-up="view">
      <ShotMarks :shot="review.shot" :faint="true" />
      <SpreadMarks v-if="!review.explored" :dispersion="review.dispersion" />
      <LandingMark
        v-for="{ mark, place } in parts"
        :key="mark.id"
        v-memo="[mark, state(mark), diagram?.millimetresPerPixel]"
        :place="place"
        :outcome="mark.outcome"
        :foul="mark.foul"
        :state="state(mark)"
      />
      <!-- Above the landings: its words are to be read. -->
      <ExploreMarks v-if="review.explored" :explored="review.explored" :scale="review.table.strike" />
    </TableDiagram>
    <MarkCanvas
      v-if="many"
      :shown="shown"
      :svg="diagram?.element"
      :to-svg="frame.tableToSvg"
      :chosen-id="chosenId"
      :view="part"
    />
  </div>
</template>

<style scoped>
.map {
  position: relative;
  contain: strict;
  width: 100%;
  height: 100%;
}
.drags {
  cursor: grab;
  touch-action: none;
}
.stamped :deep(svg) {
  will-change: transform;
}
</style>
