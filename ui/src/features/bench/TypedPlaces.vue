<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { zoneOf, type DraftDemand } from '@/shared/drillFile/drillDocument'
import type { Grip } from './grips'
import PlaceFields from './PlaceFields.vue'
import { useBench } from './useBench'

/** Where a zone or a line lies, typed: the same places that can be dragged on the cloth. */
const props = defineProps<{ demand: DraftDemand; index: number }>()
const bench = useBench()
const { t } = useI18n()
const TYPED: Grip['name'][] = ['place', 'start', 'end', 'corner']

/** A band's ends have fields of their own, in sights along its cushion. */
const places = computed(() =>
  zoneOf(props.demand)?.kind === 'band' ? [] : bench.grips.value.filter((grip) => TYPED.includes(grip.name)),
)

function nameOf(grip: Grip, index: number): string | undefined {
  return grip.name === 'place' ? undefined : t(`bench.typedGrip.${grip.name}`, { n: index + 1 })
}
</script>

<template>
  <div v-if="bench.geometry.value && places.length > 0" class="places">
    <PlaceFields
      v-for="(grip, at) in places"
      :key="at"
      :table="bench.geometry.value"
      :place="grip.at"
      :nose-millimetres="bench.geometry.value.cueBall.noseDistanceMillimetres"
      :name="nameOf(grip, at)"
      :without-unit="at < places.length - 1"
      @typed="(place) => bench.changeDemand(index, grip.to(place))"
    />
  </div>
</template>

<style scoped>
.places {
  display: grid;
  gap: 8px;
  flex-basis: 100%;
}
</style>
