<script setup lang="ts">
import { computed } from 'vue'
import type { TableDrawing } from '@/api/types'
import { useUnits } from '@/shared/units'
import { pathOf, useFrame } from '@/table/tableFrame'
import type { Panel, Row } from './panels'

/** The panel's question on the cloth: the straight shot along the middle of the table, or the cut. */
const props = defineProps<{
  table: TableDrawing
  panel: Panel
  values: Record<string, number>
  rows: Row[]
}>()
const frame = useFrame()
const { length } = useUnits()
const START_SHARE = 0.12

const start = computed(() => ({
  xMillimetres: START_SHARE * props.table.lengthMillimetres,
  yMillimetres: props.table.widthMillimetres / 2,
}))
const reach = computed(
  () => props.table.lengthMillimetres - props.table.noseDistanceMillimetres - start.value.xMillimetres,
)

function at(millimetres: number) {
  const x =
    start.value.xMillimetres + Math.min(Math.max(millimetres, -start.value.xMillimetres + 40), reach.value)
  return { xMillimetres: x, yMillimetres: start.value.yMillimetres }
}

/** A cut looks the same from any distance. */
const CUT_SHOWN_FROM_MILLIMETRES = 700
const distance = computed(() =>
  props.panel.key === 'cut' ? CUT_SHOWN_FROM_MILLIMETRES : props.values.distanceMillimetres,
)
const ghost = computed(() => (distance.value === undefined ? undefined : at(distance.value)))
/** The object ball beyond the ghost ball, turned by the cut. */
const object = computed(() => {
  if (!ghost.value) return undefined
  const cut = ((props.values.cutDegrees ?? 0) * Math.PI) / 180
  const touching = (props.table.cueBallDiameterMillimetres + props.table.objectBallDiameterMillimetres) / 2
  return {
    xMillimetres: ghost.value.xMillimetres + touching * Math.cos(cut),
    yMillimetres: ghost.value.yMillimetres + touching * Math.sin(cut),
  }
})

/** Stretches of one phase each, cut off where the table ends. */
const stretches = computed(() => {
  if (props.panel.key !== 'path') return []
  const rows = props.rows
  return rows.slice(0, -1).map((row, i) => ({
    key: i,
    phase: String(row.phase),
    d: pathOf(frame.value, [at(Number(row.millimetres)), at(Number(rows[i + 1]?.millimetres ?? 0))], false),
  }))
})

/** Where a run-through or draw comes to rest, numbered as in the table. */
const ends = computed(() => {
  if (props.panel.key !== 'runThrough' || distance.value === undefined) return []
  const from = distance.value
  return props.rows
    .filter((row) => row.tipHeightMillimetres !== undefined)
    .map((row) => ({
      key: Number(row.wantedMillimetres),
      ...frame.value.tableToSvg(at(from + Number(row.wantedMillimetres))),
    }))
})
/** Where the object ball goes with each side, as far as its pocket is away. */
const squeezed = computed(() => {
  const from = object.value
  if (props.panel.key !== 'squeeze' || !from) return []
  const reach = props.values.toPocketMillimetres ?? 0
  return props.rows
    .filter((row) => row.throwDegrees !== undefined)
    .map((row) => {
      const turned = (((props.values.cutDegrees ?? 0) + Number(row.throwDegrees)) * Math.PI) / 180
      const to = {
        xMillimetres: from.xMillimetres + reach * Math.cos(turned),
        yMillimetres: from.yMillimetres + reach * Math.sin(turned),
      }
      return { key: Number(row.sideMillimetres), d: pathOf(frame.value, [from, to], false) }
    })
})
/** Turns of a side stroke, drawn larger than they are: a true degree would not be seen. */
const EXAGGERATED = 5
const SHOWN_PACE = 2.7
const OBJECT_WAY_MILLIMETRES = 420
const DEGREE = Math.PI / 180

