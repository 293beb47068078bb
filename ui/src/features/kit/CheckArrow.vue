<script setup lang="ts">
import { computed } from 'vue'
import type { CheckPlace, TableDrawing } from '@/api/types'
import { useFrame } from '@/table/tableFrame'

/** The mark, the ball on it, and the line that it is sent along. */
const props = defineProps<{ place: CheckPlace; table: TableDrawing }>()
const frame = useFrame()
const MILLIMETRES = 1000
/** Of the bed before the ball, as far as it should go. */
const SHARE = { ROLL: 0.62, REBOUND: 1, SLIDE: 1, SIDE: 1 } as const
const MARK_MILLIMETRES = 140
const HEAD_PIXELS = 10
const px = computed(() => frame.value.millimetresPerPixel)

const drawn = computed(() => {
  const radians = (props.place.directionDegrees * Math.PI) / 180
  const [dx, dy] = [Math.cos(radians), Math.sin(radians)]
  const x = MILLIMETRES * props.place.xMetres
  const y = MILLIMETRES * props.place.yMetres
  const radius = props.table.cueBallDiameterMillimetres / 2
  const ahead =
    (Math.abs(dx) > Math.abs(dy)
      ? dx > 0
        ? props.table.lengthMillimetres - x
        : x
      : dy > 0
        ? props.table.widthMillimetres - y
        : y) - radius
  const far = SHARE[props.place.kind] * ahead
  const at = (along: number, left = 0) =>
    frame.value.tableToSvg({
      xMillimetres: x + along * dx - left * dy,
      yMillimetres: y + along * dy + left * dx,
    })
  return {
    ball: at(0),
    from: at(radius),
    to: at(far),
    mark: [at(0, MARK_MILLIMETRES), at(0, -MARK_MILLIMETRES)] as const,
    back: props.place.kind === 'REBOUND' ? [at(far, 45), at(0.2 * far, 45)] : undefined,
    turn: frame.value.svgDegrees(props.place.directionDegrees),
    radius,
  }
})
</script>

<template>
  <g class="check">
    <line
      :x1="drawn.mark[0].x"
      :y1="drawn.mark[0].y"
      :x2="drawn.mark[1].x"
      :y2="drawn.mark[1].y"
      class="mark"
      :stroke-width="3 * px"
    />
    <line
      :x1="drawn.from.x"
      :y1="drawn.from.y"
      :x2="drawn.to.x"
      :y2="drawn.to.y"
      class="path"
      :stroke-width="2.5 * px"
    />
    <line
      v-if="drawn.back?.[0] && drawn.back[1]"
      :x1="drawn.back[0].x"
      :y1="drawn.back[0].y"
      :x2="drawn.back[1].x"
      :y2="drawn.back[1].y"
      class="path"
      :stroke-width="2.5 * px"
      :stroke-dasharray="`${10 * px} ${6 * px}`"
    />
    <path
      d="M-1.6 -1 L0 0 L-1.6 1 Z"
      class="head"
      :transform="`translate(${drawn.to.x} ${drawn.to.y}) rotate(${drawn.turn}) scale(${HEAD_PIXELS * px})`"
    />
    <circle :cx="drawn.ball.x" :cy="drawn.ball.y" :r="drawn.radius" class="ball" />
  </g>
</template>

<style scoped>
.mark {
  stroke: var(--chalk);
}
.path {
  stroke: var(--amber-lit);
}
.head {
  fill: var(--amber-lit);
}
.ball {
  fill: var(--bone);
}
</style>
