<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, onMounted, ref, shallowRef, toRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Point, ShotPath, SimulateRequest } from '@/api/types'
import { sentence } from '@/api/problem'
import DrillGrades from '@/features/grades/DrillGrades.vue'
import RecipeTable from '@/features/recipes/RecipeTable.vue'
import PageState from '@/shared/PageState.vue'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/shared/useSignedIn'
import { useUnits } from '@/shared/units'
import BallHandles from '@/table/BallHandles.vue'
import { onBed } from '@/table/onBed'
import ShotMarks from '@/table/ShotMarks.vue'
import ShotPathMarks from '@/table/ShotPathMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import DrillActions from './DrillActions.vue'
import DemandWords from './DemandWords.vue'
import { metresPerSecondToPace, paceToMetresPerSecond } from './pace'
import PaperLinks from './PaperLinks.vue'
import SetUpList from './SetUpList.vue'
import StrokeSliders from './StrokeSliders.vue'
import { useDrillOnTable } from './useDrillOnTable'
import { useShotPath } from './useShotPath'
import { useTables } from './useTables'
import { useUsualStroke } from './useUsualStroke'

const props = defineProps<{ id: string }>()
/** The usual cue (answers.md, "Strike and pace"). */
const USUAL_ELEVATION_DEGREES = 3
const { t } = useI18n()
const { length, figure } = useUnits()
const router = useRouter()
const hand = useHand()
const signedIn = useSignedIn()
const { tables, problem: tablesProblem } = useTables()
const { data, busy, problem, reload, choose } = useDrillOnTable(toRef(props, 'id'))
const tableId = computed(() => data.value?.table.id)
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const students = useLoad(async () => {
  const me = signedIn.me
  if (!me) return []
  return me.person.role === 'COACH' ? answer(api.GET('/api/v1/students')) : [me.person]
})
const startProblem = ref('')
const starting = ref(false)
const station = ref(0)
const mirrored = ref(false)

onMounted(async () => {
  await students.reload()
  const list = students.data.value ?? []
  if (!list.some((student) => student.id === hand.hand.studentId)) {
    hand.take(
      list.length === 1
        ? { studentId: list[0]?.id, studentName: list[0]?.name }
        : { studentId: undefined, studentName: undefined },
    )
  }
})

const stationView = computed(() => data.value?.drill.stations[station.value])
const written = computed(
  () => (mirrored.value ? stationView.value?.mirror : stationView.value?.original)?.[0],
)
/** Balls moved to try something; the drill itself stays as it is written. */
const moved = ref<Record<string, Point>>({})
watch(written, () => {
  moved.value = {}
  shownWay.value = undefined
})
const isMoved = computed(() => Object.keys(moved.value).length > 0)
const shot = computed(() => {
  const asked = written.value
  if (!asked || !isMoved.value) return asked
  const balls = asked.balls.map((ball) => ({
    ...ball,
    at: { ...ball.at, place: moved.value[ball.label] ?? ball.at.place },
  }))
  return { ...asked, balls }
})
function moveBall(label: string, to: Point): void {
  const table = data.value?.table.drawing
  if (!table) return
  const on = onBed(table, to)
  if (on.kind === 'bed') moved.value = { ...moved.value, [label]: on.place }
}
/** A way chosen from the recipes, drawn in place of the stroke that the sliders try. */
const shownWay = shallowRef<ShotPath>()
const pace = ref(3)
const height = ref(0)
const side = ref(0)
const sideAllowed = computed(() => data.value?.drill.drill.sideAllowed ?? false)
const { usual, problem: usualProblem } = useUsualStroke(
  written,
  tableId,
  sideAllowed,
  ({ stroke: found }) => {
    height.value = Math.round(2 * found.tipHeightMillimetres) / 2
    side.value = found.tipSideMillimetres
    // Last: each is asked of the engine at once, and soft with the old height may not pot.
    pace.value = Math.round(10 * metresPerSecondToPace(found.paceMetresPerSecond)) / 10
  },
)
const stroke = computed<SimulateRequest | undefined>(() => {
  const pot = shot.value?.pot
  const object = shot.value?.balls.find((ball) => ball.role === 'OBJECT')
  if (!shot.value || !tableId.value || !pot || !object) return undefined
  return {
    tableId: tableId.value,
    balls: shot.value.balls.map((ball) => ({
      label: ball.label,
      cueBall: ball.role === 'CUE',
      ...ball.at.place,
    })),
    stroke: {
      paceMetresPerSecond: paceToMetresPerSecond(pace.value),
      tipHeightMillimetres: height.value,
      tipSideMillimetres: side.value,
      elevationDegrees: USUAL_ELEVATION_DEGREES,
    },
    pot: { ball: object.label, pocket: pot.pocket },
  }
})
const { path, problem: pathProblem, askedAt } = useShotPath(stroke)
watch([pace, height, side], () => (shownWay.value = undefined))
const cueLabel = computed(() => shot.value?.balls.find((ball) => ball.role === 'CUE')?.label ?? '')
const stationOptions = computed(() =>
  (data.value?.drill.stations ?? []).map((view, index) => ({
    value: index,
    label: `${index + 1} · ${view.name}`,
  })),
)