/** A side stroke: where the cue points, the way that the ball takes, where the object ball leaves. */
const sided = computed(() => {
  const to = ghost.value
  const from = object.value
  if (props.panel.key !== 'side' || !to || !from) return undefined
  const row =
    props.rows.find((one) => one.paceMetresPerSecond === SHOWN_PACE) ??
    props.rows.find(({ squirtDegrees }) => squirtDegrees !== undefined)
  if (row?.squirtDegrees === undefined) return undefined
  const reach = to.xMillimetres - start.value.xMillimetres
  const turned = (degrees: unknown) => EXAGGERATED * Number(degrees) * DEGREE
  // The cue points aside by both, so that the ball gets there after both.
  const cue = -turned(row.squirtDegrees) - turned(row.swerveDegrees)
  const launch = cue + turned(row.squirtDegrees)
  const aside = (angle: number, x: number) => ({
    xMillimetres: start.value.xMillimetres + x,
    yMillimetres: start.value.yMillimetres + x * Math.tan(angle),
  })
  const way = Array.from({ length: 21 }, (_, i) => {
    const x = (reach * i) / 20
    const back = turned(row.swerveDegrees) * (x / reach) * x
    const place = aside(launch, x)
    return { ...place, yMillimetres: place.yMillimetres + back }
  })
  const leaves = (props.values.cutDegrees ?? 0) * DEGREE + turned(row.throwDegrees)
  const gone = {
    xMillimetres: from.xMillimetres + OBJECT_WAY_MILLIMETRES * Math.cos(leaves),
    yMillimetres: from.yMillimetres + OBJECT_WAY_MILLIMETRES * Math.sin(leaves),
  }
  return {
    cue: pathOf(frame.value, [aside(cue, -start.value.xMillimetres * 0.8), aside(cue, reach)], false),
    way: pathOf(frame.value, way, false),
    object: pathOf(frame.value, [from, gone], false),
  }
})

/** Where the ball changes what it does, in millimetres from the start. */
const changes = computed(() => {
  if (props.panel.key !== 'path') return []
  return props.rows
    .filter((row, i) => i > 0 && row.phase !== props.rows[i - 1]?.phase)
    .map((row) => ({
      millimetres: Number(row.millimetres),
      ...frame.value.tableToSvg(at(Number(row.millimetres))),
    }))
    .filter(({ millimetres }) => millimetres < reach.value)
})
const fontSize = computed(() => 14 * frame.value.millimetresPerPixel)
const svg = (place: { xMillimetres: number; yMillimetres: number }) => frame.value.tableToSvg(place)
</script>

<template>
  <g>
    <path v-if="ghost && !sided" :d="pathOf(frame, [start, ghost], false)" class="aim" />
    <path v-for="stretch in stretches" :key="stretch.key" :d="stretch.d" :class="stretch.phase" />
    <g v-for="change in changes" :key="`c${change.millimetres}`">
      <path :d="`M${change.x} ${change.y - 30} V${change.y + 30}`" class="change" />
      <text :x="change.x" :y="change.y - 44" :font-size="fontSize">{{ length(change.millimetres) }}</text>
    </g>
    <template v-if="sided">
      <path :d="sided.cue" class="aim" />
      <path :d="sided.way" class="way" />
      <path :d="sided.object" class="squeezed" />
    </template>
    <path v-for="line in squeezed" :key="line.key" :d="line.d" class="squeezed" />
    <circle
      v-for="end in ends"
      :key="end.key"
      :cx="end.x"
      :cy="end.y"
      :r="table.cueBallDiameterMillimetres / 2"
      class="end"
    />
    <circle
      v-if="ghost"
      :cx="svg(ghost).x"
      :cy="svg(ghost).y"
      :r="table.cueBallDiameterMillimetres / 2"
      class="ghost"
    />
    <circle
      v-if="object"
      :cx="svg(object).x"
      :cy="svg(object).y"
      :r="table.objectBallDiameterMillimetres / 2"
      class="object"
    />
    <circle :cx="svg(start).x" :cy="svg(start).y" :r="table.cueBallDiameterMillimetres / 2" class="cue" />
  </g>
</template>

<style scoped>
path {
  fill: none;
  stroke: var(--chalk);
  stroke-width: 8;
}
.aim {
  stroke-width: 4;
  stroke-dasharray: 18 14;
  stroke-opacity: 0.7;
}
.BACKSPIN {
  stroke: var(--amber-lit);
  stroke-dasharray: 4 14;
  stroke-width: 12;
  stroke-linecap: round;
}
.SLIDE {
  stroke-dasharray: 24 14;
}
.squeezed {
  stroke-width: 3;
  stroke: var(--object-path);
}
.way {
  stroke-width: 5;
}
.change {
  stroke-width: 4;
}
text {
  fill: var(--chalk);
  text-anchor: middle;
}
.cue {
  fill: var(--bone);
  stroke: var(--mark-ink);
  stroke-width: 2.5;
}
.object {
  fill: var(--object-ball);
  stroke: var(--mark-ink);
  stroke-width: 2.5;
}
.ghost {
  fill: none;
  stroke: var(--bone);
  stroke-width: 3;
  stroke-dasharray: 8 7;
}
.end {
  fill: var(--chalk);
  fill-opacity: 0.3;
  stroke: var(--chalk);
  stroke-width: 3;
}
</style>
