<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PlannedBall, Point, RackOutcome } from '@/api/types'
import { newId } from '@/device/ids'
import LookingAt from '@/shared/LookingAt.vue'
import PageState from '@/shared/PageState.vue'
import { percent } from '@/shared/units'
import { useNarrow } from '@/shared/useNarrow'
import { useTableDrawing } from '@/shared/useTableDrawing'
import { useRouter } from 'vue-router'
import { keepRack, type KeptRack } from '@/device/keptRacks'
import PlanSteps from './PlanSteps.vue'
import RackCloth from './RackCloth.vue'
import RackColumns from './RackColumns.vue'
import { isAsked, onAfter } from './rackRules'
import { snapped } from './snapping'
import StepMarks from './StepMarks.vue'
import { usePlanning } from './usePlanning'
import { useRack } from './useRack'
import { useRackWords } from './useRackWords'
import { useShotToWrite } from './useShotToWrite'

/** A rack at the table: one tap for "potted, stopped here", a key for everything else. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const words = useRackWords()
const router = useRouter()
const narrow = useNarrow(700)
const rack = useRack(props.id)
const { kept, state, view, counted, away, onlyHere, waiting } = rack
const drawing = useTableDrawing(computed(() => kept.value?.body.tableId))

const planning = usePlanning(() => question.value)
const shot = useShotToWrite(
  () => state.value,
  () => kept.value,
  () => planning.plan.steps.value,
)
/** As it lies now, with what was put or moved by hand: a stroke that was planned from elsewhere is not the one that is played. */
const question = computed(() => {
  const now = state.value
  const body = kept.value?.body
  if (!now || !body || now.end) return undefined
  const { tableId, studentId, rules } = body
  const cue = shot.cue.value
  const layout = {
    game: body.layout.game,
    balls: shot.balls.value,
    ...(cue ? { cue } : {}),
    ...(now.stage ? { stage: now.stage } : {}),
  }
  return { tableId, studentId, rules, layout }
})
/** What was decided when the rack was begun holds for its first shot; what is decided on the way, as long as it is played so. */
let shotsSeen = 0
function decided(): PlannedBall[] {
  const last = counted.value[counted.value.length - 1]
  if (!last) return (kept.value?.body.plan ?? []).slice(0, 1)
  const [first, ...rest] = planning.locked.value
  if (counted.value.length === shotsSeen) return planning.locked.value
  shotsSeen = counted.value.length
  return first && last.body.outcome === 'POTTED' && first.ball === last.body.ball ? rest : []
}
/** A ball that is being dragged is not planned for at every millimetre. */
const SETTLED_AFTER_MILLISECONDS = 200
let settling: ReturnType<typeof setTimeout> | undefined
onBeforeUnmount(() => clearTimeout(settling))
watch(
  () => question.value && JSON.stringify(question.value),
  (now, before) => {
    if (!now || now === before) return
    const locked = decided()
    clearTimeout(settling)
    planning.plan.forget()
    settling = setTimeout(() => {
      planning.locked.value = locked
      planning.chosen.value = 0
      void planning.ask()
    }, SETTLED_AFTER_MILLISECONDS)
  },
  { immediate: true },
)

/** What could be played at the chosen step. */
const others = computed(() => {
  const game = kept.value?.game
  const before = planning.plan.steps.value
    .slice(0, planning.chosen.value)
    .flatMap(({ ball, also }) => [ball, ...also])
  return game ? onAfter(game, state.value?.stage, shot.balls.value, before) : []
})
const left = computed(() => {
  const game = kept.value?.game
  return game ? shot.balls.value.filter(({ id }) => isAsked(game, id)).length : 0
})
const inHand = computed(() => state.value !== undefined && !state.value.end && shot.cue.value === undefined)
const proposedFrom = computed(() => (shot.step.value?.placed ? shot.step.value.from : undefined))
const chance = computed(() => view.value?.row.chance)