const NAMED_FRACTIONS: [number, string][] = [
  [1, '1'],
  [0.75, '¾'],
  [0.5, '½'],
  [0.25, '¼'],
]

/** The nearest named share of the ball, or the plain figure if none is near. */
function fraction(share: number): string {
  const named = NAMED_FRACTIONS.find(([value]) => Math.abs(value - share) < 0.015)
  return named ? named[1] : figure(share, 2)
}

function chooseStudent(id: string): void {
  const student = students.data.value?.find((one) => one.id === id)
  hand.take({ studentId: id, studentName: student?.name, sessionId: undefined })
}

async function record(): Promise<void> {
  const studentId = hand.hand.studentId
  if (!studentId || !tableId.value) return
  starting.value = true
  startProblem.value = ''
  try {
    const body = { studentId, drillId: props.id, tableId: tableId.value }
    const session = await answer(api.POST('/api/v1/sessions', { body }))
    hand.take({ sessionId: session.id })
    await router.push(`/table/${session.id}`)
  } catch (error) {
    startProblem.value = sentence(error)
  } finally {
    starting.value = false
  }
}
</script>

<template>
  <main class="page">
    <p v-if="problem" class="unfinished">
      <RouterLink v-if="isCoach" :to="`/drills/${props.id}/bench`">{{ t('library.edit') }}</RouterLink>
    </p>
    <PageState :busy="busy" :problem="problem || tablesProblem" :ready="data !== undefined" @retry="reload">
      <template v-if="data && shot && stationView">
        <header>
          <div>
            <h1>{{ data.drill.drill.title }}</h1>
            <p class="quiet">{{ data.drill.drill.purpose }}</p>
          </div>
          <DrillActions :detail="data" @changed="reload" />
        </header>
        <div class="drawing">
          <TableDiagram :table="data.table.drawing" :label="t('drills.setUp')" interactive>
            <ShotMarks :shot="shot" :plain="isMoved" />
            <ShotPathMarks v-if="shownWay && !mirrored" :path="shownWay" :cue-label="cueLabel" />
            <ShotPathMarks v-else-if="path" :path="path" :cue-label="cueLabel" :data-asked-at="askedAt" />
            <BallHandles :balls="shot.balls" @move="moveBall" />
          </TableDiagram>
          <p class="small quiet legend">
            <template v-if="isMoved">
              {{ t('drills.movedBalls') }}
              <button type="button" class="link" @click="moved = {}">{{ t('drills.putBack') }}</button>
            </template>
            <template v-else>{{ t('drills.dragBalls') }}</template>
            {{ t('drills.legendGhost') }} · {{ t('drills.legendPot') }} · {{ t('drills.legendArrival') }}
          </p>
        </div>
        <aside class="figures">
          <div class="choose no-print">
            <label>
              {{ t('drills.forStudent') }}
              <Select
                :model-value="hand.hand.studentId"
                :options="students.data.value ?? []"
                option-label="name"
                option-value="id"
                :placeholder="t('drills.chooseStudent')"
                fluid
                @update:model-value="chooseStudent"
              />
            </label>
            <label>
              {{ t('drills.onTable') }}
              <Select
                :model-value="tableId"
                :options="tables"
                option-label="name"
                option-value="id"
                fluid
                @update:model-value="choose"
              />
            </label>
            <Button
              :label="t('drills.record')"
              :disabled="!hand.hand.studentId"
              :loading="starting"
              fluid
              size="large"
              @click="record"
            />
            <p v-if="startProblem" role="alert" class="problem">{{ startProblem }}</p>
          </div>
          <h2>{{ t('drills.ask') }}</h2>
          <ul>
            <DemandWords v-for="(demand, index) in shot.demands" :key="index" :demand="demand" :shot="shot" />
            <li>
              <strong>{{
                t(`rule.${stationView.rule.kind}`, {
                  successes: stationView.rule.successes,
                  outOf: stationView.rule.outOf ?? 0,
                })
              }}</strong>, {{ t('rule.cap', { cap: stationView.rule.capTries }) }}
            </li>
          </ul>
          <ul v-if="shot.pot" class="small">
            <li>
              {{
                t('drills.cut', {
                  degrees: figure(Math.abs(shot.pot.cutDegrees), 1),
                  fraction: fraction(shot.pot.coveredFraction),
                })
              }}
            </li>
            <li>{{ t('drills.toGhost', { length: length(shot.pot.cueDistanceMillimetres) }) }}</li>
            <li>{{ t('drills.toPocket', { length: length(shot.pot.objectDistanceMillimetres) }) }}</li>
            <li>{{ t('drills.aimAllowed', { mrad: figure(shot.pot.allowedAimMilliradians, 1) }) }}</li>
          </ul>
          <StrokeSliders
            v-if="shot.pot"
            v-model:pace="pace"
            v-model:height="height"
            :problem="pathProblem || usualProblem"
            :usual="usual"
            :aim-milliradians="path?.aim?.halfWidthMilliradians"
          />
        </aside>
        <section class="stations">
          <div class="pick no-print">
            <label>
              {{ t('drills.station') }}
              <Select v-model="station" :options="stationOptions" option-label="label" option-value="value" />
            </label>
            <button type="button" class="side" :aria-pressed="mirrored" @click="mirrored = !mirrored">
              {{ mirrored ? t('drills.mirror') : t('drills.original') }}
            </button>
          </div>
          <SetUpList :shot="shot" :table="data.table.drawing" />
          <PaperLinks
            :drill-id="props.id"
            :table-id="data.table.id"
            :station="station"
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
          :shot="0"
          @show="(path) => (shownWay = path)"
        />
        <DrillGrades
          class="words"
          :drill-id="props.id"
          :table-id="data.table.id"
          :names="data.drill.stations.map((one) => one.name)"
        />
        <section class="words">
          <p>
            <strong>{{ t('drills.watch') }}.</strong> {{ data.drill.drill.watch }}
          </p>
          <p>
            <strong>{{ t('drills.miss') }}.</strong> {{ data.drill.drill.missReads }}
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
.drawing :deep(svg) {
  max-height: 56vh;
}
.legend {
  margin: 6px 0 0;
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
h2 {
  margin: 18px 0 4px;
}
ul {
  margin: 0 0 8px;
  padding-left: 18px;
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
  border: 1.5px solid #8c8676;
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
.problem {
  color: var(--brick-text);
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
