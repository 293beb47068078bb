<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { remember, remembered } from '@/device/localMemory'
import ChoiceField from '@/shared/ChoiceField.vue'
import type { Field } from '@/shared/field'
import FieldRow from '@/shared/FieldRow.vue'
import NumberField from '@/shared/NumberField.vue'
import { isLong, type DraftBall, type DraftPosition, type Role } from './drillDocument'
import { withBall } from './edits'
import { fromCushion } from './geometry/aimingLines'
import { atSights } from './geometry/places'
import { asKind, POSITION_KINDS } from './positionKinds'
import { useBench } from './useBench'
import { useChoices } from './useChoices'

/** The selected ball: its name, what it is there for, and its place typed exactly. */
const props = defineProps<{ ball: DraftBall }>()
const bench = useBench()
const { t } = useI18n()

const UNITS = ['mm', 'cm', 'in', 'sights', 'balls'] as const
type Unit = (typeof UNITS)[number]
const PER_UNIT = { mm: 1, cm: 10, in: 25.4 }
const UNIT_KEY = 'amber-bench-unit'
const unit = ref<Unit>((remembered(UNIT_KEY) as Unit | undefined) ?? 'mm')

function chooseUnit(next: Unit | undefined): void {
  unit.value = next ?? 'mm'
  remember(UNIT_KEY, unit.value)
}

const place = computed(() => bench.places.value.get(props.ball.label))
const position = computed(() => props.ball.position)
const kinds = computed(() =>
  POSITION_KINDS.filter((kind) => kind === position.value.kind || anchoredAs(kind)).map((value) => ({
    value,
    label: t(`bench.position.${value}`),
  })),
)

function anchoredAs(kind: DraftPosition['kind']): DraftPosition | undefined {
  const { geometry, shot } = bench
  return geometry.value && shot.value
    ? asKind(kind, geometry.value, shot.value, props.ball, bench.places.value)
    : undefined
}

function put(next: DraftPosition | undefined): void {
  if (next) bench.placeBall(props.ball.label, next)
}

/** Distance from the W or S cushion in the unit that is chosen. */
function reading(axis: 'x' | 'y'): number {
  const table = bench.geometry.value
  const at = place.value
  if (!table || !at) return 0
  const millimetres = axis === 'x' ? at.xMillimetres : at.yMillimetres
  if (unit.value === 'sights') {
    return axis === 'x'
      ? (millimetres * 8) / table.lengthMillimetres
      : (millimetres * 4) / table.widthMillimetres
  }
  if (unit.value === 'balls') {
    const nose = (props.ball.role === 'cue' ? table.cueBall : table.objectBall).noseDistanceMillimetres
    return (millimetres - nose) / table.objectBall.diameterMillimetres
  }
  return millimetres / PER_UNIT[unit.value]
}

function typed(axis: 'x' | 'y', value: number): void {
  const table = bench.geometry.value
  const at = place.value
  if (!table || !at) return
  let millimetres: number
  if (unit.value === 'sights') {
    millimetres = axis === 'x' ? (value * table.lengthMillimetres) / 8 : (value * table.widthMillimetres) / 4
  } else if (unit.value === 'balls') {
    const nose = (props.ball.role === 'cue' ? table.cueBall : table.objectBall).noseDistanceMillimetres
    millimetres = nose + value * table.objectBall.diameterMillimetres
  } else {
    millimetres = value * PER_UNIT[unit.value]
  }
  put(
    atSights(
      table,
      axis === 'x' ? { ...at, xMillimetres: millimetres } : { ...at, yMillimetres: millimetres },
    ),
  )
}

const spots = computed(() =>
  (bench.geometry.value?.spots ?? []).map((spot) => ({ value: spot.name, label: spot.name })),
)
const { cushions, pockets, balls } = useChoices()
const others = computed(() => balls.value.filter((one) => one.value !== props.ball.label))

