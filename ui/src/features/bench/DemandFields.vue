<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import BallChoice from './BallChoice.vue'
import CushionOrder from './CushionOrder.vue'
import { CUSHIONS, isLong, POCKETS, type DraftDemand, type DraftZone } from './drillDocument'
import { useBench } from './useBench'
import ZoneFields from './ZoneFields.vue'

/** The numbers and choices of one demand. */
const props = defineProps<{ demand: DraftDemand; index: number }>()
const bench = useBench()
const { t } = useI18n()
const demand = computed(() => props.demand)
const cushions = computed(() => CUSHIONS.map((value) => ({ value, label: t(`cushion.${value}`) })))
const pockets = computed(() => POCKETS.map((value) => ({ value, label: t(`pocket.${value}`) })))
const halves = computed(() =>
  (['any', 'left', 'right'] as const).map((value) => ({ value, label: t(`bench.half.${value}`) })),
)
const balls = computed(() =>
  (bench.shot.value?.balls ?? []).map((ball) => ({
    value: ball.label,
    label: t(`drills.ball.${ball.role.toUpperCase()}`, { label: ball.label }),
  })),
)
const objects = computed(() => balls.value.filter((ball) => ball.value !== cueLabel.value))
const cueLabel = computed(() => bench.shot.value?.balls.find((ball) => ball.role === 'cue')?.label)

function set(next: DraftDemand): void {
  bench.changeDemand(props.index, next)
}

function setZone(zone: DraftZone): void {
  if (demand.value.kind === 'land') set({ ...demand.value, zone })
  if (demand.value.kind === 'stay-in') set({ ...demand.value, area: zone })
}
</script>

<template>
  <div class="fields">
    <template v-if="demand.kind === 'pot-ball'">
      <ChoiceField
        :label="t('bench.ball')"
        :model-value="demand.ball"
        :options="objects"
        @update:model-value="(ball) => ball && set({ ...demand, ball } as DraftDemand)"
      />
      <ChoiceField
        :label="t('bench.pocket')"
        :model-value="demand.pocket"
        :options="pockets"
        @update:model-value="(pocket) => pocket && set({ ...demand, pocket } as DraftDemand)"
      />
      <ChoiceField
        :label="t('bench.halfLabel')"
        :model-value="demand.half ?? 'any'"
        :options="halves"
        @update:model-value="(half) => half && set({ ...demand, half } as DraftDemand)"
      />
      <CushionOrder
        :label="t('bench.via')"
        :model-value="demand.via ?? []"
        @update:model-value="(via) => set({ ...demand, via } as DraftDemand)"
      />
    </template>
    <template v-else-if="demand.kind === 'land'">
      <ChoiceField
        :label="t('bench.ball')"
        :model-value="demand.ball"
        :options="balls"
        @update:model-value="(ball) => ball && set({ ...demand, ball } as DraftDemand)"
      />
      <ZoneFields :zone="demand.zone" @change="setZone" />
    </template>
    <ZoneFields v-else-if="demand.kind === 'stay-in'" :zone="demand.area" @change="setZone" />
    <template v-else-if="demand.kind === 'touch-balls'">
      <BallChoice
        :balls="objects"
        :model-value="demand.balls"
        @update:model-value="(labels) => set({ ...demand, balls: labels } as DraftDemand)"
      />
      <label class="check">
        <input
          type="checkbox"
          :checked="demand.inOrder ?? false"
          @change="set({ ...demand, inOrder: ($event.target as HTMLInputElement).checked } as DraftDemand)"
        />
        {{ t('bench.inOrder') }}
      </label>
    </template>
    <BallChoice
      v-else-if="demand.kind === 'leave-alone'"
      :balls="objects"
      :model-value="demand.balls"
      @update:model-value="(labels) => set({ ...demand, balls: labels } as DraftDemand)"
    />
    <ChoiceField
      v-else-if="demand.kind === 'hide-from'"
      :label="t('bench.ball')"
      :model-value="demand.ball"
      :options="objects"
      @update:model-value="(ball) => ball && set({ ...demand, ball } as DraftDemand)"
    />
    <template v-else-if="demand.kind === 'cushion-point'">
      <ChoiceField
        :label="t('bench.cushion')"
        :model-value="demand.cushion"
        :options="cushions"
        @update:model-value="(cushion) => cushion && set({ ...demand, cushion } as DraftDemand)"
      />
      <NumberField
        :label="t('bench.sightsAlong')"
        :min="0"
        :max="isLong(demand.cushion) ? 8 : 4"
        :model-value="demand.sightsAlong"
        @update:model-value="(sightsAlong: number) => set({ ...demand, sightsAlong } as DraftDemand)"
      />
      <NumberField
        :label="t('bench.tolerance')"
        unit="± mm"
        :min="1"
        :model-value="demand.toleranceMillimetres"
        @update:model-value="
          (toleranceMillimetres: number) => set({ ...demand, toleranceMillimetres } as DraftDemand)
        "
      />
    </template>
    <ChoiceField
      v-else-if="demand.kind === 'cue-ball-into'"
      :label="t('bench.pocket')"
      :model-value="demand.pocket"
      :options="pockets"
      @update:model-value="(pocket) => pocket && set({ ...demand, pocket } as DraftDemand)"
    />
    <CushionOrder
      v-else-if="demand.kind === 'use-cushions'"
      :label="t('bench.cushionOrder')"
      :model-value="demand.cushions"
      @update:model-value="(order) => order.length > 0 && set({ ...demand, cushions: order } as DraftDemand)"
    />
    <NumberField
      v-else-if="demand.kind === 'cushions-first'"
      :label="t('bench.least')"
      :min="1"
      :max="5"
      :model-value="demand.least"
      @update:model-value="(least: number) => set({ ...demand, least: Math.round(least) } as DraftDemand)"
    />
    <p v-else class="quiet small">{{ t('bench.dragEnds') }}</p>
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
