<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import type { Mark } from '@/api/types'
import { OUTCOME_SHAPES } from '@/table/outcomeShape'

/** Thousands of landings as pixels: each shape is drawn once and stamped; as parts of the drawing they would take a second. */
const props = defineProps<{
  shown: Mark[]
  chosenId?: string
  svg?: SVGSVGElement
  /** From a place on the table to the drawing's user units. */
  toSvg: (point: { xMillimetres: number; yMillimetres: number }) => { x: number; y: number }
  /** Changes whenever the drawing shows another part or size. */
  view: unknown
}>()
const canvas = ref<HTMLCanvasElement>()
const ring = ref<{ transform: string }>()
const RADIUS_PIXELS = 3.6
const CELL_PIXELS = 2

const marks = computed(() =>
  props.shown.flatMap(({ id, outcome, landing }) =>
    landing ? [{ id, outcome, ...props.toSvg(landing) }] : [],
  ),
)

const stamps = new Map<string, HTMLCanvasElement>()

function stamp(outcome: Mark['outcome']): HTMLCanvasElement {
  const known = stamps.get(outcome)
  if (known) return known
  const radius = RADIUS_PIXELS * devicePixelRatio
  const drawn = document.createElement('canvas')
  drawn.width = drawn.height = Math.ceil(3.2 * radius)
  const pen = drawn.getContext('2d')
  if (pen) {
    const tokens = getComputedStyle(document.documentElement)
    const bone = tokens.getPropertyValue('--bone').trim()
    const markInk = tokens.getPropertyValue('--mark-ink').trim()
    const { fill, line } = OUTCOME_SHAPES[outcome]
    pen.translate(drawn.width / 2, drawn.height / 2)
    pen.scale(radius, radius)
    pen.lineJoin = 'round'
    pen.lineWidth = 0.75
    pen.strokeStyle = markInk
    for (const path of [fill, line].filter(Boolean)) pen.stroke(new Path2D(path))
    pen.fillStyle = bone
    if (fill) pen.fill(new Path2D(fill))
    pen.lineWidth = 0.34
    pen.strokeStyle = bone
    if (line) pen.stroke(new Path2D(line))
  }
  stamps.set(outcome, drawn)
  return drawn
}

/** How the drawing lies on the canvas, in CSS pixels; undefined before it is on the screen. */
function placing() {
  const element = canvas.value
  const matrix = props.svg?.getScreenCTM()
  if (!element || !matrix) return undefined
  const box = element.getBoundingClientRect()
  return { element, box, scale: matrix.a, x: matrix.e - box.left, y: matrix.f - box.top }
}

function draw(): void {
  const at = placing()
  const pen = at?.element.getContext('2d')
  if (!at || !pen) return
  const ratio = devicePixelRatio
  const [width, height] = [Math.round(at.box.width * ratio), Math.round(at.box.height * ratio)]
  if (at.element.width !== width || at.element.height !== height) {
    at.element.width = width
    at.element.height = height
  }
  pen.clearRect(0, 0, width, height)
  // Of marks with one shape within two pixels of each other one is seen, so one is stamped.
  const across = Math.ceil(width / CELL_PIXELS) + 1
  const seen = new Map<HTMLCanvasElement, Uint8Array>()
  for (const { outcome, x, y } of marks.value) {
    const left = (at.scale * x + at.x) * ratio
    const top = (at.scale * y + at.y) * ratio
    const mark = stamp(outcome)
    const half = mark.width / 2
    if (left < -half || top < -half || left > width + half || top > height + half) continue
    const cells = seen.get(mark) ?? new Uint8Array(across * (Math.ceil(height / CELL_PIXELS) + 1))
    seen.set(mark, cells)
    const cell =
      Math.floor(Math.max(0, top) / CELL_PIXELS) * across + Math.floor(Math.max(0, left) / CELL_PIXELS)
    if (cells[cell]) continue
    cells[cell] = 1
    pen.drawImage(mark, Math.round(left - half), Math.round(top - half))
  }
}

function point(): void {
  const at = placing()
  const chosen = marks.value.find(({ id }) => id === props.chosenId)
  ring.value =
    at && chosen
      ? { transform: `translate(${at.scale * chosen.x + at.x}px, ${at.scale * chosen.y + at.y}px)` }
      : undefined
}

onMounted(draw)
watch(
  () => [marks.value, props.svg, props.view],
  async () => {
    await nextTick()
    draw()
    point()
  },
)
watch(() => props.chosenId, point)
</script>

<template>
  <canvas ref="canvas" aria-hidden="true"></canvas>
  <i v-if="ring" class="ring" :style="ring"></i>
</template>

<style scoped>
canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  /* Layers of their own: a moved ring or new marks must not have the table painted again. */
  will-change: transform;
}
.ring {
  position: absolute;
  left: 0;
  top: 0;
  will-change: transform;
  width: 14px;
  height: 14px;
  margin: -7px 0 0 -7px;
  border: 3px solid var(--amber-lit);
  border-radius: 50%;
  outline: 1.5px solid var(--mark-ink);
  background: var(--mark-ink);
  pointer-events: none;
}
</style>
