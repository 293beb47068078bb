<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, toRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDrillText } from '@/i18n/terms'
import DrillGrades from './DrillGrades.vue'
import RecipeTable from '@/shared/recipes/RecipeTable.vue'
import CautionList from '@/shared/CautionList.vue'
import PageState from '@/shared/PageState.vue'
import SelectField from '@/shared/SelectField.vue'
import { useAskedStation } from '@/shared/useAskedStation'
import { useSignedIn } from '@/device/useSignedIn'
import AskedList from './AskedList.vue'
import DrillActions from './DrillActions.vue'
import MovedNote from './MovedNote.vue'
import PaperLinks from './PaperLinks.vue'
import SetUpList from './SetUpList.vue'
import TriedDrawing from './TriedDrawing.vue'
import TriedStroke from './TriedStroke.vue'
import { useBeginSession } from './useBeginSession'
import { useDrillOnTable } from './useDrillOnTable'
import { useTables } from '@/shared/useTables'
import { useTriedStroke } from './useTriedStroke'

const props = defineProps<{ id: string }>()
const { t } = useI18n()
const drillText = useDrillText()
const signedIn = useSignedIn()
const { tables, problem: tablesProblem } = useTables()
const { data, busy, problem, reload, choose } = useDrillOnTable(toRef(props, 'id'))
const tableId = computed(() => data.value?.table.id)
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const {
  students,
  student,
  starting,
  problem: startProblem,
  chooseStudent,
  record,
} = useBeginSession(toRef(props, 'id'), tableId)
/** "What next" names the very station. */
const station = ref(useAskedStation() ?? 0)
watch(data, (detail) => {
  if (detail && station.value >= detail.drill.stations.length) station.value = 0
})
/** The one whose marks a student keeps. */
const TEMPLATE_DRILL = 'three-marks'
/** The one whose strokes a cue's check measures: amount, pace and distance, one at a time. */
const SIDE_DRILL = 'side-map'
const mirrored = ref(false)
/** Shown as is usual for this kind of table, where this one was measured. */
const preset = ref(false)
/** Which of a pattern's shots is looked at. */
const shotNumber = ref(0)
watch(station, () => (shotNumber.value = 0))

const stationView = computed(() => data.value?.drill.stations[station.value])
const written = computed(
  () => (mirrored.value ? stationView.value?.mirror : stationView.value?.original)?.[shotNumber.value],
)
const shotOptions = computed(() =>
  (stationView.value?.original ?? []).map((_, index) => ({ value: index, label: `${index + 1}` })),
)
const place = computed(
  () =>
    tableId.value && {
      drillId: props.id,
      tableId: tableId.value,
      station: station.value,
      shot: shotNumber.value,
      mirrored: mirrored.value,
      preset: preset.value,
    },
)
const tried = useTriedStroke(
  written,
  tableId,
  computed(() => data.value?.table.drawing),
  computed(() => place.value || undefined),
)
/** The same list while a ball is dragged: a new one would have the ladder drawn anew with every frame. */
const stationNames = computed(() =>
  (data.value?.drill.stations ?? []).map((one) => drillText(one.name, props.id)),
)
const stationOptions = computed(() =>
  (data.value?.drill.stations ?? []).map((view, index) => ({
    value: index,
    label: `${index + 1} · ${drillText(view.name, props.id)}`,
  })),
)
</script>

