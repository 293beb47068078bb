<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Outcome, Point } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useNarrow } from '@/shared/useNarrow'
import { useUnits } from '@/shared/units'
import CrossHair from '@/table/CrossHair.vue'
import LandingMark from '@/table/LandingMark.vue'
import ShotMarks from '@/table/ShotMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import AttemptStrip from './AttemptStrip.vue'
import KeyList from './KeyList.vue'
import { outcomeKeys } from './keys'
import { onBed } from '@/table/onBed'
import OutcomeKeys from './OutcomeKeys.vue'
import ReadOut from './ReadOut.vue'
import RunHeader from './RunHeader.vue'
import { useOutbox } from './useOutbox'
import { usePlacing } from './usePlacing'
import { useRecording, type PlacedBy } from './useRecording'
import { useRecordingKeys } from './useRecordingKeys'

const props = defineProps<{ sessionId: string }>()
const { t } = useI18n()
const { length } = useUnits()
const hand = useHand()
const outbox = useOutbox()
const recording = useRecording(props.sessionId)
const { detail, shot, here, stationView, inHand, editing, editingId, foul, inOff, outcome, outcomeChosen } =
  recording
const { data, busy, problem, reload } = useLoad(recording.load)
const portrait = useNarrow(620)

const main = ref<InstanceType<typeof TableDiagram>>()
const loupe = ref<InstanceType<typeof TableDiagram>>()
const cross = ref<Point>()
const keyboardPlacing = ref(false)
const keyList = ref(false)
const hint = ref('')

const LOUPE_ROOM = 2.6
const SMALLEST_LOUPE_MILLIMETRES = 420
const PEEK_MILLIMETRES = 320
const table = computed(() => detail.value?.table)
const shownShot = computed(() => editing.value?.body.shot ?? recording.shotIndex.value)
/** The shot that the attempt in hand was: in a pattern the drawing is already at the next one. */
const shotInHand = computed(() => inHand.value && recording.shots.value[inHand.value.body.shot])
/** Landings of the shot that is drawn: in a pattern each shot has its own. */
const hereOfShot = computed(() => here.value.filter(({ body }) => body.shot === shownShot.value))
const stationName = computed(() => {
  const name = stationView.value?.name ?? ''
  const of = recording.shots.value.length
  return of > 1 ? t('recording.shotOf', { name, n: shownShot.value + 1, of }) : name
})
const closeUp = computed(() => {
  const centre = shot.value?.target
  const side = Math.max(SMALLEST_LOUPE_MILLIMETRES, LOUPE_ROOM * (shot.value?.zone?.radiusMillimetres ?? 0))
  return centre && { centre, sideMillimetres: side }
})
const peekAt = computed(() =>
  (cross.value?.xMillimetres ?? 0) * 2 > (table.value?.lengthMillimetres ?? 0)
    ? { bottom: '8%' }
    : { top: '8%' },
)
/** What is being placed, read as a tape would: sights, and mm to the ball's centre from the two nearest cushions. */
const reading = computed(() => {
  const place = cross.value ?? inHand.value?.body.landing
  const drawn = table.value
  if (!place || !drawn) return ''
  const { xMillimetres: x, yMillimetres: y } = place
  const west = x <= drawn.lengthMillimetres / 2
  const south = y <= drawn.widthMillimetres / 2
  const along = ((8 * x) / drawn.lengthMillimetres).toFixed(2)
  const across = ((4 * y) / drawn.widthMillimetres).toFixed(2)
  return t('recording.placing', {
    sights: t('drills.sights', { along, across }),
    short: length(west ? x : drawn.lengthMillimetres - x),
    shortCushion: t(`cushion.${west ? 'W' : 'E'}`),
    long: length(south ? y : drawn.widthMillimetres - y),
    longCushion: t(`cushion.${south ? 'S' : 'N'}`),
  })
})

onMounted(async () => {
  await reload()
  const session = data.value?.session
  if (session)
    hand.take({ studentId: session.studentId, studentName: session.studentName, sessionId: session.id })
})