const BREAK_OUTS = ['HIT', 'MISSED'] as const
/** Balls are to be driven free by the shot that is played: how that went is worth a word before the tap. */
const toDriveFree = computed(
  () => !state.value?.end && shot.asProposed.value && shot.step.value?.reason === 'BREAKS_OPEN',
)
/** What is left, and what is known of the whole, in short sentences. */
const standing = computed(() => {
  const points = state.value?.points ?? 0
  return [
    `${t('racks.left', { n: left.value }, left.value)}.`,
    ...(points ? [`${t('racks.points', { n: points }, points)}.`] : []),
    ...(chance.value === undefined ? [] : [t('racks.layoutChance', { n: percent(chance.value) })]),
  ].join(' ')
})

const KEYS: RackOutcome[] = [
  'MISSED_THICK',
  'MISSED_THIN',
  'MISSED',
  'IN_OFF',
  'WRONG_BALL',
  'NO_SHOT',
  'HOOKED',
  'GAVE_UP',
]

function tapped(at: Point): void {
  const table = drawing.value
  if (!table || !state.value || state.value.end) return
  // What is potted with it lies in nobody's way.
  const down = inHand.value ? [] : [shot.ball.value, ...shot.hand.also.value]
  const place = snapped(
    table,
    at,
    shot.balls.value.filter(({ id }) => !down.includes(id)),
  )
  if (inHand.value) shot.hand.placed.value = place
  else rack.record(shot.written('POTTED', place))
}
function moved(id: string, to: Point): void {
  const table = drawing.value
  if (!table || !state.value || state.value.end) return
  shot.hand.move(
    id,
    snapped(
      table,
      to,
      shot.balls.value.filter((ball) => ball.id !== id),
    ),
  )
}
/** The same layout once more, for the same student. */
async function again(): Promise<void> {
  const now = kept.value
  if (!now) return
  const id = newId()
  const body: KeptRack['body'] = {
    ...now.body,
    origin: 'SAVED',
    note: '',
    startedAt: new Date().toISOString(),
  }
  delete body.breakDown
  delete body.breakInOff
  keepRack({ id, game: now.game, body, shots: [], unsent: { rack: true, shots: [] } })
  await router.push({ path: `/racks/${id}`, query: { student: body.studentId } })
}
</script>