<template>
  <main class="page">
    <p v-if="problem" class="unfinished">
      <RouterLink v-if="isCoach" :to="`/drills/${props.id}/bench`">{{ t('library.edit') }}</RouterLink>
    </p>
    <PageState :busy="busy" :problem="problem || tablesProblem" :ready="data !== undefined" @retry="reload">
      <template v-if="data && written && stationView">
        <header>
          <div>
            <h1>{{ data.drill.drill.title }}</h1>
            <p class="quiet">{{ drillText(data.drill.drill.purpose, id) }}</p>
            <p v-if="data.workedOut.known < data.workedOut.all" class="small" role="status">
              {{ t('drills.workingOut', data.workedOut) }}
            </p>
          </div>
          <DrillActions :detail="data" @changed="reload" />
        </header>
        <TriedDrawing :tried="tried" :table="data.table.drawing" :mirrored="mirrored" />
        <aside class="figures">
          <MovedNote v-if="place" v-model="preset" :place="place" />
          <div class="choose no-print">
            <SelectField
              :model-value="student?.id"
              :label="t('drills.forStudent')"
              :options="students.data.value ?? []"
              :placeholder="t('drills.chooseStudent')"
              @update:model-value="(id) => id && chooseStudent(id)"
            />
            <SelectField
              :model-value="tableId"
              :label="t('drills.onTable')"
              :options="tables"
              @update:model-value="(id) => id && choose(id)"
            />
            <Button
              :label="t('drills.record')"
              :disabled="!student"
              :loading="starting"
              fluid
              size="large"
              @click="record(station)"
            />
            <p v-if="startProblem" role="alert" class="problem">{{ startProblem }}</p>
          </div>
          <AskedList :shot="written" :rule="stationView.rule" />
          <TriedStroke v-if="written.pot" :tried="tried" :scale="data.table.drawing.strike" />
        </aside>
        <section class="stations">
          <div class="pick no-print">
            <label>
              {{ t('drills.station') }}
              <Select v-model="station" :options="stationOptions" option-label="label" option-value="value" />
            </label>
            <label v-if="shotOptions.length > 1">
              {{ t('drills.shotOfPattern') }}
              <Select v-model="shotNumber" :options="shotOptions" option-label="label" option-value="value" />
            </label>
            <button type="button" class="side" :aria-pressed="mirrored" @click="mirrored = !mirrored">
              {{ mirrored ? t('drills.mirror') : t('drills.original') }}
            </button>
          </div>
          <SetUpList :shot="written" :table="data.table.drawing" />
          <p v-if="props.id === TEMPLATE_DRILL" class="bare">
            <RouterLink to="/progress/template">{{ t('drills.toTemplate') }}</RouterLink>
          </p>
          <p v-if="props.id === SIDE_DRILL" class="bare">
            <RouterLink to="/kit">{{ t('drills.toCueCheck') }}</RouterLink>
          </p>
          <PaperLinks
            :drill-id="props.id"
            :table-id="data.table.id"
            :station="station"
            :shot="shotNumber"
            :mirrored="mirrored"
            :has-zone="written?.zone !== undefined"
          />
          <p v-if="!data.drill.provenOnThisTable" class="small" role="note">{{ t('drills.notProven') }}</p>
        </section>
        <RecipeTable
          class="words"
          :drill-id="props.id"
          :table-id="data.table.id"
          :station="station"
          :shot="shotNumber"
          :preset="preset"
          :scale="data.table.drawing.strike"
          @show="(path) => (tried.shownWay.value = path)"
        />
        <DrillGrades class="words" :drill-id="props.id" :table-id="data.table.id" :names="stationNames" />
        <section class="words">
          <CautionList :cautions="data.drill.drill.cautions" />
          <p>
            <strong>{{ t('drills.watch') }}.</strong> {{ drillText(data.drill.drill.watch, id) }}
          </p>
          <p>
            <strong>{{ t('drills.miss') }}.</strong> {{ drillText(data.drill.drill.missReads, id) }}
          </p>
        </section>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 12px 28px;
  padding: 16px 24px 24px;
}
header {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: end;
  gap: 4px 24px;
}
header p {
  margin: 4px 0 0;
}
.figures {
  grid-row: 2 / span 2;
  grid-column: 2;
}
.words {
  grid-column: 1 / -1;
}
.choose {
  display: grid;
  gap: 12px;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
.pick {
  display: flex;
  gap: 12px;
  align-items: end;
  margin-bottom: 8px;
}
.side {
  min-height: 46px;
  padding: 0 16px;
  border: 1.5px solid var(--edge);
  border-radius: 6px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}
.side[aria-pressed='true'] {
  background: var(--slate);
  color: var(--paper);
}
@media (max-width: 900px) {
  .figures {
    grid-row: auto;
    grid-column: auto;
  }
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
}
</style>