function commit(place: Point | undefined, placedBy: PlacedBy): void {
  hint.value = ''
  cross.value = undefined
  keyboardPlacing.value = false
  if (editing.value && place) {
    recording.moveTo(editing.value, place)
    return
  }
  recording.record(place, placedBy, main.value?.millimetresPerPixel ?? 3)
}

function refuse(why: 'pocket' | 'off'): void {
  hint.value =
    why === 'pocket' ? t('recording.hintPocket', { inOff: t('outcome.inOff') }) : t('recording.hintOff')
}

const onTable = usePlacing(table, cross, (place) => commit(place, 'TAP'), refuse)
const onLoupe = usePlacing(table, cross, (place) => commit(place, 'LOUPE'), refuse)

function chooseOutcome(wanted: Outcome): void {
  if (editing.value) recording.edit(editing.value, { outcome: wanted })
  else {
    recording.choose(wanted)
    // After an in-off there is nothing left to place.
    if (inOff.value) commit(undefined, 'TAP')
  }
}

function toggleFoul(): void {
  if (editing.value) recording.edit(editing.value, { foul: !editing.value.body.foul })
  else foul.value = !foul.value
}

function toggleInOff(): void {
  if (editing.value) recording.edit(editing.value, { inOff: !editing.value.body.inOff })
  else inOff.value = !inOff.value
}

function notSeen(): void {
  if (editing.value) recording.edit(editing.value, { landing: undefined })
  else commit(undefined, 'TAP')
}

function nudge(right: number, up: number): void {
  // Right and up on the screen, as the table is turned.
  const [dx, dy] = portrait.value ? [up, -right] : [right, up]
  const from = keyboardPlacing.value ? cross.value : inHand.value?.body.landing
  if (!from || !table.value) return
  const moved = onBed(table.value, {
    xMillimetres: from.xMillimetres + dx,
    yMillimetres: from.yMillimetres + dy,
  })
  if (moved.kind !== 'bed') return
  if (keyboardPlacing.value) cross.value = moved.place
  else if (inHand.value) recording.moveTo(inHand.value, moved.place)
}

function enter(): void {
  if (keyboardPlacing.value) commit(cross.value, 'NUDGED')
  else {
    keyboardPlacing.value = true
    cross.value = shot.value?.target
  }
}

function cancel(): void {
  keyboardPlacing.value = false
  cross.value = undefined
  editingId.value = undefined
}

function outcomeByLetter(letter: string): boolean {
  const key = shot.value && outcomeKeys(shot.value).find((k) => k.letter === letter)
  if (key) chooseOutcome(key.outcome)
  return key !== undefined
}

useRecordingKeys({
  outcomeByLetter,
  foul: toggleFoul,
  inOff: toggleInOff,
  notSeen,
  undo: recording.undo,
  mirror: () => recording.goTo(recording.station.value, !recording.mirrored.value),
  station: (step) => recording.goTo(recording.station.value + step, recording.mirrored.value),
  enter,
  cancel,
  move: nudge,
  help: () => (keyList.value = true),
})

async function setClosed(closed: boolean): Promise<void> {
  const params = { path: { id: props.sessionId } }
  await answer(
    closed
      ? api.POST('/api/v1/sessions/{id}/close', { params })
      : api.POST('/api/v1/sessions/{id}/reopen', { params }),
  )
  await reload()
}

function markState(id: string): 'chosen' | 'latest' | 'plain' {
  if (id === editingId.value) return 'chosen'
  return id === recording.latest.value?.id ? 'latest' : 'plain'
}
</script>

