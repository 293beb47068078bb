<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Point, PredictedMark, TableDrawing } from '@/api/types'
import { useFrame } from '@/table/tableFrame'

/** Where a student's marks should be: along the cushion, as long as nine strokes in ten need. */
const props = defineProps<{ marks: PredictedMark[]; table: TableDrawing }>()
const { t } = useI18n()
const frame = useFrame()
const px = computed(() => frame.value.millimetresPerPixel)
const WORD_PIXELS = 18

/** Off the cushion, where it can be read. */
function towardsMiddle({ xMillimetres: x, yMillimetres: y }: Point): Point {
  const dx = props.table.lengthMillimetres / 2 - x
  const dy = props.table.widthMillimetres / 2 - y
  const isLong = y < 1 || y > props.table.widthMillimetres - 1
  const off = WORD_PIXELS * px.value
  return isLong
    ? { xMillimetres: x, yMillimetres: y + Math.sign(dy) * off }
    : { xMillimetres: x + Math.sign(dx) * off, yMillimetres: y }
}

const drawn = computed(() =>
  props.marks.map((one) => ({
    tip: one.tip,
    from: frame.value.tableToSvg(one.lower),
    to: frame.value.tableToSvg(one.upper),
    at: frame.value.tableToSvg(one.place),
    word: frame.value.tableToSvg(towardsMiddle(one.place)),
  })),
)
</script>

<template>
  <g v-for="one in drawn" :key="one.tip" class="predicted">
    <line
      :x1="one.from.x"
      :y1="one.from.y"
      :x2="one.to.x"
      :y2="one.to.y"
      :stroke-width="9 * px"
      :stroke-dasharray="`${2 * px} ${4 * px}`"
    />
    <circle :cx="one.at.x" :cy="one.at.y" :r="4 * px" />
    <text
      :x="one.word.x"
      :y="one.word.y"
      :font-size="13 * px"
      text-anchor="middle"
      dominant-baseline="middle"
    >
      {{ t(`progress.template.${one.tip}`) }}
    </text>
  </g>
</template>

<style scoped>
.predicted line {
  stroke: var(--chalk);
  stroke-opacity: 0.8;
}
.predicted text {
  fill: var(--chalk);
}
.predicted circle {
  fill: var(--chalk);
}
</style>
