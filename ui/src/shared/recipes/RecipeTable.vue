<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'
import { useNotation } from '@/shared/useNotation'
import { useUnits } from '@/shared/units'
import type { RecipeBoardView, RecipeWay, ShotPath, StrikeScale } from '@/api/types'
import { useLevelChoice } from './useLevelChoice'
import { useRecipes } from './useRecipes'

/** The ways to play a shot side by side; the chosen one's path is drawn on the table above. */
const props = defineProps<{
  drillId: string
  tableId: string
  station: number
  shot: number
  /** With what is usual for this kind of table, where this one was measured. */
  preset?: boolean
  scale: StrikeScale
}>()
const emit = defineEmits<{ show: [path: ShotPath | undefined] }>()
const { t } = useI18n()
const { figure, length } = useUnits()
const notation = useNotation()

const { level, levels, abilityLogits, studentId } = useLevelChoice()
const question = computed(() => ({
  drillId: props.drillId,
  tableId: props.tableId,
  station: props.station,
  shot: props.shot,
  abilityLogits: abilityLogits.value,
  studentId: studentId.value,
  preset: props.preset,
}))
const { board, problem } = useRecipes(question)
const ways = computed(() =>
  (board.value?.ways ?? [])
    .map((way, index) => ({ way, index }))
    .sort((one, other) => other.way.chance.probability - one.way.chance.probability),
)
const chosen = ref<number>()
watch(board, () => (chosen.value = undefined))

function choose(index: number, way: RecipeWay): void {
  chosen.value = chosen.value === index ? undefined : index
  emit('show', chosen.value === undefined ? undefined : way.path)
}

function room(one: { below: number; above: number }, unit: string): string {
  return `−${figure(one.below, 1)} / +${figure(one.above, 1)} ${unit}`
}

function name(way: RecipeWay): string {
  return `${t(`drills.way.${way.way}`)}, ${t('drills.byCushions', way.cushions.length)}`
}

/** What stands in the way, by name; a larger target is only spoken of where the target is what is missed. */
function notMet(faults: NonNullable<RecipeBoardView['nearest']>['faults']): string {
  const why = faults.map((fault) => t(`recording.why.${fault}`)).join(', ')
  const hint = faults.includes('OUTSIDE_THE_ZONE') ? ` ${t('recipes.widerTarget')}` : ''
  return faults.length ? `${t('recipes.notMet', { why })}${hint}` : ''
}

const reason = computed(() => {
  const { preference, ways: all } = board.value ?? {}
  if (!preference || !all) return ''
  const other = preference.other === undefined ? undefined : all[preference.other]
  return t(`recipes.reason.${preference.reason}`, {
    other: other ? name(other) : '',
    points: figure(Math.abs(preference.points), 1),
  })
})
</script>

<template>
  <section class="recipes">
    <div class="head">
      <h2>{{ t('recipes.title') }}</h2>
      <ChoiceField v-model="level" :label="t('recipes.forBand')" :options="levels" />
    </div>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <template v-else-if="board">
      <template v-if="ways.length === 0">
        <p>{{ t('recipes.none') }}</p>
        <p v-if="board.nearest">
          {{
            t('recipes.nearest', {
              miss: length(board.nearest.missMillimetres),
              pace: notation.fullPace(board.nearest.stroke.paceMetresPerSecond, scale),
              tip: notation.tip(
                board.nearest.stroke.tipHeightMillimetres,
                board.nearest.stroke.tipSideMillimetres,
                scale,
              ),
            })
          }}
          {{ notMet(board.nearest.faults) }}
          <button type="button" class="link" @click="emit('show', board.nearest.path)">
            {{ t('recipes.showNearest') }}
          </button>
        </p>
        <p v-if="board.openPockets.length > 0">
          {{
            t('recipes.openPockets', {
              pockets: board.openPockets.map((pocket) => t(`pocket.${pocket}`)).join(', '),
            })
          }}
        </p>
      </template>
      <template v-else>
        <p>
          <strong>★</strong> {{ t('recipes.preferred') }} {{ reason }}
          <span class="quiet">{{ t('recipes.atReference') }}</span>
        </p>
        <div class="scroll">
          <table class="figures">
            <thead>
              <tr>
                <th scope="col">{{ t('recipes.way') }}</th>
                <th scope="col">{{ t('recipes.chance') }}</th>
                <th scope="col">{{ t('recipes.pace') }}</th>
                <th scope="col">{{ t('recipes.tip') }}</th>
                <th scope="col">{{ t('recipes.paceRoom') }}</th>
                <th scope="col">{{ t('recipes.tipRoom') }}</th>
                <th scope="col">{{ t('recipes.aimRoom') }}</th>
                <th scope="col">{{ t('recipes.first') }}</th>
                <th scope="col">{{ t('recipes.drift') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="{ way, index } in ways" :key="index" :class="{ chosen: chosen === index }">
                <th scope="row">
                  <button
                    type="button"
                    class="link"
                    :aria-pressed="chosen === index"
                    @click="choose(index, way)"
                  >
                    <template v-if="way.preferred">★ </template>{{ name(way) }}
                  </button>
                </th>
                <td>
                  {{ figure(100 * way.chance.probability, 0) }} ±
                  {{ figure(Math.max(1, 100 * way.chance.standardError), 0) }} %
                </td>
                <td>
                  {{ notation.pace(way.stroke.paceMetresPerSecond, scale) }}
                </td>
                <td>
                  {{ notation.tip(way.stroke.tipHeightMillimetres, way.stroke.tipSideMillimetres, scale) }}
                </td>
                <td>{{ room(way.allowedPacePercent, '%') }}</td>
                <td>{{ room(way.allowedTipHeightMillimetres, 'mm') }}</td>
                <td>{{ room(way.allowedAimMilliradians, 'mrad') }}</td>
                <td>
                  {{ t(`drills.fault.${way.firstFault}`) }}:
                  {{ t(`recipes.consequence.${way.consequence}`) }}
                </td>
                <td>{{ figure(way.driftAtContactMillimetres, 1) }} mm</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="small quiet">
          {{ t('recipes.words') }}
          <template v-if="studentId">{{ t('recipes.ownErrors') }}</template>
        </p>
      </template>
    </template>
    <p v-else class="quiet">{{ t('app.loading') }}</p>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: end;
}
h2 {
  margin: 8px 0 0;
}
p {
  margin: 6px 0;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 15px;
}
th,
td {
  text-align: left;
  padding: 4px 12px 4px 0;
  border-top: 1px solid var(--hairline);
  vertical-align: top;
}
thead th {
  border-top: 0;
  font-size: 14px;
}
td {
  white-space: nowrap;
}
th .link {
  text-align: left;
  padding: 2px 0;
}
.chosen {
  background: var(--paper-raised);
}
</style>