<template>
  <main class="recording">
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <template v-if="detail && shot && stationView && table">
        <RunHeader
          class="header"
          :title="detail.drill.drill.title"
          :station-name="stationName"
          :station="recording.station.value"
          :stations="detail.drill.stations.length"
          :mirrored="recording.mirrored.value"
          :rule="stationView.rule"
          :standing="recording.standing.value"
          @go="recording.goTo"
        />
        <div class="cloth">
          <TableDiagram
            ref="main"
            :table="table"
            :portrait="portrait"
            :label="t('recording.table')"
            class="drawing"
            data-testid="table"
            @pointerdown="onTable.down($event, main)"
            @pointermove="onTable.move"
            @pointerup="onTable.up"
            @pointercancel="onTable.cancel"
          >
            <ShotMarks :shot="shot" />
            <template v-for="attempt in hereOfShot" :key="attempt.id">
              <LandingMark
                v-if="attempt.body.landing"
                :place="attempt.body.landing"
                :outcome="attempt.body.outcome"
                :foul="attempt.body.foul"
                :state="markState(attempt.id)"
              />
            </template>
            <CrossHair v-if="cross" :place="cross" :diameter-millimetres="table.cueBallDiameterMillimetres" />
          </TableDiagram>
          <!-- A phone has no room for the loupe beside the table: it shows while a finger is down, away from it. -->
          <div v-if="portrait && cross" class="peek" :style="peekAt">
            <TableDiagram
              :table="table"
              portrait
              :close-up="{ centre: cross, sideMillimetres: PEEK_MILLIMETRES }"
              :label="t('recording.loupe')"
            >
              <ShotMarks :shot="shot" />
              <CrossHair :place="cross" :diameter-millimetres="table.cueBallDiameterMillimetres" />
            </TableDiagram>
          </div>
        </div>
        <aside class="margin">
          <ReadOut
            :attempt="inHand"
            :shot="shotInHand ?? shot"
            :undone="recording.undone.value"
            class="read"
          />
          <p v-if="hint" class="hint" role="alert">{{ hint }}</p>
          <p class="reading small figures quiet">{{ reading }}</p>
          <figure class="loupe">
            <TableDiagram
              ref="loupe"
              :table="table"
              :portrait="portrait"
              :close-up="closeUp"
              :label="t('recording.loupe')"
              class="drawing"
              @pointerdown="onLoupe.down($event, loupe)"
              @pointermove="onLoupe.move"
              @pointerup="onLoupe.up"
              @pointercancel="onLoupe.cancel"
            >
              <ShotMarks :shot="shot" />
              <template v-for="attempt in hereOfShot" :key="attempt.id">
                <LandingMark
                  v-if="attempt.body.landing"
                  :place="attempt.body.landing"
                  :outcome="attempt.body.outcome"
                  :foul="attempt.body.foul"
                  :state="markState(attempt.id)"
                />
              </template>
              <CrossHair
                v-if="cross"
                :place="cross"
                :diameter-millimetres="table.cueBallDiameterMillimetres"
              />
            </TableDiagram>
            <figcaption class="small quiet">{{ t('recording.loupe') }}</figcaption>
          </figure>
          <div class="nudge" role="group" :aria-label="t('recording.nudge')">
            <button type="button" aria-label="←" :disabled="!inHand?.body.landing" @click="nudge(-10, 0)">
              ←
            </button>
            <button type="button" aria-label="↑" :disabled="!inHand?.body.landing" @click="nudge(0, 10)">
              ↑
            </button>
            <button type="button" aria-label="↓" :disabled="!inHand?.body.landing" @click="nudge(0, -10)">
              ↓
            </button>
            <button type="button" aria-label="→" :disabled="!inHand?.body.landing" @click="nudge(10, 0)">
              →
            </button>
            <button type="button" class="help" @click="keyList = true">? {{ t('recording.keys') }}</button>
          </div>
        </aside>
        <OutcomeKeys
          class="outcomes"
          :shot="shot"
          :outcome="editing?.body.outcome ?? outcome"
          :meant="editing !== undefined || outcomeChosen || !(foul || inOff)"
          :foul="editing?.body.foul ?? foul"
          :in-off="editing?.body.inOff ?? inOff"
          :can-undo="here.length > 0"
          @outcome="chooseOutcome"
          @foul="toggleFoul"
          @in-off="toggleInOff"
          @not-seen="notSeen"
          @undo="recording.undo"
        />
        <footer class="below">
          <AttemptStrip
            :attempts="here"
            :editing-id="editingId"
            :most="portrait ? 6 : 16"
            @open="editingId = editingId === $event ? undefined : $event"
          />
          <div class="notes">
            <p v-if="editing" role="status">
              {{ t('recording.editHelp') }}
              <Button :label="t('recording.done')" size="small" severity="secondary" @click="cancel" />
            </p>
            <p v-if="recording.otherDevice.value" role="status">{{ t('recording.otherDevice') }}</p>
            <p v-if="recording.changedElsewhere.value" role="alert">{{ t('recording.changedElsewhere') }}</p>
            <p v-if="outbox.storageProblem" role="alert">{{ t('recording.noStorage') }}</p>
            <ul v-if="outbox.parkedCount" class="parked">
              <li v-for="item in outbox.parked" :key="item.key">
                {{ t('recording.refused') }}: {{ item.refusal }}
                <button type="button" class="link" @click="outbox.forget(item)">
                  {{ t('recording.discard') }}
                </button>
              </li>
            </ul>
            <p v-if="detail.session.closedAt" role="status">
              {{ t('recording.closed') }}
              <button type="button" class="link" @click="setClosed(false)">
                {{ t('recording.reopen') }}
              </button>
            </p>
          </div>
          <div class="leave">
            <RouterLink :to="`/review/${sessionId}`">{{ t('recording.review') }}</RouterLink>
            <button v-if="!detail.session.closedAt" type="button" class="link" @click="setClosed(true)">
              {{ t('recording.close') }}
            </button>
          </div>
        </footer>
        <KeyList
          v-model:visible="keyList"
          :letters="
            outcomeKeys(shot)
              .map((k) => k.letter)
              .join(' ')
          "
        />
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.recording {
  height: calc(100dvh - var(--rail-height));
  display: grid;
  grid-template: auto minmax(0, 1fr) auto auto / minmax(0, 1fr) 300px;
  grid-template-areas: 'header header' 'cloth margin' 'outcomes outcomes' 'below below';
  gap: 8px 20px;
  padding: 12px 20px 8px;
}
.header {
  grid-area: header;
}
.cloth {
  grid-area: cloth;
  position: relative;
  min-height: 0;
}
.drawing {
  touch-action: none;
  cursor: crosshair;
  user-select: none;
}
.margin {
  grid-area: margin;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
}
.hint {
  margin: 0;
  color: var(--brick-text);
  font-weight: 600;
}
.reading {
  margin: 0;
  min-height: 40px;
}
.loupe {
  margin: 0;
  flex: 1;
  min-height: 120px;
  display: flex;
  flex-direction: column;
}
.loupe .drawing {
  flex: 1;
  min-height: 0;
  border: 1px solid var(--hairline);
}
.nudge {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.nudge button {
  min-width: 44px;
  min-height: 46px;
  border: 1.5px solid #8c8676;
  border-radius: 8px;
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.nudge button:disabled {
  opacity: 0.4;
}
.nudge .help {
  margin-left: auto;
  padding: 0 10px;
}
.peek {
  position: absolute;
  left: 0;
  width: 46%;
  aspect-ratio: 1;
  border: 2px solid var(--amber-lit);
  pointer-events: none;
}
.outcomes {
  grid-area: outcomes;
}
.below {
  grid-area: below;
  display: flex;
  gap: 20px;
  align-items: end;
  min-height: 56px;
}
.notes {
  flex: 1;
}
.notes p {
  margin: 0;
}
.parked {
  margin: 0;
  padding-left: 18px;
  color: var(--brick-text);
}
.leave {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 44px;
}
@media (max-width: 1100px) {
  .recording {
    grid-template-columns: minmax(0, 1fr) 240px;
    padding: 8px 12px;
  }
  .below {
    min-height: 44px;
  }
}
@media (max-width: 620px) {
  .recording {
    grid-template: auto auto minmax(0, 1fr) auto / minmax(0, 1fr) 124px;
    grid-template-areas: 'header header' 'margin margin' 'cloth outcomes' 'below below';
    gap: 6px 8px;
    padding: 6px 8px;
  }
  .margin {
    min-height: 62px;
    gap: 2px;
  }
  .loupe,
  .nudge,
  .reading {
    display: none;
  }
  .below {
    flex-wrap: wrap;
    gap: 0 12px;
    min-height: 0;
  }
  .notes:empty {
    display: none;
  }
  .leave {
    gap: 12px;
    font-size: 14px;
  }
}
</style>
