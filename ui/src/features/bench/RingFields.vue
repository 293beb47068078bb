<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import NumberField from '@/shared/NumberField.vue'
import type { DraftZone } from '@/shared/drillFile/drillDocument'

/** Scoring rings of a circle: even steps from the middle, the most points in the smallest. */
type Circle = DraftZone & { kind: 'circle' }
const props = defineProps<{ zone: Circle }>()
const emit = defineEmits<{ change: [zone: Circle] }>()
const { t } = useI18n()
const MOST = 10

function setCount(count: number): void {
  const n = Math.round(count)
  const rings = Array.from({ length: n }, (_, i) => ({
    radiusMillimetres: Math.round((10 * props.zone.radiusMillimetres * (i + 1)) / n) / 10,
    points: n - i,
  }))
  emit('change', { ...props.zone, rings })
}

function setPoints(index: number, points: number): void {
  const rings = (props.zone.rings ?? []).map((ring, i) =>
    i === index ? { ...ring, points: Math.round(points) } : ring,
  )
  emit('change', { ...props.zone, rings })
}
</script>

<template>
  <NumberField
    :label="t('bench.rings')"
    :min="0"
    :max="MOST"
    :model-value="zone.rings?.length ?? 0"
    @update:model-value="setCount"
  />
  <NumberField
    v-for="(ring, index) in zone.rings ?? []"
    :key="index"
    :label="t('bench.pointsWithin', { mm: ring.radiusMillimetres })"
    :min="1"
    :max="100"
    :model-value="ring.points"
    @update:model-value="(points: number) => setPoints(index, points)"
  />
</template>
