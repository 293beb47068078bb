<script setup lang="ts">
import { ref } from 'vue'
import type { LaidBall, Point, RackGame, RackPocket, TableDrawing } from '@/api/types'
import { onBed } from '@/table/onBed'
import TableDiagram from '@/table/TableDiagram.vue'
import RackBalls from './RackBalls.vue'

/** The table with a rack on it: a tap says where, a ball can be chosen or moved, a pocket chosen. */
defineProps<{
  table: TableDrawing
  game: RackGame
  balls: LaidBall[]
  cue?: Point
  lit: string[]
  movable?: boolean
  placing?: boolean
  label: string
  portrait?: boolean
}>()
const emit = defineEmits<{
  tap: [at: Point]
  pocket: [name: RackPocket]
  choose: [id: string]
  move: [id: string, to: Point]
}>()
const diagram = ref<InstanceType<typeof TableDiagram>>()

function tapped(event: MouseEvent, table: TableDrawing): void {
  const at = diagram.value?.clientToTable({ x: event.clientX, y: event.clientY })
  if (!at) return
  const pointed = onBed(table, at)
  if (pointed.kind === 'bed') emit('tap', pointed.place)
  if (pointed.kind !== 'pocket') return
  const near = table.pockets.find(
    ({ centre, radiusMillimetres }) =>
      Math.hypot(centre.xMillimetres - at.xMillimetres, centre.yMillimetres - at.yMillimetres) <=
      radiusMillimetres,
  )
  if (near) emit('pocket', near.name)
}
</script>

<template>
  <div class="cloth" @click="tapped($event, table)">
    <TableDiagram ref="diagram" :table="table" :label="label" :portrait="portrait" interactive>
      <slot />
      <RackBalls
        :table="table"
        :game="game"
        :balls="balls"
        :cue="cue"
        :lit="lit"
        :movable="movable"
        :placing="placing"
        @choose="(id) => emit('choose', id)"
        @move="(id, to) => emit('move', id, to)"
      />
    </TableDiagram>
  </div>
</template>

<style scoped>
.cloth {
  height: 100%;
  min-height: 240px;
  touch-action: manipulation;
}
</style>
