<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'
import type { Field } from '@/shared/field'
import FieldRow from '@/shared/FieldRow.vue'
import { type DraftZone } from '@/shared/drillFile/drillDocument'
import { centreOf, newZone, ZONE_KINDS } from './newDemand'
import { withRadius } from './grips'
import RingFields from './RingFields.vue'
import TargetForShare from './TargetForShare.vue'
import { useChoices } from './useChoices'

/** Kind and sizes of a zone; where it lies is typed beside (TypedPlaces) or dragged on the cloth. */
const props = defineProps<{ zone: DraftZone }>()
const emit = defineEmits<{ change: [zone: DraftZone] }>()
const { t } = useI18n()
const kinds = computed(() => ZONE_KINDS.map((value) => ({ value, label: t(`bench.zone.${value}`) })))
const { cushions } = useChoices()

const millimetres = (name: string): Field => ({ name, label: t(`bench.size.${name}`), unit: 'mm', min: 1 })
const sights = (name: string): Field => ({
  name,
  label: t(`bench.size.${name}`),
  unit: t('bench.unit.sights'),
  min: 0,
  max: 8,
})

/** The sizes of each kind that are typed, with their bounds. */
const fields = computed<Field[]>(() => {
  const turned = { name: 'angleDegrees', label: t('bench.size.angleDegrees'), unit: '°' }
  const cushion = { name: 'cushion', label: t('bench.cushion'), options: cushions.value }
  switch (props.zone.kind) {
    case 'circle':
      return [millimetres('radiusMillimetres')]
    case 'ellipse':
      return [millimetres('semiMajorMillimetres'), millimetres('semiMinorMillimetres'), turned]
    case 'rectangle':
      return [millimetres('lengthMillimetres'), millimetres('widthMillimetres'), turned]
    case 'band':
      return [cushion, millimetres('depthMillimetres'), sights('fromSights'), sights('toSights')]
    case 'corridor':
      return [millimetres('widthMillimetres')]
    case 'near-cushion':
      return [cushion, millimetres('withinMillimetres')]
    case 'polygon':
      return []
  }
})

function change(part: Record<string, unknown>): void {
  // A smaller circle takes its rings along: none may be larger than it.
  const radius = part.radiusMillimetres
  if (typeof radius === 'number') resize(radius)
  else emit('change', { ...props.zone, ...part })
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
  <FieldRow :fields="fields" :values="zone" @change="change" />
  <TargetForShare v-if="zone.kind === 'circle'" @radius="resize" />
  <RingFields v-if="zone.kind === 'circle'" :zone="zone" @change="(next) => emit('change', next)" />
  <p v-if="zone.kind === 'polygon'" class="quiet small">{{ t('bench.dragCorners') }}</p>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
