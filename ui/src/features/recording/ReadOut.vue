<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shot } from '@/api/types'
import { useUnits } from '@/shared/units'
import { arrivalError } from './arrivalError'
import type { LocalAttempt } from './useRecording'

/** One large line after a shot: long or short, left or right; below it what the judge says. */
const props = defineProps<{ attempt?: LocalAttempt; shot: Shot; undone: boolean }>()
const { t } = useI18n()
const { length } = useUnits()

/** Nearer than this in one direction is called on it: half a ball's width nobody can see from the table's end. */
const NOTHING_MILLIMETRES = 5

const error = computed(() => {
  const attempt = props.attempt
  if (!attempt?.body.landing) return undefined
  return attempt.judged?.error ?? arrivalError(props.shot, attempt.body.landing)
})

const lines = computed(() => {
  if (!error.value) return []
  const { speedMillimetres: speed, lineMillimetres: line } = error.value
  const onSpeed = Math.abs(speed) < NOTHING_MILLIMETRES
  const onLine = Math.abs(line) < NOTHING_MILLIMETRES
  if (onSpeed && onLine) return [t('recording.deadOn')]
  return [
    onSpeed
      ? t('recording.onSpeed')
      : t(speed > 0 ? 'recording.long' : 'recording.short', { length: length(Math.abs(speed)) }),
    onLine
      ? t('recording.onLine')
      : t(line > 0 ? 'recording.left' : 'recording.right', { length: length(Math.abs(line)) }),
  ]
})

const verdict = computed(() => {
  const attempt = props.attempt
  if (!attempt) return ''
  const judged = attempt.judged
  if (!judged || judged.attempt.revision !== attempt.body.revision) return t('recording.judging')
  const why = judged.faults.map((fault) => t(`recording.why.${fault}`)).join(', ')
  return t(`recording.${judged.result}`, { why })
})
</script>

<template>
  <section class="readout" aria-live="polite" data-testid="readout">
    <template v-if="attempt">
      <p v-if="lines.length" class="large figures">
        <span v-for="line in lines" :key="line">{{ line }}</span>
      </p>
      <p v-else class="large">{{ $t(attempt.body.inOff ? 'outcome.inOff' : 'recording.notSeen') }}</p>
      <p class="advice">{{ $t(`outcome.${attempt.body.outcome}`) }} · {{ verdict }}</p>
    </template>
    <template v-else>
      <p class="large">{{ undone ? $t('recording.undone') : $t('recording.first') }}</p>
      <p class="advice">{{ $t('recording.firstHint') }}</p>
    </template>
  </section>
</template>

<style scoped>
.readout {
  border-left: 5px solid var(--amber);
  padding-left: 14px;
}
p {
  margin: 0;
}
.large {
  font-family: var(--font-title);
  font-weight: 600;
  font-size: 32px;
  line-height: 1.12;
}
.large span {
  display: block;
}
.advice {
  margin-top: 6px;
  color: var(--ink-second);
}
@media (max-width: 620px) {
  .large {
    font-size: 22px;
  }
  .large span {
    display: inline;
  }
  .large span + span::before {
    content: ', ';
  }
  .advice {
    margin-top: 0;
    font-size: 14px;
  }
}
</style>
