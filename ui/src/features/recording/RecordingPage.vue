<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Point } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { useAskedStation } from '@/shared/useAskedStation'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useNarrow } from '@/shared/useNarrow'
import CallKey from './CallKey.vue'
import DemandToggles from './DemandToggles.vue'
import FirstShotOf from './FirstShotOf.vue'
import KeyList from './KeyList.vue'
import { outcomeKeys } from './keys'
import NudgeKeys from './NudgeKeys.vue'
import ObservationKeys from './ObservationKeys.vue'
import OutcomeKeys from './OutcomeKeys.vue'
import PlaceReading from './PlaceReading.vue'
import PlanStrip from './PlanStrip.vue'
import ReadOut from './ReadOut.vue'
import RecordingCloth from './RecordingCloth.vue'
import RecordingFooter from './RecordingFooter.vue'
import RunHeader from './RunHeader.vue'
import SessionPanel from './SessionPanel.vue'
import ShotLoupe from './ShotLoupe.vue'
import ShotNote from './ShotNote.vue'
import { toldDemands } from './useArmed'
import { useHandling } from './useHandling'
import { useReading } from './useReading'
import { useRecording } from './useRecording'
import { useRecordingKeys } from './useRecordingKeys'
import { useRoutine } from './useRoutine'
import type { NoteDraft } from './useSessionNote'
import { useWakeLock } from './useWakeLock'

const props = defineProps<{ sessionId: string }>()
const { t } = useI18n()
const hand = useHand()
const recording = useRecording(props.sessionId, useAskedStation())
const { store, turn, armed, shot, here, inHand, editing, editingId, pending, second } = recording
const { detail } = store
const { data, busy, problem, reload } = useLoad(recording.load)
const portrait = useNarrow(620)
useWakeLock()

const keyList = ref(false)
const calling = ref(false)
const inSession = ref(false)
const noteDraft = ref<NoteDraft>()
const noting = ref(false)
const showsRoutine = ref(false)

const table = computed(() => detail.value?.table)
const cloth = ref<InstanceType<typeof RecordingCloth>>()
const { cross, hint, placed, refuse, chooseOutcome, toggleFoul, toggleInOff, notSeen, ...handling } =
  useHandling(recording, table, portrait)
const { ninths, nudge, enter, cancel, undo, digit, outcomeByLetter } = handling
const { shotInHand, hereOfShot, stationName, whoseShot, explores, adviceWords, voice, speak } = useReading(
  props.sessionId,
  recording,
  table,
)

const observations = useLoad(async () => (await answer(api.GET('/api/v1/me/observations'))).words)
const { routine, load: loadRoutine } = useRoutine(turn.studentId)

onMounted(async () => {
  await reload()
  const session = data.value?.session
  const chosen = hand.hand.studentId
  const first = turn.student.value
  // Looking at somebody's session never changes who is chosen; who was not chosen yet is whoever plays here.
  if (session && first && !chosen)
    hand.take({ studentId: first.id, studentName: first.name, sessionId: session.id })
  else if (session?.students.some(({ id }) => id === chosen)) hand.take({ sessionId: session.id })
  await Promise.all([observations.reload(), loadRoutine()])
})

useRecordingKeys({
  outcomeByLetter,
  foul: toggleFoul,
  inOff: toggleInOff,
  notSeen,
  undo,
  mirror: () => recording.goTo(turn.station.value, !turn.mirrored.value),
  station: (step) => recording.goTo(turn.station.value + step, turn.mirrored.value),
  enter,
  cancel,
  move: nudge,
  help: () => (keyList.value = true),
  call: () => (calling.value = true),
  nextStudent: turn.nextStudent,
  nextDrill: turn.nextDrill,
  stay: turn.overrule,
  session: () => (inSession.value = true),
  note: () => (noting.value = inHand.value !== undefined),
  routine: () => (showsRoutine.value = !showsRoutine.value),
  demand: (nth) => {
    const told = toldDemands(shot.value)[nth]
    if (told) recording.flipDemand(told.index)
  },
  digit,
  observe: (nth) => {
    const words = observations.data.value?.[nth]
    if (words) recording.observe(words)
  },
})

