<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Field } from '@/shared/field'
import FieldRow from '@/shared/FieldRow.vue'
import BallChoice from './BallChoice.vue'
import CushionOrder from './CushionOrder.vue'
import { isLong, type DraftDemand, type DraftZone } from '@/shared/drillFile/drillDocument'
import TypedPlaces from './TypedPlaces.vue'
import { useBench } from './useBench'
import { useChoices } from './useChoices'
import ZoneFields from './ZoneFields.vue'

/** The numbers and choices of one demand. */
const props = defineProps<{ demand: DraftDemand; index: number }>()
const bench = useBench()
const { t } = useI18n()
const { cushions, pockets, balls, objects } = useChoices()
const halves = computed(() =>
  ['any', 'left', 'right'].map((value) => ({ value, label: t(`bench.half.${value}`) })),
)

/** What is typed or chosen of each kind; zones, orders and several balls have parts of their own. */
const fields = computed<Field[]>(() => {
  const pocket = { name: 'pocket', label: t('bench.pocket'), options: pockets.value }
  const object = { name: 'ball', label: t('bench.ball'), options: objects.value }
  const { demand } = props
  switch (demand.kind) {
    case 'pot-ball':
      return [
        object,
        pocket,
        { name: 'half', label: t('bench.halfLabel'), options: halves.value, usual: 'any' },
      ]
    case 'land':
      return [{ ...object, options: balls.value }]
    case 'hide-from':
      return [object]
    case 'cue-ball-into':
      return [pocket]
    case 'cushion-point':
      return [
        { name: 'cushion', label: t('bench.cushion'), options: cushions.value },
        { name: 'sightsAlong', label: t('bench.sightsAlong'), min: 0, max: isLong(demand.cushion) ? 8 : 4 },
        { name: 'toleranceMillimetres', label: t('bench.tolerance'), unit: '± mm', min: 1 },
      ]
    case 'cushions-first':
      return [{ name: 'least', label: t('bench.least'), min: 1, max: 5, whole: true }]
    default:
      return []
  }
})

function change(part: Record<string, unknown>): void {
  bench.changeDemand(props.index, { ...props.demand, ...part })
}

/** The zone of a demand that has one, under whichever name. */
const zone = computed<{ name: string; zone: DraftZone } | undefined>(() => {
  if (props.demand.kind === 'land') return { name: 'zone', zone: props.demand.zone }
  return props.demand.kind === 'stay-in' ? { name: 'area', zone: props.demand.area } : undefined
})
</script>

<template>
  <div class="fields">
    <FieldRow :fields="fields" :values="demand" @change="change" />
    <ZoneFields v-if="zone" :zone="zone.zone" @change="(next) => zone && change({ [zone.name]: next })" />
    <BallChoice
      v-if="demand.kind === 'touch-balls' || demand.kind === 'leave-alone'"
      :balls="objects"
      :model-value="demand.balls"
      @update:model-value="(labels) => change({ balls: labels })"
    />
    <label v-if="demand.kind === 'touch-balls'" class="check">
      <Checkbox
        :model-value="demand.inOrder ?? false"
        binary
        @update:model-value="(inOrder) => change({ inOrder })"
      />
      {{ t('bench.inOrder') }}
    </label>
    <CushionOrder
      v-if="demand.kind === 'pot-ball'"
      :label="t('bench.via')"
      :model-value="demand.via ?? []"
      @update:model-value="(via) => change({ via })"
    />
    <CushionOrder
      v-if="demand.kind === 'use-cushions'"
      :label="t('bench.cushionOrder')"
      :model-value="demand.cushions"
      needed
      @update:model-value="(order) => change({ cushions: order })"
    />
    <TypedPlaces :demand="demand" :index="index" />
    <p v-if="demand.kind === 'not-cross'" class="quiet small">{{ t('bench.dragEnds') }}</p>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
  padding: 4px 0;
}
.check {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 38px;
}
p {
  margin: 0;
}
</style>
