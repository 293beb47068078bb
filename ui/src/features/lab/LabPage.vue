<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { TableDrawing } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import { useNotation } from '@/shared/useNotation'
import { useSignedIn } from '@/device/useSignedIn'
import { useUnits } from '@/shared/units'
import TableDiagram from '@/table/TableDiagram.vue'
import LabDrawing from './LabDrawing.vue'
import LabStrokesDrawing from './LabStrokesDrawing.vue'
import { PANELS, type Column, type Kind, type Row } from './panels'
import { useLabPanel } from './useLabPanel'

/** The shot lab: one question at a time, on the same drawing and engine as everything else. */
const { t } = useI18n()
const { figure } = useUnits()
const notation = useNotation()
const signedIn = useSignedIn()
const usualKind: Kind = signedIn.me?.preferences.dialect === 'SNOOKER' ? 'SNOOKER' : 'POOL'
const { panel, kind, values, rows, strokes, problem, open } = useLabPanel(usualKind)
const kinds = computed(() =>
  (['POOL', 'SNOOKER', 'PUB'] as const).map((value) => ({ value, label: t(`lab.kind.${value}`) })),
)

const PRESETS: Record<Kind, string> = { POOL: 'pool-9ft', SNOOKER: 'snooker-12ft', PUB: 'pub-7ft' }
const drawing = shallowRef<TableDrawing>()
const drawingProblem = ref('')

async function draw(): Promise<void> {
  try {
    const tables = await answer(api.GET('/api/v1/tables'))
    const id = tables.find((table) => table.presetId === PRESETS[kind.value])?.id
    if (id)
      drawing.value = (await answer(api.GET('/api/v1/tables/{id}', { params: { path: { id } } }))).drawing
  } catch (error) {
    drawingProblem.value = sentence(error)
  }
}
onMounted(draw)
watch(kind, draw)

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
  if (scale && column.name === 'tip' && row.tipHeightMillimetres !== undefined)
    return notation.fineTip(Number(row.tipHeightMillimetres), 0, scale)
  if (scale && column.name === 'side') return notation.fineTip(0, Number(row.sideMillimetres), scale)
  if (scale && column.name === 'paceMetresPerSecond' && typeof row.paceMetresPerSecond === 'number')
    return notation.fullPace(row.paceMetresPerSecond, scale)
  const value = row[column.name]
  if (value === undefined) return t(row.inOff ? 'lab.inOff' : 'lab.notPossible')
  if (typeof value === 'boolean') return ''
  if (typeof value === 'string') return t(`lab.word.${value}`)
  return `${figure(column.ways ? Math.abs(value) : value, column.digits)}${unit(column)}${way(value, column)}`
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
      <div class="dials">
        <ChoiceField v-model="kind" :label="t('lab.kindLabel')" :options="kinds" />
        <label v-for="dial in panel.dials" :key="dial.name">
          {{ t(`lab.dial.${dial.name}`) }}:
          <strong class="figures"
            >{{ figure(values[dial.name] ?? 0, dial.step < 1 ? 1 : 0) }} {{ dial.unit }}</strong
          >
          <input
            v-model.number="values[dial.name]"
            type="range"
            :min="dial.min"
            :max="dial.max"
            :step="dial.step"
          />
        </label>
      </div>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <div v-if="rows" class="scroll">
        <table class="figures">
          <thead>
            <tr>
              <th v-if="strokes" scope="col">{{ t('lab.number') }}</th>
              <th v-for="column in panel.columns" :key="column.name" scope="col">
                {{ t(`lab.column.${column.name}`) }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, index) in rows" :key="index">
              <td v-if="strokes">{{ index + 1 }}</td>
              <td v-for="column in panel.columns" :key="column.name">{{ cell(row, column) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
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
    </section>
  </main>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(380px, 1fr) minmax(0, 1.2fr);
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
.dials label {
  display: block;
}
input[type='range'] {
  width: 100%;
  min-height: 32px;
  accent-color: var(--amber);
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
}
td {
  white-space: nowrap;
}
.cloth :deep(svg) {
  height: auto;
}
th,
td {
  text-align: right;
  padding: 4px 12px 4px 0;
  border-top: 1px solid var(--hairline);
}
th {
  font-size: 14px;
  border-top: 0;
  vertical-align: bottom;
}
.problem {
  color: var(--brick-text);
}
details {
  margin-top: 10px;
}
summary {
  cursor: pointer;
  color: var(--amber-text);
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
}
</style>
