<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Routine, SessionDetail } from '@/api/types'
import AttemptTrail from './AttemptTrail.vue'
import MovesNote from './MovesNote.vue'
import RoutineStrip from './RoutineStrip.vue'
import { useOutbox } from '@/device/useOutbox'
import type { Recording } from './useRecording'
import WaitingList from './WaitingList.vue'

/** Everything to be said about where one stands that is not the last shot: a step of the rule, mending, waiting, pauses, trouble. */
const props = defineProps<{ recording: Recording; detail: SessionDetail; routine: Routine }>()
const showsRoutine = defineModel<boolean>('showsRoutine', { required: true })
defineEmits<{ done: []; reopen: []; goOn: [] }>()
const { t } = useI18n()
const outbox = useOutbox()
const { store, turn, editing, inHand } = props.recording
const showsTrail = ref(false)
watch(
  () => editing.value?.id,
  () => (showsTrail.value = false),
)
const clockOffMinutes = computed(() => Math.round(Math.abs(store.clockBehindMilliseconds.value) / 60_000))
</script>

<template>
  <div class="notes">
    <MovesNote
      v-if="turn.step.value && turn.drill.value && !editing"
      :step="turn.step.value"
      :drill="turn.drill.value"
      :table="detail.table"
      @stay="turn.overrule"
    />
    <div v-if="editing" role="status">
      {{ t('recording.editHelp') }}
      <Button :label="t('recording.done')" size="small" severity="secondary" @click="$emit('done')" />
      <button type="button" class="link" @click="showsTrail = !showsTrail">
        {{ t('recording.trail') }}
      </button>
      <AttemptTrail
        v-if="showsTrail"
        :key="`${editing.id} ${editing.judged?.attempt.revision}`"
        :session-id="detail.session.id"
        :attempt-id="editing.id"
      />
    </div>
    <RoutineStrip v-model:open="showsRoutine" :routine="routine" :since="inHand?.body.playedAt" />
    <p v-if="store.fromDevice.value" role="status">{{ t('recording.fromDevice') }}</p>
    <p v-if="clockOffMinutes" role="status">{{ t('recording.clockOff', { n: clockOffMinutes }) }}</p>
    <p v-if="store.otherDevice.value" role="status">{{ t('recording.otherDevice') }}</p>
    <p v-if="store.changedElsewhere.value && outbox.parkedCount" role="alert">
      {{ t('recording.changedElsewhere') }}
    </p>
    <p v-if="outbox.refusesToKeep" role="alert" class="alarm">
      {{ t('recording.noStorage') }}
      <template v-if="outbox.onlyHere">{{ t('recording.onlyHere', { n: outbox.onlyHere }) }}</template>
    </p>
    <WaitingList />
    <p v-if="detail.session.closedAt" role="status">
      {{ t(detail.session.closedByItself ? 'recording.closedByItself' : 'recording.closed') }}
      <button type="button" class="link" @click="$emit('reopen')">{{ t('recording.reopen') }}</button>
    </p>
    <p v-else-if="detail.session.paused" role="status">
      {{ t('recording.paused') }}
      <button type="button" class="link" @click="$emit('goOn')">{{ t('recording.session.goOn') }}</button>
    </p>
  </div>
</template>

<style scoped>
.notes {
  flex: 1;
  max-height: 30vh;
  overflow-y: auto;
}
p {
  margin: 0;
}
.alarm {
  color: var(--brick-text);
  font-weight: 600;
}
@media (max-width: 620px) {
  /* A line of their own, and never so tall that table and keys lose their room. */
  .notes {
    flex: 1 0 100%;
    max-height: 84px;
    font-size: 14px;
  }
  .notes:empty {
    display: none;
  }
}
</style>
