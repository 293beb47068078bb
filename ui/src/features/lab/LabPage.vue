<script setup lang="ts">
import DialField from '@/shared/DialField.vue'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { TableDrawing } from '@/api/types'
import CurveChart from '@/charts/CurveChart.vue'
import ChoiceField from '@/shared/ChoiceField.vue'
import { useNotation } from '@/shared/useNotation'
import { useSignedIn } from '@/device/useSignedIn'
import { useUnits } from '@/shared/units'
import TableDiagram from '@/table/TableDiagram.vue'
import LabAnswer from './LabAnswer.vue'
import { labChart } from './labCharts'
import LabDrawing from './LabDrawing.vue'
import LabStrokesDrawing from './LabStrokesDrawing.vue'
import LabTable from './LabTable.vue'
import LabTools from './LabTools.vue'
import { PANELS, type Column, type Dial, type Kind, type Row } from './panels'
import LabKitChoice from './LabKitChoice.vue'
import { useLabPanel } from './useLabPanel'

/** The shot lab: one question at a time, on the same drawing and engine as everything else. */
const { t } = useI18n()
const { figure, length } = useUnits()
const notation = useNotation()
const signedIn = useSignedIn()
const usualKind: Kind = signedIn.me?.preferences.dialect === 'SNOOKER' ? 'SNOOKER' : 'POOL'
const { panel, kind, kit, values, found, rows, strokes, problem, open } = useLabPanel(usualKind)
const kinds = computed(() =>
  (['POOL', 'SNOOKER', 'PUB'] as const).map((value) => ({ value, label: t(`lab.kind.${value}`) })),
)

const PRESETS: Record<Kind, string> = { POOL: 'pool-9ft', SNOOKER: 'snooker-12ft', PUB: 'pub-7ft' }
const drawing = shallowRef<TableDrawing>()
const drawingProblem = ref('')

async function draw(): Promise<void> {
  try {
    const tables = await answer(api.GET('/api/v1/tables'))
    const id = kit.value.tableId ?? tables.find((table) => table.presetId === PRESETS[kind.value])?.id
    if (id)
      drawing.value = (await answer(api.GET('/api/v1/tables/{id}', { params: { path: { id } } }))).drawing
  } catch (error) {
    drawingProblem.value = sentence(error)
  }
}
onMounted(draw)
watch([kind, () => kit.value.tableId], draw)

const scale = computed(() => drawing.value?.strike)
const chart = computed(
  () => found.value && labChart(panel.value.key, found.value, values.value, { t, millimetres: length }),
)
const hasDash = computed(() =>
  rows.value?.some((row) =>
    panel.value.columns.some(
      ({ name }) => !['tip', 'changeMillimetres'].includes(name) && row[name] === undefined && !row.inOff,
    ),
  ),
)

/** A dial's figure as it is said: the way it points to in words, never a minus. */
function dialled({ name, unit, step, ways }: Dial): string {
  const value = values.value[name] ?? 0
  const digits = step < 1 ? 1 : 0
  const amount = `${figure(ways ? Math.abs(value) : value, digits)}${unit === '°' ? unit : unit && ` ${unit}`}`
  return ways && value !== 0 ? `${amount} ${t(`lab.way.${ways[value > 0 ? 0 : 1]}`)}` : amount
}

function unit({ unit }: Column): string {
  return unit === '°' ? unit : unit && ` ${unit}`
}

/** Nothing for what rounds to nothing. */
function way(value: number, { ways, digits }: Column): string {
  if (!ways || Number(Math.abs(value).toFixed(digits)) === 0) return ''
  return ` ${t(`lab.way.${ways[value > 0 ? 0 : 1]}`)}`
}

