<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Checkbox from 'primevue/checkbox'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Point } from '@/api/types'
import { useUnits } from '@/shared/units'
import RecipeTable from '@/shared/recipes/RecipeTable.vue'
import PageState from '@/shared/PageState.vue'
import BallPanel from './BallPanel.vue'
import { BENCH_KEYS, useBenchKeys } from './benchKeys'
import BenchTable from './BenchTable.vue'
import DemandPanel from './DemandPanel.vue'
import DrillFields from './DrillFields.vue'
import LineFigures from './LineFigures.vue'
import { OVERLAYS, sightOverlay } from './overlayChoice'
import ProblemList from './ProblemList.vue'
import RuleFields from './RuleFields.vue'
import SaveState from './SaveState.vue'
import ShotTabs from './ShotTabs.vue'
import StationStrip from './StationStrip.vue'
import { createBench, provideBench } from './useBench'

/** The bench: design a drill, put it on the cloth. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const { figure } = useUnits()
const bench = createBench(props.id)
provideBench(bench)
onMounted(bench.open)

const TABS = ['shot', 'station', 'drill'] as const
const tab = ref<(typeof TABS)[number]>('shot')
const showKeys = ref(false)
const showsWays = ref(false)
useBenchKeys(bench, () => (showKeys.value = !showKeys.value))

const ball = computed(() => {
  const [label] = bench.selection.value
  return bench.selection.value.size === 1
    ? bench.shot.value?.balls.find((one) => one.label === label)
    : undefined
})

const inlaid = computed(() => (bench.drawing.value?.sights.length ?? 0) > 0)
const overlays = computed(() =>
  OVERLAYS.filter((name) => (name !== 'sights' && name !== 'grid') || name === sightOverlay(inlaid.value)),
)

const pointer = ref<Point>()
/** The place under the pointer: sights, and mm from the two nearest cushions. */
const ruler = computed(() => {
  const table = bench.geometry.value
  const at = pointer.value
  if (!table || !at) return t('bench.rulerRest')
  const { xMillimetres: x, yMillimetres: y } = at
  const east = table.lengthMillimetres - x
  const north = table.widthMillimetres - y
  if (x < 0 || y < 0 || east < 0 || north < 0) return t('bench.rulerRest')
  return t(inlaid.value ? 'bench.ruler' : 'bench.rulerPlain', {
    along: figure((x * 8) / table.lengthMillimetres, 2),
    across: figure((y * 4) / table.widthMillimetres, 2),
    short: figure(Math.min(x, east), 0),
    shortName: t(`cushion.${x <= east ? 'W' : 'E'}`),
    long: figure(Math.min(y, north), 0),
    longName: t(`cushion.${y <= north ? 'S' : 'N'}`),
  })
})

function rename(event: Event): void {
  const title = (event.target as HTMLInputElement).value.trim()
  if (title && bench.drill.value) bench.change({ ...bench.drill.value, title })
}
</script>

