<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { KeptLayout } from '@/api/types'
import { newId } from '@/device/ids'
import ChooseStudent from '@/shared/ChooseStudent.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { percent, useUnits } from '@/shared/units'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useAction } from '@/shared/useAction'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useNarrow } from '@/shared/useNarrow'
import { useTableDrawing } from '@/shared/useTableDrawing'
import { useTables } from '@/shared/useTables'
import BallStrip from './BallStrip.vue'
import PlanSteps from './PlanSteps.vue'
import RackCloth from './RackCloth.vue'
import RackColumns from './RackColumns.vue'
import RackLayoutFiles from './RackLayoutFiles.vue'
import { onAfter } from './rackRules'
import StepMarks from './StepMarks.vue'
import SurveyLines from './SurveyLines.vue'
import SurveyMarks from './SurveyMarks.vue'
import { useNewRack } from './useNewRack'
import { usePlanning } from './usePlanning'
import { useRackChance } from './useRackChance'
import { useRackWords } from './useRackWords'

/** Lay a rack out, see what it asks, plan it, start. */
const { t } = useI18n()
const words = useRackWords()
const { figure } = useUnits()
const router = useRouter()
const hand = useHand()
const { studentId } = useAboutStudent()
const { tables } = useTables()
const narrow = useNarrow(700)
const { problem, run } = useAction()

/** From a plan the game and the table come with the address. */
const { game: askedGame, table: askedTable } = useRoute().query
const tableId = ref(typeof askedTable === 'string' ? askedTable : hand.hand.tableId)
watch(tables, (all) => (tableId.value ??= all[0]?.id), { immediate: true })
const drawing = useTableDrawing(tableId)
const games = useLoad(async () => {
  const query = { tableId: tableId.value ?? '' }
  return tableId.value ? await answer(api.GET('/api/v1/racks/games', { params: { query } })) : []
})
const kept = useLoad(() => answer(api.GET('/api/v1/racks/layouts')))
watch(tableId, () => void games.reload())
onMounted(() => {
  void games.reload()
  void kept.reload()
})

const rack = useNewRack(
  () => games.data.value ?? [],
  () => drawing.value,
)
if (typeof askedGame === 'string') rack.gameKey.value = askedGame
const gameOptions = computed(
  () => games.data.value?.map(({ game }) => ({ id: game.key, name: words.game(game.key) })) ?? [],
)
const layouts = computed(
  () => kept.data.value?.filter(({ layout }) => layout.game === rack.game.value?.key) ?? [],
)
const chosenBall = ref<string>()
const marked = ref(true)
const name = ref('')

const question = computed(() => {
  const layout = rack.layout.value
  return tableId.value && studentId.value && layout && rack.ready.value
    ? { tableId: tableId.value, studentId: studentId.value, rules: rack.rules.value, layout }
    : undefined
})
const planning = usePlanning(() => question.value)
const chance = useRackChance()
const survey = useLoad(async () =>
  question.value ? await answer(api.POST('/api/v1/racks/survey', { body: question.value })) : undefined,
)
watch(
  () => rack.balls.value,
  () => {
    survey.set(undefined)
    planning.plan.forget()
    planning.locked.value = []
    chance.forget()
  },
)
const others = computed(() => {
  const game = rack.game.value
  const before = planning.plan.steps.value
    .slice(0, planning.chosen.value)
    .flatMap(({ ball, also }) => [ball, ...also])
  return game ? onAfter(game, undefined, rack.balls.value, before) : []
})
const lit = computed(() => [planning.step.value?.ball ?? chosenBall.value ?? ''].filter(Boolean))