/** What is typed of each way to say a place; distances from two cushions have fields of their own. */
const fields = computed<Field[]>(() => {
  const widths = { name: 'ballWidths', label: t('bench.ballWidths'), min: 0 }
  const now = position.value
  switch (now.kind) {
    case 'spot':
      return [
        { name: 'spot', label: t('bench.spot'), options: spots.value },
        { name: 'dxMillimetres', label: t('bench.alongTable'), unit: 'mm' },
        { name: 'dyMillimetres', label: t('bench.acrossTable'), unit: 'mm' },
      ]
    case 'off-cushion':
      return [
        { name: 'cushion', label: t('bench.cushion'), options: cushions.value },
        widths,
        { name: 'sightsAlong', label: t('bench.sightsAlong'), min: 0, max: isLong(now.cushion) ? 8 : 4 },
      ]
    case 'off-pocket':
      return [
        { name: 'pocket', label: t('bench.pocket'), options: pockets.value },
        { ...widths, max: 60 },
        { name: 'bearingDegrees', label: t('bench.fromAxis'), unit: '°', min: -89, max: 89 },
      ]
    case 'touching-ball':
      return [
        { name: 'ball', label: t('bench.otherBall'), options: others.value },
        { name: 'bearingDegrees', label: t('bench.bearing'), unit: '°' },
      ]
    case 'for-pot':
      return [
        { name: 'cutDegrees', label: t('bench.cut'), unit: '°', min: -89, max: 89 },
        { name: 'distanceMillimetres', label: t('bench.fromGhost'), unit: 'mm', digits: 1 },
      ]
    default:
      return []
  }
})

function change(part: Record<string, unknown>): void {
  put({ ...position.value, ...part })
}

const roles = computed(() =>
  (['object', 'next', 'blocker'] as const).map((value) => ({ value, label: t(`bench.role.${value}`) })),
)
const playedRole = computed(() => (props.ball.role === 'cue' ? undefined : props.ball.role))
const nearestReading = computed(() => {
  const table = bench.geometry.value
  const at = place.value
  if (!table || !at) return ''
  const east = fromCushion(table, 'E', at)
  const north = fromCushion(table, 'N', at)
  const short = at.xMillimetres <= east ? (['W', at.xMillimetres] as const) : (['E', east] as const)
  const long = at.yMillimetres <= north ? (['S', at.yMillimetres] as const) : (['N', north] as const)
  return [short, long].map(([name, mm]) => `${mm.toFixed(0)} mm ${t(`cushion.${name}`)}`).join(', ')
})

function changeRole(role: Role | undefined): void {
  if (role) bench.changeShot((shot) => withBall(shot, props.ball.label, (ball) => ({ ...ball, role })))
}
</script>

<template>
  <section class="ball">
    <div class="row">
      <h3>{{ t(`drills.ball.${ball.role.toUpperCase()}`, { label: ball.label }) }}</h3>
      <ChoiceField
        v-if="ball.role !== 'cue'"
        :label="t('bench.roleLabel')"
        :model-value="playedRole"
        :options="roles"
        hide-label
        @update:model-value="changeRole"
      />
    </div>
    <ChoiceField
      :label="t('bench.placeBy')"
      :model-value="position.kind"
      :options="kinds"
      @update:model-value="(kind) => put(anchoredAs(kind ?? 'sights'))"
    />
    <div v-if="position.kind === 'sights'" class="row">
      <NumberField
        :label="t('cushion.W')"
        :model-value="reading('x')"
        :digits="unit === 'mm' ? 1 : 3"
        @update:model-value="(value: number) => typed('x', value)"
      />
      <NumberField
        :label="t('cushion.S')"
        :model-value="reading('y')"
        :digits="unit === 'mm' ? 1 : 3"
        @update:model-value="(value: number) => typed('y', value)"
      />
      <ChoiceField
        :label="t('bench.unitLabel')"
        :model-value="unit"
        :options="UNITS.map((value) => ({ value, label: t(`bench.unit.${value}`) }))"
        @update:model-value="chooseUnit"
      />
    </div>
    <div v-else class="row">
      <FieldRow :fields="fields" :values="position" @change="change" />
    </div>
    <p class="quiet small">{{ nearestReading }}</p>
  </section>
</template>

<style scoped>
.ball {
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
h3,
p {
  margin: 0;
}
</style>