<template>
  <main class="page">
    <PageState
      :busy="!kept"
      :problem="rack.problem.value"
      :ready="kept !== undefined && state !== undefined"
      @retry="rack.load"
    >
      <template v-if="kept && state">
        <header>
          <h1>{{ words.game(kept.body.layout.game) }}</h1>
          <LookingAt v-if="view" :students="[{ id: view.row.studentId, name: view.row.studentName }]" />
          <p class="bare state" role="status">
            <template v-if="state.end"
              ><strong>{{ words.end(state.end) }}</strong
              >. {{ t('racks.down', { n: state.potted }, state.potted) }}.</template
            >
            <template v-else-if="inHand">{{ t('racks.placeCue') }}</template>
            <template v-else>
              <strong>{{ words.ball(shot.ball.value ?? '') }}</strong>{{
                shot.pocket.value ? ` ${words.into(shot.pocket.value)}` : ''
              }}. {{ t('racks.tapWhere') }}
            </template>
            <span class="quiet">{{ standing }}</span>
          </p>
          <p v-if="kept.refused" role="alert" class="problem">{{ kept.refused }}</p>
          <p v-else-if="onlyHere" role="alert" class="problem">{{ t('racks.onlyHere') }}</p>
          <p v-else-if="away" role="status" class="bare quiet">{{ t('racks.waiting', { n: waiting }) }}</p>
        </header>
        <RackColumns>
          <template #drawing>
            <RackCloth
              v-if="drawing"
              :table="drawing"
              :game="kept.game"
              :balls="shot.balls.value"
              :cue="shot.cue.value ?? proposedFrom"
              :lit="shot.ball.value && !state.end ? [shot.ball.value, ...shot.hand.also.value] : []"
              :portrait="narrow"
              :movable="!state.end"
              :label="t('racks.cloth')"
              @tap="tapped"
              @choose="
                (id) => (id === 'cue' && inHand && proposedFrom ? tapped(proposedFrom) : shot.hand.choose(id))
              "
              @pocket="(name) => (shot.hand.pocket.value = name)"
              @move="moved"
            >
              <StepMarks
                v-if="!state.end"
                :table="drawing"
                :balls="shot.balls.value"
                :from="shot.cue.value ?? proposedFrom"
                :ball="shot.ball.value"
                :pocket="shot.pocket.value"
                :landing="shot.asProposed.value ? shot.step.value?.landing : undefined"
                :radius-millimetres="shot.step.value?.landingRadiusMillimetres"
              />
            </RackCloth>
          </template>
          <template #keys>
            <div v-if="toDriveFree" class="keys">
              <span>{{ t('racks.breakOut.ask') }}</span>
              <Button
                v-for="how in BREAK_OUTS"
                :key="how"
                :severity="shot.hand.breakOut.value === how ? 'primary' : 'secondary'"
                :aria-pressed="shot.hand.breakOut.value === how"
                :label="t(`racks.breakOut.${how}`)"
                @click="shot.hand.toggleBreakOut(how)"
              />
            </div>
            <div v-if="!state.end" class="keys">
              <Button
                severity="secondary"
                :label="t('racks.pottedUnseen')"
                @click="rack.record(shot.written('POTTED'))"
              />
              <Button
                v-for="outcome in KEYS"
                :key="outcome"
                severity="secondary"
                :label="t(`racks.keys.${outcome}`)"
                @click="rack.record(shot.written(outcome))"
              />
            </div>
            <div class="keys">
              <Button
                v-if="counted.length"
                severity="secondary"
                :label="t('racks.undo')"
                @click="rack.undo"
              />
              <template v-if="state.end">
                <Button :label="t('racks.again')" @click="again" />
                <RouterLink
                  class="choice-key"
                  :to="{ path: '/racks/new', query: { student: kept.body.studentId } }"
                  >{{ t('racks.another') }}</RouterLink
                >
                <RouterLink
                  class="choice-key"
                  :to="{ path: '/racks', query: { student: kept.body.studentId } }"
                  >{{ t('racks.toAll') }}</RouterLink
                >
              </template>
            </div>
            <details v-if="!state.end">
              <summary>{{ t('racks.alsoDown') }}</summary>
              <div class="keys">
                <Button
                  v-for="ball in shot.balls.value.filter(({ id: one }) => one !== shot.ball.value)"
                  :key="ball.id"
                  size="small"
                  :severity="shot.hand.also.value.includes(ball.id) ? 'primary' : 'secondary'"
                  :aria-pressed="shot.hand.also.value.includes(ball.id)"
                  :label="words.ball(ball.id)"
                  @click="shot.hand.toggleAlso(ball.id)"
                />
              </div>
            </details>
          </template>
          <template #beside>
            <PlanSteps
              v-if="
                !state.end && drawing && planning.plan.state.value !== 'NONE' && !planning.plan.problem.value
              "
              :planning="planning"
              :scale="drawing.strike"
              :others="others"
            />
            <p v-else-if="planning.plan.problem.value" class="bare quiet">
              {{ planning.plan.away.value ? t('racks.planAway') : planning.plan.problem.value }}
            </p>
            <section v-if="counted.length">
              <h2>{{ t('racks.shots') }}</h2>
              <ol class="shots small">
                <li v-for="one in counted" :key="one.id">
                  {{ one.body.ball ? words.ball(one.body.ball) : '' }}
                  {{ t(`racks.outcome.${one.body.outcome}`) }}
                </li>
              </ol>
            </section>
          </template>
        </RackColumns>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
}
h1 {
  margin-bottom: 2px;
}
.state {
  font-size: 20px;
}
.state .quiet {
  margin-left: 10px;
  font-size: 16px;
}
.shots {
  margin: 0;
  padding-left: 22px;
}
@media (width <= 900px) {
  .page {
    padding: 12px;
  }
}
</style>