async function look(): Promise<void> {
  await Promise.all([survey.reload(), planning.anew()])
}
function tapped(at: Parameters<typeof rack.place>[0]): void {
  if (rack.missing.value.length > 0 && !planning.step.value) rack.place(at)
  else if (planning.step.value) void planning.zone(at)
}
async function makeUp(): Promise<void> {
  const [table, student] = [tableId.value, studentId.value]
  if (table && student) await run(() => rack.makeUp(table, student))
}
function take(id: string | undefined): void {
  const layout = layouts.value.find((one) => one.id === id)
  if (layout) rack.take(layout.layout, layout.madeUp ? 'MADE_UP' : 'SAVED')
}
async function keep(): Promise<void> {
  const [table, layout] = [tableId.value, rack.layout.value]
  if (!table || !layout) return
  const body = { name: name.value.trim(), tableId: table, layout, madeUp: rack.origin.value === 'MADE_UP' }
  await run(async () => {
    await answer(api.PUT('/api/v1/racks/layouts/{id}', { params: { path: { id: newId() } }, body }))
    name.value = ''
    await kept.reload()
  })
}
async function start(): Promise<void> {
  const [table, student] = [tableId.value, studentId.value]
  const id = table && student ? rack.begin(table, student, planning.kept.value) : undefined
  if (id) await router.push({ path: `/racks/${id}`, query: { student } })
}
const keptOptions = computed(() =>
  layouts.value.map(({ id, name: called }: KeptLayout) => ({ id, name: called })),
)
</script>

