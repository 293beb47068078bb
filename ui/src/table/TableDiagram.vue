<script setup lang="ts">
import { useElementSize } from '@/shared/useElementSize'
import { computed, provide, ref } from 'vue'
import type { Point, TableDrawing } from '@/api/types'
import DriftMark from './DriftMark.vue'
import {
  around,
  CLIENT_TO_TABLE,
  FRAME,
  pathOf,
  tableFrame,
  wholeTable,
  WOOD_MILLIMETRES,
  type SvgPoint,
} from './tableFrame'

/** A table to scale with whatever is put into its slot: 1 user unit is 1 mm. */
const props = defineProps<{
  table: TableDrawing
  label: string
  portrait?: boolean
  /** Has controls in it (balls to move), so it is a group to screen readers and not one picture. */
  interactive?: boolean
  /** Show only a square of this side around a place. */
  closeUp?: { centre: Point; sideMillimetres: number }
}>()

const svg = ref<SVGSVGElement>()
const size = useElementSize(svg)

const box = computed(() =>
  props.closeUp
    ? around(
        tableFrame(props.table, props.portrait ?? false, 1),
        props.table,
        props.closeUp.centre,
        props.closeUp.sideMillimetres,
      )
    : wholeTable(props.table, props.portrait ?? false),
)

const millimetresPerPixel = computed(() => {
  const { width, height } = size.value
  if (!width || !height) return 3
  return Math.max(box.value.width / width, box.value.height / height)
})

const frame = computed(() => tableFrame(props.table, props.portrait ?? false, millimetresPerPixel.value))
provide(FRAME, frame)

const whole = computed(() => wholeTable(props.table, props.portrait ?? false))
const cloth = computed(() => {
  const depth = props.table.cushionDepthMillimetres
  const w = whole.value
  return {
    x: -depth,
    y: -depth,
    width: w.width - 2 * WOOD_MILLIMETRES,
    height: w.height - 2 * WOOD_MILLIMETRES,
  }
})
const cushions = computed(() => props.table.cushions.map((outline) => pathOf(frame.value, outline, true)))
const headLine = computed(() => pathOf(frame.value, props.table.headLine, false))

const dPath = computed(() => {
  const d = props.table.d
  if (!d) return ''
  const { xMillimetres: x, yMillimetres: y } = d.centre
  const from = frame.value.tableToSvg({ xMillimetres: x, yMillimetres: y + d.radiusMillimetres })
  const to = frame.value.tableToSvg({ xMillimetres: x, yMillimetres: y - d.radiusMillimetres })
  return `M${from.x} ${from.y} A${d.radiusMillimetres} ${d.radiusMillimetres} 0 0 0 ${to.x} ${to.y}`
})

function sightPath(point: Point): string {
  const { x, y } = frame.value.tableToSvg(point)
  return `M${x} ${y - 16} L${x + 10} ${y} L${x} ${y + 16} L${x - 10} ${y} Z`
}

/** Where on the table a pointer is; the SVG's own matrix knows about scaling and letterboxing. */
function clientToTable(client: SvgPoint): Point | undefined {
  const matrix = svg.value?.getScreenCTM()
  if (!matrix) return undefined
  const { x, y } = new DOMPoint(client.x, client.y).matrixTransform(matrix.inverse())
  return frame.value.svgToTable({ x, y })
}

provide(CLIENT_TO_TABLE, clientToTable)

/** The rectangle between two places, for the drawing. */
function rectangle(one: Point, other: Point): { x: number; y: number; width: number; height: number } {
  const a = frame.value.tableToSvg(one)
  const b = frame.value.tableToSvg(other)
  return {
    x: Math.min(a.x, b.x),
    y: Math.min(a.y, b.y),
    width: Math.abs(a.x - b.x),
    height: Math.abs(a.y - b.y),
  }
}

defineExpose({ clientToTable, rectangle, millimetresPerPixel, element: svg })
</script>

<template>
  <svg
    ref="svg"
    class="table"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    preserveAspectRatio="xMidYMid meet"
    :role="interactive ? 'group' : 'img'"
    :aria-label="label"
  >
    <defs>
      <linearGradient id="wood" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stop-color="var(--wood-light)" />
        <stop offset="1" stop-color="var(--wood-dark)" />
      </linearGradient>
      <radialGradient id="cloth">
        <stop offset="0" stop-color="var(--cloth-light)" />
        <stop offset="1" stop-color="var(--cloth-dark)" />
      </radialGradient>
      <pattern id="hatch" width="14" height="14" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="14" height="14" style="fill: var(--hatch-light)" />
        <rect width="7" height="14" style="fill: var(--hatch-dark)" />
      </pattern>
    </defs>
    <rect :x="whole.x" :y="whole.y" :width="whole.width" :height="whole.height" rx="46" fill="url(#wood)" />
    <rect v-bind="cloth" fill="url(#cloth)" />
    <path :d="headLine" class="line" />
    <path v-if="dPath" :d="dPath" class="line" />
    <circle
      v-for="(spot, i) in table.spots"
      :key="`spot${i}`"
      :cx="frame.tableToSvg(spot).x"
      :cy="frame.tableToSvg(spot).y"
      r="6"
      class="spot"
    />
    <circle
      v-for="pocket in table.pockets"
      :key="pocket.name"
      :cx="frame.tableToSvg(pocket.centre).x"
      :cy="frame.tableToSvg(pocket.centre).y"
      :r="pocket.radiusMillimetres"
      style="fill: var(--pocket)"
    />
    <path v-for="(outline, i) in cushions" :key="`cushion${i}`" :d="outline" style="fill: var(--cushion)" />
    <path v-for="(sight, i) in table.sights" :key="`sight${i}`" :d="sightPath(sight)" class="sight" />
    <DriftMark :table="table" />
    <slot />
  </svg>
</template>

<style scoped>
.table {
  display: block;
  width: 100%;
  height: 100%;
}
.line {
  fill: none;
  stroke: var(--bone);
  stroke-opacity: 0.35;
  stroke-width: 4;
}
.spot {
  fill: var(--bone);
  fill-opacity: 0.5;
}
.sight {
  fill: var(--bone);
}
</style>
