<script setup lang="ts">
import { computed } from 'vue'
import { useFrame } from '@/table/tableFrame'
import { centreOf, type Ninth } from './ninths'

/** The ninths that the digits go into, each with its digit. */
const props = defineProps<{ ninths: Ninth[] }>()
const LETTER_PIXELS = 20
const SMALLEST_CELL_PIXELS = 26
const frame = useFrame()
const letter = computed(() => LETTER_PIXELS * frame.value.millimetresPerPixel)
const cells = computed(() =>
  props.ninths.map(({ digit, region }) => {
    const one = frame.value.tableToSvg({ xMillimetres: region.xFrom, yMillimetres: region.yFrom })
    const other = frame.value.tableToSvg({ xMillimetres: region.xTo, yMillimetres: region.yTo })
    const [width, height] = [Math.abs(one.x - other.x), Math.abs(one.y - other.y)]
    const middle = frame.value.tableToSvg(centreOf(region))
    return { digit, x: Math.min(one.x, other.x), y: Math.min(one.y, other.y), width, height, middle }
  }),
)
/** In cells smaller than its digit the lines are enough: 1 stands at the top left. */
const isReadable = computed(() =>
  cells.value.every(
    ({ width, height }) => Math.min(width, height) > SMALLEST_CELL_PIXELS * frame.value.millimetresPerPixel,
  ),
)
</script>

<template>
  <g class="ninths" aria-hidden="true">
    <g v-for="cell in cells" :key="cell.digit">
      <rect :x="cell.x" :y="cell.y" :width="cell.width" :height="cell.height" />
      <text
        v-if="isReadable"
        :x="cell.middle.x"
        :y="cell.middle.y"
        :font-size="letter"
        text-anchor="middle"
        dominant-baseline="central"
      >
        {{ cell.digit }}
      </text>
    </g>
  </g>
</template>

<style scoped>
rect {
  fill: none;
  stroke: var(--cross-hair);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
  opacity: 0.7;
}
text {
  fill: var(--cross-hair);
  font-family: var(--figures);
}
</style>
