<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Point } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import type { Field } from '@/shared/field'
import FieldRow from '@/shared/FieldRow.vue'
import { isLong, type DraftBall, type DraftPosition, type Role } from '@/shared/drillFile/drillDocument'
import { withBall } from './edits'
import { fromCushion } from './geometry/aimingLines'
import { atSights } from './geometry/places'
import PlaceFields from './PlaceFields.vue'
import { asKind, POSITION_KINDS } from './positionKinds'
import { useBench } from './useBench'
import { useChoices } from './useChoices'

/** The selected ball: its name, what it is there for, and its place typed exactly. */
const props = defineProps<{ ball: DraftBall }>()
const bench = useBench()
const { t } = useI18n()

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

const nose = computed(() => {
  const table = bench.geometry.value
  return (props.ball.role === 'cue' ? table?.cueBall : table?.objectBall)?.noseDistanceMillimetres ?? 0
})

function putAt(to: Point): void {
  if (bench.geometry.value) put(atSights(bench.geometry.value, to))
}

function put(next: DraftPosition | undefined): void {
  if (next) bench.placeBall(props.ball.label, next)
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
    <PlaceFields
      v-if="position.kind === 'sights' && place && bench.geometry.value"
      :table="bench.geometry.value"
      :place="place"
      :nose-millimetres="nose"
      @typed="putAt"
    />
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
