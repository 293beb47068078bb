<script setup lang="ts">
import { computed } from 'vue'
import type { Point } from '@/api/types'
import { useFrame } from './tableFrame'

/** A straight arrow from one place of the table to another; line and head in the colour of whoever draws it. */
const props = defineProps<{ from: Point; to: Point; widthMillimetres: number }>()
const frame = useFrame()
/** The head next to the line's width. */
const [HEAD_LENGTH, HEAD_HALF] = [5, 3]
const DEGREES = 180 / Math.PI

const drawn = computed(() => {
  const from = frame.value.tableToSvg(props.from)
  const to = frame.value.tableToSvg(props.to)
  return { from, to, turn: DEGREES * Math.atan2(to.y - from.y, to.x - from.x) }
})
const head = computed(() => {
  const long = HEAD_LENGTH * props.widthMillimetres
  const half = HEAD_HALF * props.widthMillimetres
  return `M${-long} ${-half} L0 0 L${-long} ${half} Z`
})
</script>

<template>
  <g class="arrow">
    <line
      :x1="drawn.from.x"
      :y1="drawn.from.y"
      :x2="drawn.to.x"
      :y2="drawn.to.y"
      :stroke-width="widthMillimetres"
      stroke="currentColor"
    />
    <path
      :d="head"
      :transform="`translate(${drawn.to.x} ${drawn.to.y}) rotate(${drawn.turn})`"
      fill="currentColor"
    />
  </g>
</template>