<template>
  <main class="page">
    <h1>{{ t('racks.newTitle') }}</h1>
    <ChooseStudent v-if="!studentId" />
    <template v-else>
      <div class="choose">
        <SelectField v-model="tableId" :label="t('racks.table')" :options="tables" />
        <SelectField
          :model-value="rack.game.value?.key"
          :label="t('racks.game')"
          :options="gameOptions"
          @update:model-value="(key) => (rack.gameKey.value = key)"
        />
        <SelectField
          v-if="keptOptions.length"
          :model-value="undefined"
          :label="t('racks.keptLayout')"
          :options="keptOptions"
          :placeholder="t('racks.chooseLayout')"
          @update:model-value="take"
        />
        <Button
          severity="secondary"
          :label="t(rack.chosen.value?.standard ? 'racks.onSpots' : 'racks.engineBreak')"
          :disabled="!tableId || !rack.chosen.value"
          @click="makeUp"
        />
        <Button
          v-if="rack.balls.value.length"
          text
          severity="secondary"
          :label="t('racks.clear')"
          @click="rack.clear"
        />
      </div>
      <p v-if="problem || games.problem.value" role="alert" class="problem">
        {{ problem || games.problem.value }}
      </p>
      <RackColumns v-if="drawing && rack.game.value">
        <template #above>
          <p class="bare hint" role="status">
            {{
              rack.missing.value.length
                ? t('racks.placeNext', { ball: words.ball(rack.following.value ?? '') })
                : t('racks.allPlaced')
            }}
          </p>
          <BallStrip
            :game="rack.game.value"
            :balls="rack.missing.value"
            :next="rack.following.value"
            @choose="(id) => (rack.next.value = id)"
          />
        </template>
        <template #drawing>
          <RackCloth
            :table="drawing"
            :game="rack.game.value"
            :balls="rack.balls.value"
            :cue="planning.step.value?.placed ? planning.step.value.from : undefined"
            :lit="lit"
            :portrait="narrow"
            movable
            :placing="rack.missing.value.length > 0 && !planning.step.value"
            :label="t('racks.cloth')"
            @tap="tapped"
            @choose="(id) => (chosenBall = id)"
            @move="rack.move"
          >
            <SurveyMarks
              v-if="survey.data.value && marked"
              :table="drawing"
              :balls="rack.balls.value"
              :survey="survey.data.value"
              :except="planning.step.value?.ball"
            />
            <StepMarks
              v-if="planning.step.value"
              :table="drawing"
              :balls="rack.balls.value"
              :from="planning.step.value.from"
              :ball="planning.step.value.ball"
              :pocket="planning.step.value.pocket"
              :landing="planning.step.value.landing"
              :radius-millimetres="planning.step.value.landingRadiusMillimetres"
            />
          </RackCloth>
        </template>
        <template #keys>
          <div class="keys">
            <Button
              v-if="chosenBall && rack.balls.value.some(({ id }) => id === chosenBall)"
              severity="secondary"
              :label="t('racks.takeOff', { ball: words.ball(chosenBall) })"
              @click="(rack.takeOff(chosenBall), (chosenBall = undefined))"
            />
            <Button :disabled="!rack.ready.value" :label="t('racks.start')" @click="start" />
            <Button
              severity="secondary"
              :disabled="!rack.ready.value"
              :label="t('racks.look')"
              @click="look"
            />
            <Button
              severity="secondary"
              :disabled="!question"
              :label="t('racks.worth')"
              @click="question && chance.ask(question)"
            />
          </div>
          <p v-if="chance.done.value !== undefined" role="status" class="bare quiet">
            {{ t('racks.worthWorking', { n: percent(chance.done.value) }) }}
          </p>
          <p v-if="chance.found.value" class="bare">
            {{
              t('racks.worthFound', {
                n: percent(chance.found.value.chance),
                error: percent(chance.found.value.standardError),
                balls: figure(chance.found.value.balls, 1),
              })
            }}
            <template v-if="chance.found.value.points >= 1">{{
              t('racks.worthPoints', { n: figure(chance.found.value.points, 0) })
            }}</template>
          </p>
          <p v-if="rack.origin.value === 'MADE_UP'" class="bare small quiet">{{ t('racks.madeUpNote') }}</p>
          <details>
            <summary>{{ t('racks.rules') }}</summary>
            <label class="check"
              ><Checkbox v-model="rack.rules.value.breakPotsCount" binary />
              {{ t('racks.rule.breakPotsCount') }}</label
            >
            <label class="check"
              ><Checkbox v-model="rack.rules.value.cueBallBehindLine" binary />
              {{ t('racks.rule.behindLine') }}</label
            >
            <label class="check"
              ><Checkbox v-model="rack.rules.value.foulEnds" binary /> {{ t('racks.rule.foulEnds') }}</label
            >
            <label v-if="rack.origin.value === 'BREAK'" class="check"
              ><Checkbox v-model="rack.breakInOff.value" binary /> {{ t('racks.rule.breakInOff') }}</label
            >
          </details>
          <details v-if="tableId">
            <summary>{{ t('racks.keptLayout') }}</summary>
            <div v-if="rack.ready.value" class="choose">
              <TextField v-model="name" :label="t('racks.layoutName')" :most="80" />
              <Button
                severity="secondary"
                :disabled="!name.trim()"
                :label="t('racks.keepLayout')"
                @click="keep"
              />
            </div>
            <RackLayoutFiles :table-id="tableId" :kept="kept.data.value?.length ?? 0" @done="kept.reload" />
          </details>
        </template>
        <template #beside>
          <p v-if="survey.problem.value || planning.plan.problem.value" role="alert" class="problem">
            {{ survey.problem.value || planning.plan.problem.value }}
          </p>
          <template v-if="survey.data.value">
            <SurveyLines :survey="survey.data.value" />
            <label class="check"><Checkbox v-model="marked" binary /> {{ t('racks.mark.shown') }}</label>
            <p v-if="marked" class="bare small quiet">{{ t('racks.mark.note') }}</p>
          </template>
          <PlanSteps
            v-if="planning.plan.state.value !== 'NONE'"
            :planning="planning"
            :scale="drawing.strike"
            :others="others"
          />
          <p v-else class="bare quiet">{{ t('racks.lookHint') }}</p>
        </template>
      </RackColumns>
    </template>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
}
h1 {
  margin-bottom: 8px;
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.hint {
  font-weight: 600;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
@media (width <= 900px) {
  .page {
    padding: 12px;
  }
}
</style>
