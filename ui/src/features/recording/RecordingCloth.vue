<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Point, Shot, TableDrawing } from '@/api/types'
import CrossHair from '@/table/CrossHair.vue'
import ShotMarks from '@/table/ShotMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import type { LocalAttempt } from './attemptOrder'
import LandingLayer from './LandingLayer.vue'
import NinthsLayer from './NinthsLayer.vue'
import type { Ninth } from './ninths'
import { usePlacing } from './usePlacing'

defineOptions({ inheritAttrs: false })

/** The set-up with the landings, and what a pointer places on it; whole, or a square of it enlarged. */
const props = defineProps<{
  table: TableDrawing
  portrait: boolean
  shot: Shot
  attempts: LocalAttempt[]
  latestId?: string
  chosenId?: string
  cross?: Point
  /** The parts that digits go into while the ball is placed by keys. */
  ninths?: Ninth[]
  closeUp?: { centre: Point; sideMillimetres: number }
  label: string
}>()
const emit = defineEmits<{
  'update:cross': [place: Point | undefined]
  place: [place: Point, millimetresPerPixel: number]
  refuse: [why: 'pocket' | 'off']
}>()
const { t } = useI18n()
const diagram = ref<InstanceType<typeof TableDiagram>>()
const crossing = computed({
  get: () => props.cross,
  set: (place) => emit('update:cross', place),
})
const placing = usePlacing(
  computed(() => props.table),
  crossing,
  (place) => emit('place', place, diagram.value?.millimetresPerPixel ?? 3),
  (why) => emit('refuse', why),
)

/** How large the drawing is. */
defineExpose({ millimetresPerPixel: computed(() => diagram.value?.millimetresPerPixel) })

/** A phone has no room for the loupe beside the table: it shows while a finger is down, away from it. */
const PEEK_MILLIMETRES = 320
const peeks = computed(() => props.portrait && !props.closeUp && props.cross !== undefined)
const peekAt = computed(() =>
  (props.cross?.xMillimetres ?? 0) * 2 > props.table.lengthMillimetres ? { bottom: '8%' } : { top: '8%' },
)
</script>

<template>
  <TableDiagram
    v-bind="$attrs"
    ref="diagram"
    :table="table"
    :portrait="portrait"
    :close-up="closeUp"
    :label="label"
    class="drawing"
    @pointerdown="placing.down($event, diagram)"
    @pointermove="placing.move"
    @pointerup="placing.up"
    @pointercancel="placing.cancel"
  >
    <ShotMarks :shot="shot" />
    <LandingLayer :attempts="attempts" :latest-id="latestId" :chosen-id="chosenId" />
    <NinthsLayer v-if="ninths?.length" :ninths="ninths" />
    <CrossHair v-if="cross" :place="cross" :diameter-millimetres="table.cueBallDiameterMillimetres" />
  </TableDiagram>
  <div v-if="peeks && cross" class="peek" :style="peekAt">
    <TableDiagram
      :table="table"
      portrait
      :close-up="{ centre: cross, sideMillimetres: PEEK_MILLIMETRES }"
      :label="t('recording.loupe')"
    >
      <ShotMarks :shot="shot" />
      <CrossHair :place="cross" :diameter-millimetres="table.cueBallDiameterMillimetres" />
    </TableDiagram>
  </div>
</template>

<style scoped>
.drawing {
  touch-action: none;
  cursor: crosshair;
  user-select: none;
}
.peek {
  position: absolute;
  left: 0;
  width: 46%;
  aspect-ratio: 1;
  border: 2px solid var(--amber-lit);
  pointer-events: none;
}
</style>
