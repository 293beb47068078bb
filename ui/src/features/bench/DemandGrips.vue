<script setup lang="ts">
import { computed, inject, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { ARROW_WAYS, CLIENT_TO_TABLE, useFrame } from '@/table/tableFrame'
import { zoneOf } from '@/shared/drillFile/drillDocument'
import type { Grip } from './grips'
import { useBench } from './useBench'

/** The grips of the chosen demand: its place, size, corners or ends, dragged or moved with the arrow keys. */
const bench = useBench()
const { t } = useI18n()
const frame = useFrame()
const clientToTable = inject(CLIENT_TO_TABLE)

const HANDLE_PIXELS = 8
const TOUCH_PIXELS = 20
const STEP_MILLIMETRES = 10
const grips = computed(() => bench.grips.value.map((grip) => ({ grip, ...frame.value.tableToSvg(grip.at) })))
const half = computed(() => HANDLE_PIXELS * frame.value.millimetresPerPixel)
const touch = computed(() => TOUCH_PIXELS * frame.value.millimetresPerPixel)
const grabbed = ref<{ index: number; gesture: string }>()
let gestures = 0

function down(event: PointerEvent, index: number): void {
  event.stopPropagation()
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  grabbed.value = { index, gesture: `grip ${++gestures}` }
}

function drag(event: PointerEvent): void {
  const at = grabbed.value && clientToTable?.({ x: event.clientX, y: event.clientY })
  const grip = grabbed.value && bench.grips.value[grabbed.value.index]
  if (!grabbed.value || !at || !grip) return
  bench.held.value = true
  move(grip, at.xMillimetres, at.yMillimetres, grabbed.value.gesture)
  // A new corner becomes a corner at once, and the drag goes on with it.
  if (grip.name === 'newCorner') grabbed.value = { ...grabbed.value, index: grabbed.value.index + 1 }
}

function move(grip: Grip, xMillimetres: number, yMillimetres: number, gesture: string): void {
  const index = bench.demandIndex.value
  if (index !== undefined) bench.changeDemand(index, grip.to({ xMillimetres, yMillimetres }), gesture)
}

function release(): void {
  grabbed.value = undefined
  bench.held.value = false
}

function key(event: KeyboardEvent, index: number): void {
  const grip = bench.grips.value[index]
  const demand = bench.shot.value?.demands?.[bench.demandIndex.value ?? -1]
  if (grip?.name === 'corner' && event.key === 'Delete' && demand) {
    event.preventDefault()
    event.stopPropagation()
    removeCorner(index)
    return
  }
  const way = ARROW_WAYS[event.key]
  if (!grip || !way) return
  event.preventDefault()
  event.stopPropagation()
  const step = event.shiftKey ? 1 : STEP_MILLIMETRES
  const { xMillimetres: x, yMillimetres: y } = grip.at
  move(grip, x + step * way[0], y + step * way[1], `grip keys ${index}`)
}

/** Corners and the grips for new ones come by turns. */
function removeCorner(gripIndex: number): void {
  const index = bench.demandIndex.value ?? -1
  const demand = bench.shot.value?.demands?.[index]
  const zone = demand && zoneOf(demand)
  if (zone?.kind !== 'polygon' || zone.corners.length <= 3) return
  const corner = bench.grips.value.slice(0, gripIndex).filter((grip) => grip.name === 'corner').length
  const smaller = { ...zone, corners: zone.corners.filter((_, i) => i !== corner) }
  if (demand?.kind === 'land') bench.changeDemand(index, { ...demand, zone: smaller })
  if (demand?.kind === 'stay-in') bench.changeDemand(index, { ...demand, area: smaller })
}
</script>

<template>
  <g>
    <g v-for="({ grip, x, y }, index) in grips" :key="index">
      <rect
        :x="x - half"
        :y="y - half"
        :width="2 * half"
        :height="2 * half"
        :rx="grip.name === 'place' ? half : 3"
        :class="['grip', { faint: grip.name === 'newCorner' }]"
      />
      <circle
        :cx="x"
        :cy="y"
        :r="touch"
        class="handle"
        tabindex="0"
        role="button"
        :data-grip="grip.name"
        :aria-label="t(`bench.grip.${grip.name}`)"
        @pointerdown="down($event, index)"
        @pointermove.stop="drag"
        @pointerup.stop="release"
        @pointercancel="release"
        @keydown="key($event, index)"
      />
    </g>
  </g>
</template>

<style scoped>
.grip {
  fill: var(--amber-lit);
  stroke: var(--mark-ink);
  stroke-width: 3;
}
.faint {
  fill-opacity: 0.4;
}
.handle {
  fill: transparent;
  outline: none;
  cursor: move;
  touch-action: none;
}
.handle:focus-visible {
  stroke: var(--chalk);
  stroke-width: 5;
  stroke-dasharray: 10 6;
}
</style>