/** Tips and pace as the reader writes them; everything else as it is. */
function cell(row: Row, column: Column): string {
  const scale = drawing.value?.strike
  if (row.rolled === true && column.name === 'tip') return t('lab.rolled')
  if (scale && column.name === 'tip' && row.tipHeightMillimetres !== undefined)
    return notation.fineTip(Number(row.tipHeightMillimetres), 0, scale)
  if (scale && column.name === 'side') return notation.fineTip(0, Number(row.sideMillimetres), scale)
  if (scale && column.name === 'paceMetresPerSecond' && typeof row.paceMetresPerSecond === 'number')
    return notation.fullPace(row.paceMetresPerSecond, scale)
  const value = row[column.name]
  // The first row has none above it.
  if (value === undefined && column.name === 'changeMillimetres' && row.path) return ''
  if (value === undefined) return t(row.inOff ? 'lab.inOff' : 'lab.notPossible')
  if (typeof value === 'boolean') return ''
  if (typeof value === 'string') return t(`lab.word.${value}`)
  const amount = column.share ? 100 * value : column.ways ? Math.abs(value) : value
  return `${figure(amount, column.digits)}${unit(column)}${way(value, column)}`
}
</script>

<template>
  <main class="page">
    <header>
      <h1>{{ t('lab.title') }}</h1>
      <nav class="no-print" :aria-label="t('lab.questions')">
        <button
          v-for="one in PANELS"
          :key="one.key"
          type="button"
          :aria-pressed="one.key === panel.key"
          @click="open(one.key)"
        >
          {{ t(`lab.panel.${one.key}.name`) }}
        </button>
      </nav>
    </header>
    <section class="question">
      <h2>{{ t(`lab.panel.${panel.key}.question`) }}</h2>
      <LabAnswer v-if="found && scale" :panel="panel" :found="found" :scale="scale" />
      <div class="dials">
        <div class="kit">
          <ChoiceField v-model="kind" :label="t('lab.kindLabel')" :options="kinds" />
          <LabKitChoice v-model="kit" :kind="kind" />
        </div>
        <DialField
          v-for="dial in panel.dials"
          :key="dial.name"
          :model-value="values[dial.name] ?? dial.min"
          :label="t(`lab.dial.${dial.name}`)"
          :reads="dialled(dial)"
          :min="dial.min"
          :max="dial.max"
          :step="dial.step"
          @update:model-value="(value) => (values[dial.name] = value)"
        />
      </div>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <LabTable v-if="rows" :panel="panel" :rows="rows" :numbered="strokes !== undefined" :cell="cell" />
      <p v-if="hasDash" class="small quiet">{{ t('lab.notPossibleMeans') }}</p>
      <LabTools v-if="rows" :panel="panel" :rows="rows" />
      <details class="small">
        <summary>{{ t('lab.why') }}</summary>
        <p>{{ t(`lab.panel.${panel.key}.why`) }}</p>
      </details>
    </section>
    <section class="cloth">
      <TableDiagram v-if="drawing" :table="drawing" :label="t('lab.drawing')">
        <LabStrokesDrawing v-if="strokes" :strokes="strokes" />
        <LabDrawing v-else :table="drawing" :panel="panel" :values="values" :rows="rows ?? []" />
      </TableDiagram>
      <p v-if="drawingProblem" role="alert" class="problem">{{ drawingProblem }}</p>
      <p class="small quiet">{{ t(`lab.panel.${panel.key}.drawn`) }}</p>
      <CurveChart
        v-if="chart"
        :key="panel.key"
        :label="t('lab.chart', { question: t(`lab.panel.${panel.key}.question`) })"
        :x-name="chart.xName"
        :y-name="chart.yName"
        :curves="chart.curves"
        :marks="chart.marks"
        :digits="chart.digits"
      />
      <p v-if="chart?.note" class="small quiet">{{ chart.note }}</p>
    </section>
  </main>
</template>

<style scoped>
.kit {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px 16px;
  align-items: end;
}
.page {
  display: grid;
  grid-template-columns: minmax(380px, 1fr) minmax(0, 1.25fr);
  gap: 8px 28px;
  padding: 16px 24px;
}
header {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: center;
}
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
nav button {
  min-height: 42px;
  padding: 0 14px;
  border: 1px solid var(--edge);
  border-radius: 6px;
  background: var(--paper-raised);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
nav button[aria-pressed='true'] {
  background: var(--slate);
  color: var(--paper);
}
.dials {
  display: grid;
  gap: 10px;
  margin: 10px 0;
}
.cloth :deep(svg) {
  height: auto;
}
details {
  margin-top: 10px;
}
summary {
  color: var(--amber-text);
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
}
</style>
