<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Ball, DrillOnTable, TableDrawing } from '@/api/types'
import { KEY_STAY } from './keys'
import { useTape } from './useTape'
import type { Step } from './useTurn'

/** A set-up that has changed: why, which balls to move where, and the key against the rule. */
const props = defineProps<{ step: Step; drill: DrillOnTable; table: TableDrawing }>()
defineEmits<{ stay: [] }>()
const { t } = useI18n()
const tape = useTape()

function balls(place: Step['from']): Ball[] {
  const view = props.drill.stations[place.station]
  return (place.mirrored ? view?.mirror : view?.original)?.[0]?.balls ?? []
}

const NEAR_MILLIMETRES = 1

const before = computed(() => props.step.lie ?? balls(props.step.from))
const away = computed(() =>
  before.value
    .filter(({ label }) => !balls(props.step.to).some((one) => one.label === label))
    .map((ball) => t(`drills.ball.${ball.role}`, { label: ball.label })),
)
const moves = computed(() =>
  balls(props.step.to)
    .filter((ball) => {
      const was = before.value.find((one) => one.label === ball.label)?.at.place
      const is = ball.at.place
      return (
        !was ||
        Math.hypot(was.xMillimetres - is.xMillimetres, was.yMillimetres - is.yMillimetres) > NEAR_MILLIMETRES
      )
    })
    .map(
      (ball) =>
        `${t(`drills.ball.${ball.role}`, { label: ball.label })}: ${t('recording.tape', { ...tape(props.table, ball.at.place) })}`,
    ),
)
</script>

<template>
  <p class="moves" role="status">
    <strong>{{
      t(
        step.to.mirrored && step.why === 'LAST_TIME'
          ? 'recording.step.LAST_TIME_MIRROR'
          : `recording.step.${step.why}`,
        {
          n: step.to.station + 1,
        },
      )
    }}</strong>
    <span v-if="moves.length">{{ t('recording.step.move') }} {{ moves.join('; ') }}.</span>
    <span v-if="away.length">{{ t('recording.step.away') }} {{ away.join(', ') }}.</span>
    <span v-if="!moves.length && !away.length && step.why !== 'LAST_TIME'">
      {{ t('recording.step.same') }}</span
    >
    <button v-if="step.stayAt" type="button" class="link" @click="$emit('stay')">
      {{ t(step.why === 'LAST_TIME' ? 'recording.step.fromTheFirst' : 'recording.step.stay') }}
      <kbd>{{ KEY_STAY }}</kbd>
    </button>
  </p>
</template>

<style scoped>
.moves {
  margin: 0;
  padding: 6px 12px;
  border-left: 5px solid var(--amber);
  background: var(--paper-raised);
  font-size: 17px;
}
strong,
span {
  margin-right: 6px;
}
.link {
  min-height: 40px;
  margin-left: 10px;
}
</style>
