<script setup lang="ts">
import { nextTick, onMounted, ref, watch } from 'vue'
import type { Attempt } from '@/api/types'
import { OUTCOME_SHAPES } from '@/table/outcomeShape'

/** Thousands of landings as pixels: each shape is drawn once and stamped; as parts of the drawing they would take a second. */
const props = defineProps<{
  shown: Attempt[]
  chosenId?: string
  svg?: SVGSVGElement
  /** From a place on the table to the drawing's user units. */
  toSvg: (point: { xMillimetres: number; yMillimetres: number }) => { x: number; y: number }
  /** Changes whenever the drawing shows another part or size. */
  view: unknown
}>()
const canvas = ref<HTMLCanvasElement>()
const RADIUS_PIXELS = 3.6
const CHOSEN_RADIUS_PIXELS = 7

const stamps = new Map<string, HTMLCanvasElement>()

function stamp(outcome: Attempt['attempt']['outcome'], chosen: boolean): HTMLCanvasElement {
  const key = `${outcome} ${chosen} ${devicePixelRatio}`
  const known = stamps.get(key)
  if (known) return known
  const radius = (chosen ? CHOSEN_RADIUS_PIXELS : RADIUS_PIXELS) * devicePixelRatio
  const side = Math.ceil(3.2 * radius)
  const drawn = document.createElement('canvas')
  drawn.width = side
  drawn.height = side
  const pen = drawn.getContext('2d')
  if (pen) {
    const styles = getComputedStyle(document.documentElement)
    const colour = styles.getPropertyValue(chosen ? '--amber-lit' : '--bone').trim()
    const { fill, line } = OUTCOME_SHAPES[outcome]
    pen.translate(side / 2, side / 2)
    pen.scale(radius, radius)
    pen.lineJoin = 'round'
    for (const path of [fill, line].filter(Boolean)) {
      pen.lineWidth = 0.75
      pen.strokeStyle = '#14181a'
      pen.stroke(new Path2D(path))
    }
    pen.fillStyle = colour
    if (fill) pen.fill(new Path2D(fill))
    pen.lineWidth = 0.34
    pen.strokeStyle = colour
    if (line) pen.stroke(new Path2D(line))
  }
  stamps.set(key, drawn)
  return drawn
}

function draw(): void {
  const element = canvas.value
  const matrix = props.svg?.getScreenCTM()
  const pen = element?.getContext('2d')
  if (!element || !matrix || !pen) return
  const box = element.getBoundingClientRect()
  const ratio = devicePixelRatio
  element.width = Math.round(box.width * ratio)
  element.height = Math.round(box.height * ratio)
  for (const { id, attempt } of props.shown) {
    if (!attempt.landing) continue
    const { x, y } = props.toSvg(attempt.landing)
    const mark = stamp(attempt.outcome, id === props.chosenId)
    pen.drawImage(
      mark,
      (matrix.a * x + matrix.e - box.left) * ratio - mark.width / 2,
      (matrix.d * y + matrix.f - box.top) * ratio - mark.height / 2,
    )
  }
}

onMounted(draw)
watch(
  () => [props.shown, props.chosenId, props.svg, props.view],
  async () => {
    await nextTick()
    draw()
  },
)
</script>

<template>
  <canvas ref="canvas" aria-hidden="true"></canvas>
</template>

<style scoped>
canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}
</style>