<template>
  <main class="page bench">
    <PageState
      :busy="!bench.drawing.value"
      :problem="bench.problem.value"
      :ready="bench.drawing.value !== undefined"
      @retry="bench.open"
    >
      <header>
        <h1 class="visually-hidden">{{ bench.drill.value?.title }}</h1>
        <label class="title">
          <span class="visually-hidden">{{ t('bench.titleLabel') }}</span>
          <InputText maxlength="80" :model-value="bench.drill.value?.title" @change="rename" @keydown.stop />
        </label>
        <SaveState />
        <RouterLink :to="`/drills/${props.id}`" class="done">{{ t('bench.done') }}</RouterLink>
      </header>
      <div class="tools no-print" role="toolbar" :aria-label="t('bench.tools')">
        <button type="button" :disabled="!bench.canUndo.value" :title="'Ctrl Z'" @click="bench.undo">
          ↶ {{ t('bench.undo') }}
        </button>
        <button type="button" :disabled="!bench.canRedo.value" :title="'Ctrl ⇧ Z'" @click="bench.redo">
          ↷ {{ t('bench.redo') }}
        </button>
        <span class="gap" />
        <button type="button" @click="bench.addBall('object')">
          {{ t('bench.add.object') }} <kbd>O</kbd>
        </button>
        <button type="button" @click="bench.addBall('next')">{{ t('bench.add.next') }} <kbd>N</kbd></button>
        <button type="button" @click="bench.addBall('blocker')">
          {{ t('bench.add.blocker') }} <kbd>B</kbd>
        </button>
        <span class="gap" />
        <button type="button" @click="bench.mirror">{{ t('bench.mirror') }} <kbd>M</kbd></button>
        <button
          type="button"
          :disabled="bench.selection.value.size === 0 && bench.demandIndex.value === undefined"
          @click="bench.remove"
        >
          {{ t('bench.remove') }} <kbd>Del</kbd>
        </button>
        <button
          type="button"
          :aria-pressed="bench.snapping.value"
          @click="bench.snapping.value = !bench.snapping.value"
        >
          {{ t('bench.snap') }} <kbd>S</kbd>
        </button>
        <button type="button" :aria-pressed="showKeys" @click="showKeys = !showKeys">
          {{ t('bench.keys') }} <kbd>?</kbd>
        </button>
      </div>
      <div class="cloth">
        <BenchTable @point="(place) => (pointer = place)" />
        <div class="below">
          <span class="ruler figures">{{ ruler }}</span>
          <span class="overlays no-print" role="group" :aria-label="t('bench.overlaysLabel')">
            <label v-for="name in overlays" :key="name">
              <Checkbox v-model="bench.overlays[name]" binary />
              {{ t(`bench.overlay.${name}`) }}
            </label>
          </span>
        </div>
      </div>
      <StationStrip class="stations" />
      <details
        class="ways no-print"
        @toggle="(event) => (showsWays = (event.target as HTMLDetailsElement).open)"
      >
        <summary>{{ t('recipes.title') }}</summary>
        <RecipeTable
          v-if="showsWays && bench.tableId.value && bench.drawing.value && bench.save.state.value === 'saved'"
          :key="`${bench.save.version.value} ${bench.at.value.station}`"
          :drill-id="props.id"
          :table-id="bench.tableId.value"
          :station="bench.at.value.station"
          :shot="bench.at.value.shot"
          :scale="bench.drawing.value.strike"
          @show="(path) => (bench.shownWay.value = path)"
        />
      </details>
      <aside>
        <ul v-if="showKeys" class="keys-list">
          <li v-for="entry in BENCH_KEYS" :key="entry.words">
            <kbd>{{ entry.keys }}</kbd> {{ t(`bench.key.${entry.words}`) }}
          </li>
        </ul>
        <LineFigures />
        <ProblemList />
        <div class="tabs" role="tablist" :aria-label="t('bench.panels')">
          <button
            v-for="name in TABS"
            :id="`tab-${name}`"
            :key="name"
            type="button"
            role="tab"
            :aria-selected="tab === name"
            :aria-controls="`panel-${name}`"
            @click="tab = name"
          >
            {{ t(`bench.tab.${name}`) }}
          </button>
        </div>
        <div :id="`panel-${tab}`" role="tabpanel" :aria-labelledby="`tab-${tab}`" class="panel">
          <template v-if="tab === 'shot'">
            <ShotTabs />
            <BallPanel v-if="ball" :key="ball.label" :ball="ball" />
            <p v-else-if="bench.selection.value.size > 1" class="quiet">
              {{ t('bench.several', { n: bench.selection.value.size }) }}
            </p>
            <p v-else class="quiet small">{{ t('bench.chooseBall') }}</p>
            <h2>{{ t('drills.ask') }}</h2>
            <DemandPanel />
          </template>
          <RuleFields v-else-if="tab === 'station'" />
          <DrillFields v-else />
        </div>
      </aside>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  grid-template-rows: auto auto auto auto 1fr;
  gap: 8px 20px;
  padding: 12px 20px 16px;
}
header {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 20px;
}
.title {
  flex: 1;
  max-width: 620px;
}
.title input {
  width: 100%;
  border: 0;
  border-bottom: 1.5px solid var(--hairline);
  background: none;
  color: var(--ink);
  font-family: var(--font-title);
  font-size: 26px;
  font-weight: 600;
  padding: 2px 0;
}
.done {
  margin-left: auto;
  font-weight: 600;
  padding: 10px 0;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.gap {
  width: 10px;
}
.cloth {
  grid-column: 1;
  min-width: 0;
}
.cloth :deep(svg) {
  height: auto;
  /* What is left of the window beside title, tools, read-out, strip and rail. */
  max-height: max(320px, calc(100vh - 420px));
}
.below {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 16px;
  margin-top: 2px;
  font-size: 14px;
}
.ruler {
  min-width: 21em;
}
.overlays {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
.overlays label {
  display: flex;
  align-items: center;
  gap: 5px;
}
.stations,
.ways {
  grid-column: 1;
  min-width: 0;
}
.ways summary {
  cursor: pointer;
  color: var(--amber-text);
  font-weight: 600;
  min-height: 36px;
}
aside {
  grid-column: 2;
  grid-row: 2 / -1;
  display: grid;
  gap: 12px;
  align-content: start;
  min-width: 0;
}
.tabs {
  display: flex;
  border-bottom: 1.5px solid var(--hairline);
}
.tabs button {
  flex: 1;
  min-height: 42px;
  border: 0;
  border-bottom: 4px solid transparent;
  background: none;
  color: var(--ink-second);
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}
.tabs button[aria-selected='true'] {
  border-bottom-color: var(--amber);
  color: var(--ink);
}
.panel {
  display: grid;
  gap: 10px;
}
.panel p {
  margin: 0;
}
.keys-list {
  list-style: none;
  margin: 0;
  padding: 8px 12px;
  background: var(--paper-raised);
  columns: 2;
  font-size: 14px;
}
kbd {
  padding: 0 4px;
  border: 1px solid var(--hairline);
  border-radius: 4px;
  opacity: 1;
}
.bench :deep(.tools button),
.bench :deep(.strip .keys button),
.bench :deep(.shots button) {
  min-height: 38px;
  padding: 0 10px;
  border: 1px solid var(--edge);
  border-radius: 6px;
  background: var(--paper-raised);
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  cursor: pointer;
}
.bench :deep(button:disabled) {
  opacity: 0.45;
  cursor: default;
}
.bench :deep(.tools button[aria-pressed='true']),
.bench :deep(.shots button[aria-pressed='true']) {
  background: var(--slate);
  color: var(--paper);
}
@media (max-width: 1000px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 10px 12px;
  }
  aside {
    grid-column: 1;
    grid-row: auto;
  }
  header {
    flex-wrap: wrap;
  }
}
</style>
