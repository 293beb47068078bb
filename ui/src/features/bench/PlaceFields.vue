<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Point, TableGeometry } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import { PLACE_UNITS, reading, typedPlace, usePlaceUnit, type Axis } from './usePlaceUnit'

/** A place typed exactly, as distances from two cushions in the unit that is chosen. */
const props = defineProps<{
  table: TableGeometry
  place: Point
  /** How far a ball's centre keeps from the nose: where ball widths are counted from (mm). */
  noseMillimetres: number
  /** Of several places: which one. */
  name?: string
  /** One choice of the unit serves several places. */
  withoutUnit?: boolean
}>()
const emit = defineEmits<{ typed: [place: Point] }>()
const { t } = useI18n()
const { unit, choose } = usePlaceUnit()
const AXES: { axis: Axis; cushion: 'W' | 'S' }[] = [
  { axis: 'x', cushion: 'W' },
  { axis: 'y', cushion: 'S' },
]

function type(axis: Axis, value: number): void {
  emit('typed', typedPlace(props.table, props.place, axis, unit.value, props.noseMillimetres, value))
}

function labelOf(cushion: 'W' | 'S'): string {
  const from = t(`cushion.${cushion}`)
  return props.name ? t('bench.placeFrom', { name: props.name, cushion: from }) : from
}
</script>

<template>
  <div class="place">
    <NumberField
      v-for="{ axis, cushion } in AXES"
      :key="axis"
      :label="labelOf(cushion)"
      :model-value="reading(table, place, axis, unit, noseMillimetres)"
      :digits="unit === 'mm' ? 1 : 3"
      @update:model-value="(value: number) => type(axis, value)"
    />
    <ChoiceField
      v-if="!withoutUnit"
      :label="t('bench.unitLabel')"
      :model-value="unit"
      :options="PLACE_UNITS.map((value) => ({ value, label: t(`bench.unit.${value}`) }))"
      @update:model-value="choose"
    />
  </div>
</template>

<style scoped>
.place {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
</style>
