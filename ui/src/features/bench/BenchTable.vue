<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Ball, Point } from '@/api/types'
import ShotMarks from '@/table/ShotMarks.vue'
import ShotPathMarks from '@/table/ShotPathMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import SightNumbers from '@/table/SightNumbers.vue'
import AimingMarks from './AimingMarks.vue'
import BenchBalls from './BenchBalls.vue'
import DemandGrips from './DemandGrips.vue'
import { useBench } from './useBench'

/** The table of the bench: everything on it can be taken hold of. */
const bench = useBench()
const { t } = useI18n()
const emit = defineEmits<{ point: [place: Point | undefined] }>()
const diagram = useTemplateRef<InstanceType<typeof TableDiagram>>('diagram')
const cueLabel = computed(() => bench.shot.value?.balls.find((ball) => ball.role === 'cue')?.label ?? '')
const drawnPath = computed(
  () => bench.shownWay.value ?? (bench.overlays.usual ? bench.usual.value?.path : undefined),
)
const balls = computed<Ball[]>(() => bench.shown.value?.shot.balls ?? [])
/** A stretched box that selects what it covers, in table places. */
const box = ref<{ from: Point; to: Point }>()

function pointed(event: PointerEvent): Point | undefined {
  return diagram.value?.clientToTable({ x: event.clientX, y: event.clientY })
}

function down(event: PointerEvent): void {
  const at = pointed(event)
  if (!at || event.button !== 0) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  box.value = { from: at, to: at }
}

function move(event: PointerEvent): void {
  const at = pointed(event)
  emit('point', at)
  if (box.value && at) box.value = { ...box.value, to: at }
}

function up(event: PointerEvent): void {
  const stretched = box.value
  box.value = undefined
  if (!stretched) return
  const { from, to } = stretched
  const within = (value: number, a: number, b: number) => value >= Math.min(a, b) && value <= Math.max(a, b)
  const covered = balls.value
    .filter(
      ({ at: { place } }) =>
        within(place.xMillimetres, from.xMillimetres, to.xMillimetres) &&
        within(place.yMillimetres, from.yMillimetres, to.yMillimetres),
    )
    .map((ball) => ball.label)
  bench.select(event.shiftKey ? [...bench.selection.value, ...covered] : covered)
  if (covered.length === 0) bench.demandIndex.value = demandUnder(to)
}

/** The zone that was tapped, so that its grips appear. */
function demandUnder(place: Point): number | undefined {
  const index = bench.shown.value?.shot.demands.findIndex(
    (demand) => demand.zone && holds(demand.zone, place),
  )
  return index === undefined || index < 0 ? undefined : index
}

function holds(
  zone: { centre: { place: Point }; radiusMillimetres?: number; outline?: Point[] },
  place: Point,
) {
  if (zone.radiusMillimetres) {
    const { xMillimetres: x, yMillimetres: y } = zone.centre.place
    return Math.hypot(x - place.xMillimetres, y - place.yMillimetres) <= zone.radiusMillimetres
  }
  const corners = zone.outline ?? []
  let inside = false
  corners.forEach((one, i) => {
    const other = corners[(i + 1) % corners.length] ?? one
    if (one.yMillimetres > place.yMillimetres !== other.yMillimetres > place.yMillimetres) {
      const share = (place.yMillimetres - one.yMillimetres) / (other.yMillimetres - one.yMillimetres)
      const x = one.xMillimetres + share * (other.xMillimetres - one.xMillimetres)
      if (place.xMillimetres < x) inside = !inside
    }
  })
  return inside
}
</script>

<template>
  <TableDiagram
    v-if="bench.drawing.value && bench.shown.value"
    ref="diagram"
    :table="bench.drawing.value"
    :label="t('bench.table')"
    interactive
    class="bench-table"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointerleave="emit('point', undefined)"
  >
    <SightNumbers v-if="bench.showsSights.value" :table="bench.drawing.value" />
    <AimingMarks v-if="bench.shown.value.lines" :lines="bench.shown.value.lines" part="under" />
    <ShotMarks :shot="bench.shown.value.shot" plain />
    <ShotPathMarks v-if="drawnPath" :path="drawnPath" :cue-label="cueLabel" />
    <AimingMarks v-if="bench.shown.value.lines" :lines="bench.shown.value.lines" part="over" />
    <DemandGrips />
    <BenchBalls :balls="balls" />
    <rect v-if="box" v-bind="diagram?.rectangle(box.from, box.to)" class="box" />
  </TableDiagram>
</template>

<style scoped>
.bench-table {
  touch-action: none;
}
.box {
  fill: var(--amber-lit);
  fill-opacity: 0.12;
  stroke: var(--amber-lit);
  stroke-width: 4;
  stroke-dasharray: 12 8;
}
</style>
