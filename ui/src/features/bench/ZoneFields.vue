<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import { CUSHIONS, type DraftZone } from './drillDocument'
import { centreOf, newZone, ZONE_KINDS } from './newDemand'
import { withRadius } from './grips'
import RingFields from './RingFields.vue'
import TargetForShare from './TargetForShare.vue'

/** Kind and sizes of a zone; its place and corners are dragged on the cloth. */
const props = defineProps<{ zone: DraftZone }>()
const emit = defineEmits<{ change: [zone: DraftZone] }>()
const { t } = useI18n()
const kinds = computed(() => ZONE_KINDS.map((value) => ({ value, label: t(`bench.zone.${value}`) })))
const cushions = computed(() => CUSHIONS.map((value) => ({ value, label: t(`cushion.${value}`) })))

/** The sizes of each kind that are typed, with their bounds. */
const sizes = computed(() => {
  const names: Record<DraftZone['kind'], string[]> = {
    circle: ['radiusMillimetres'],
    ellipse: ['semiMajorMillimetres', 'semiMinorMillimetres', 'angleDegrees'],
    rectangle: ['lengthMillimetres', 'widthMillimetres', 'angleDegrees'],
    polygon: [],
    band: ['depthMillimetres', 'fromSights', 'toSights'],
    corridor: ['widthMillimetres'],
    'near-cushion': ['withinMillimetres'],
  }
  const values = props.zone as unknown as Record<string, number>
  return names[props.zone.kind].map((name) => ({
    name,
    value: values[name] ?? 0,
    unit: name.endsWith('Millimetres') ? 'mm' : name.endsWith('Degrees') ? '°' : t('bench.unit.sights'),
    min: name.endsWith('Millimetres') ? 1 : name.endsWith('Sights') ? 0 : undefined,
    max: name.endsWith('Sights') ? 8 : undefined,
  }))
})

function change(part: Partial<Record<string, unknown>>): void {
  emit('change', { ...props.zone, ...part })
}

function resize(radius: number): void {
  if (props.zone.kind === 'circle') emit('change', withRadius(props.zone, radius))
}

function changeKind(kind: DraftZone['kind'] | undefined): void {
  if (kind && kind !== props.zone.kind) emit('change', newZone(kind, centreOf(props.zone)))
}
</script>

<template>
  <ChoiceField
    :label="t('bench.zoneKind')"
    :model-value="zone.kind"
    :options="kinds"
    @update:model-value="changeKind"
  />
  <ChoiceField
    v-if="zone.kind === 'band' || zone.kind === 'near-cushion'"
    :label="t('bench.cushion')"
    :model-value="zone.cushion"
    :options="cushions"
    @update:model-value="(cushion) => change({ cushion })"
  />
  <NumberField
    v-for="size in sizes"
    :key="size.name"
    :label="t(`bench.size.${size.name}`)"
    :unit="size.unit"
    :min="size.min"
    :max="size.max"
    :model-value="size.value"
    @update:model-value="(value: number) => change({ [size.name]: value })"
  />
  <TargetForShare v-if="zone.kind === 'circle'" @radius="resize" />
  <RingFields v-if="zone.kind === 'circle'" :zone="zone" @change="(next) => emit('change', next)" />
  <p v-if="zone.kind === 'polygon'" class="quiet small">{{ t('bench.dragCorners') }}</p>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