async function play(studentId: string, drillId: string): Promise<void> {
  recording.play(studentId, drillId)
  await loadRoutine()
}
</script>

<template>
  <main class="recording">
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <template v-if="detail && shot && turn.stationView.value && turn.drill.value && table">
        <div class="header">
          <RunHeader
            :title="turn.drill.value.drill.title"
            :student="turn.students.value.length > 1 ? turn.student.value?.name : undefined"
            :station-name="stationName"
            :station="turn.station.value"
            :stations="turn.drill.value.stations.length"
            :mirrored="turn.mirrored.value"
            :rule="turn.stationView.value.rule"
            :standing="turn.standing.value"
            :explores="turn.drill.value.drill.explore"
            :ends-at="`/table/${sessionId}/end`"
            @go="recording.goTo"
          />
          <PlanStrip :session-id="sessionId" :recording="recording" />
        </div>
        <div class="cloth">
          <RecordingCloth
            ref="cloth"
            v-model:cross="cross"
            :table="table"
            :portrait="portrait"
            :shot="shot"
            :attempts="hereOfShot"
            :latest-id="recording.latest.value?.id"
            :chosen-id="editingId"
            :ninths="ninths"
            :label="t('recording.table')"
            data-testid="table"
            @place="(place, perPixel) => placed(place, perPixel, 'TAP')"
            @refuse="refuse"
          />
        </div>
        <aside class="margin">
          <p v-if="pending && second" class="second" role="status">
            {{ t('recording.secondBall', { ball: second.label }) }}
          </p>
          <FirstShotOf :recording="recording" />
          <ReadOut
            v-if="!(pending && second)"
            :attempt="inHand"
            :shot="shotInHand ?? shot"
            :undone="recording.undone.value"
            :advice="adviceWords"
            :explores="explores"
            :baseline="here[0]"
            :student="whoseShot"
            class="read"
            @said="speak"
          />
          <p v-if="hint" class="hint" role="alert">{{ hint }}</p>
          <PlaceReading :table="table" :place="cross ?? inHand?.body.landing" />
          <ShotLoupe
            v-model:cross="cross"
            :table-millimetres-per-pixel="cloth?.millimetresPerPixel"
            :table="table"
            :portrait="portrait"
            :shot="shot"
            :attempts="hereOfShot"
            :latest-id="recording.latest.value?.id"
            :chosen-id="editingId"
            @place="(place: Point, perPixel: number) => placed(place, perPixel, 'LOUPE')"
            @refuse="refuse"
          />
          <NudgeKeys class="nudge" :disabled="!inHand?.body.landing" @nudge="nudge" @help="keyList = true" />
        </aside>
        <div class="before">
          <CallKey
            v-model:calling="calling"
            v-model:call="armed.call.value"
            :table="table"
            :usual="shot.usual"
          />
          <DemandToggles
            :shot="shot"
            :seen="armed.seen.value"
            :facts="editing?.body.facts"
            @flip="recording.flipDemand"
          />
          <ObservationKeys
            class="observations"
            :words="observations.data.value ?? []"
            :noted="inHand?.body.observations ?? []"
            :disabled="!inHand"
            @observe="recording.observe"
            @note="noting = true"
          />
        </div>
        <OutcomeKeys
          class="outcomes"
          :shot="shot"
          :outcome="editing?.body.outcome ?? armed.outcome.value"
          :meant="
            editing !== undefined || armed.outcomeChosen.value || !(armed.foul.value || armed.inOff.value)
          "
          :foul="editing?.body.foul ?? armed.foul.value"
          :in-off="editing?.body.inOff ?? armed.inOff.value"
          :can-undo="inHand !== undefined || pending !== undefined || armed.isArmed.value"
          @outcome="chooseOutcome"
          @foul="toggleFoul"
          @in-off="toggleInOff"
          @not-seen="notSeen"
          @undo="undo"
        />
        <RecordingFooter
          v-model:shows-routine="showsRoutine"
          class="below"
          :recording="recording"
          :detail="detail"
          :routine="routine"
          :most-attempts="portrait ? 6 : 12"
          @done="cancel"
          @session="inSession = true"
          @changed="reload"
        />
        <KeyList
          v-model:visible="keyList"
          :letters="
            outcomeKeys(shot)
              .map((k) => k.letter)
              .join(' ')
          "
        />
        <ShotNote
          v-model:visible="noting"
          :note="inHand?.body.note ?? ''"
          @keep="(note) => inHand && store.edit(inHand, { note })"
        />
        <SessionPanel
          v-if="inSession"
          v-model:visible="inSession"
          v-model:by-turns="recording.byTurns.value"
          v-model:voice="voice"
          v-model:draft="noteDraft"
          :detail="detail"
          :student-id="turn.studentId.value"
          :drill-id="turn.drillId.value"
          :routine="routine"
          @play="play"
          @routine="(kept) => (routine = kept)"
          @changed="reload"
        />
      </template>
    </PageState>
  </main>
