<script setup lang="ts">
import { computed } from 'vue'
import type { CheckPlace, TableDrawing } from '@/api/types'
import ArrowMark from '@/table/ArrowMark.vue'
import { useFrame } from '@/table/tableFrame'

/** The mark, the ball on it, and the line that it is sent along. */
const props = defineProps<{ place: CheckPlace; table: TableDrawing }>()
const frame = useFrame()
const MILLIMETRES = 1000
/** Of the bed before the ball, as far as it should go. */
const SHARE = { ROLL: 0.62, REBOUND: 1, SLIDE: 1, SIDE: 1 } as const
const MARK_MILLIMETRES = 140
/** Beside the way there, so that both can be seen. */
const BACK_MILLIMETRES = 45
const BACK_SHARE = 0.2
const px = computed(() => frame.value.millimetresPerPixel)
const radius = computed(() => props.table.cueBallDiameterMillimetres / 2)

/** A place so far along the line and left of it (mm). */
function at(along: number, left = 0) {
  const radians = (props.place.directionDegrees * Math.PI) / 180
  const [dx, dy] = [Math.cos(radians), Math.sin(radians)]
  return {
    xMillimetres: MILLIMETRES * props.place.xMetres + along * dx - left * dy,
    yMillimetres: MILLIMETRES * props.place.yMetres + along * dy + left * dx,
  }
}
const far = computed(() => SHARE[props.place.kind] * (MILLIMETRES * props.place.aheadMetres - radius.value))
const line = (one: ReturnType<typeof at>, other: ReturnType<typeof at>) => {
  const [from, to] = [frame.value.tableToSvg(one), frame.value.tableToSvg(other)]
  return { x1: from.x, y1: from.y, x2: to.x, y2: to.y }
}
const mark = computed(() => line(at(0, MARK_MILLIMETRES), at(0, -MARK_MILLIMETRES)))
const back = computed(() =>
  props.place.kind === 'REBOUND'
    ? line(at(far.value, BACK_MILLIMETRES), at(BACK_SHARE * far.value, BACK_MILLIMETRES))
    : undefined,
)
const ball = computed(() => frame.value.tableToSvg(at(0)))
</script>

<template>
  <g class="check">
    <line v-bind="mark" class="mark" :stroke-width="3 * px" />
    <ArrowMark :from="at(radius)" :to="at(far)" :width-millimetres="2.5 * px" />
    <line
      v-if="back"
      v-bind="back"
      stroke="currentColor"
      :stroke-width="2.5 * px"
      :stroke-dasharray="`${10 * px} ${6 * px}`"
    />
    <circle :cx="ball.x" :cy="ball.y" :r="radius" class="ball" />
  </g>
</template>

<style scoped>
.check {
  color: var(--amber-lit);
}
.mark {
  stroke: var(--chalk);
}
.ball {
  fill: var(--bone);
}
</style>