</template>

<style scoped>
/* Room for the longest read-out: the drawings must not change their size with every shot. */
.read {
  flex: none;
  min-height: 184px;
}
.recording {
  height: calc(100dvh - var(--rail-height));
  display: grid;
  grid-template: auto minmax(0, 1fr) auto auto auto / minmax(0, 1fr) 300px;
  grid-template-areas: 'header header' 'cloth margin' 'before before' 'outcomes outcomes' 'below below';
  gap: 8px 20px;
  padding: 12px 20px 8px;
}
.header {
  grid-area: header;
  display: grid;
  gap: 6px;
  min-width: 0;
}
.cloth {
  grid-area: cloth;
  position: relative;
  min-height: 0;
}
.margin {
  grid-area: margin;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
}
.second {
  margin: 0;
  border-left: 5px solid var(--amber);
  padding-left: 14px;
  font-size: 22px;
  font-weight: 600;
}
.hint {
  margin: 0;
  color: var(--brick-text);
  font-weight: 600;
}
.before {
  grid-area: before;
  display: flex;
  gap: 10px;
  align-items: center;
  min-width: 0;
}
.observations {
  flex: 1;
  min-width: 0;
}
.outcomes {
  grid-area: outcomes;
}
.below {
  grid-area: below;
}
/* A tablet is lower: what is read and nudged beside the cloth goes on beside the notes under it. */
@media (max-width: 1100px) {
  .recording {
    grid-template-columns: minmax(0, 1fr) 240px;
    grid-template-areas: 'header header' 'cloth margin' 'before margin' 'outcomes outcomes' 'below below';
    padding: 8px 12px;
  }
}
/* A phone on its side, or a page at twice its size: the cloth keeps its room, the rest scrolls. */
@media (max-height: 560px) and (min-width: 621px) {
  .recording {
    height: auto;
  }
  .cloth {
    height: max(240px, calc(100dvh - var(--rail-height) - 76px));
  }
}
@media (max-width: 620px) {
  .recording {
    height: auto;
    grid-template: auto auto auto auto auto auto / minmax(0, 1fr);
    grid-template-areas: 'header' 'margin' 'cloth' 'outcomes' 'before' 'below';
    gap: 6px;
    padding: 6px 8px;
  }
  /* As large as leaves the keys in reach of the thumb; what is needed less often is a little way down. */
  .cloth {
    height: max(240px, calc(100dvh - var(--rail-height) - 348px));
  }
  .margin {
    min-height: 62px;
    gap: 2px;
  }
  .read {
    min-height: 84px;
  }
  .nudge {
    display: none;
  }
  .before {
    overflow-x: auto;
  }
  .before > * {
    flex: none;
  }
}
</style>
