<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shot } from '@/api/types'
import { useUnits } from '@/shared/units'
import { useOffsetWords } from '@/shared/useOffsetWords'
import { arrivalError, type ArrivalError } from './arrivalError'
import type { LocalAttempt } from './attemptOrder'

/** One large line after a shot: long or short, left or right; below it what the judge says. */
const props = defineProps<{
  attempt?: LocalAttempt
  shot: Shot
  undone: boolean
  advice: string
  baseline?: LocalAttempt
  explores: boolean
  /** Whose shot it was, where several take turns. */
  student?: string
}>()
const emit = defineEmits<{ said: [words: string] }>()
const { t } = useI18n()
const { length } = useUnits()
const offset = useOffsetWords()

/** Nearer than this in one direction is called on it: half a ball's width nobody can see from the table's end. */
const NOTHING_MILLIMETRES = 5

const error = computed(() => {
  const attempt = props.attempt
  if (!attempt?.body.landing || !props.shot.zone) return undefined
  const { judged } = attempt
  // The server's own figure as soon as it is there: in a pattern it knows the line on which this shot arrived.
  return judged?.attempt.revision === attempt.body.revision && judged.error
    ? judged.error
    : arrivalError(props.shot, attempt.body.landing)
})

/** What stands large: against the target; without one, or after a foul, what happened. */
const lines = computed(() => {
  const { attempt } = props
  if (!attempt) return []
  const { body } = attempt
  if (body.foul) return [t('outcome.foul')]
  if (body.inOff) return [t('outcome.inOff')]
  if (props.explores) return body.landing ? [against.value] : [t('recording.notSeen')]
  if (!props.shot.zone) return [t(`outcome.${body.outcome}`)]
  return error.value ? againstTheTarget(error.value) : [t('recording.notSeen')]
})

function againstTheTarget({ speedMillimetres: speed, lineMillimetres: line }: ArrivalError): string[] {
  const onSpeed = Math.abs(speed) < NOTHING_MILLIMETRES
  const onLine = Math.abs(line) < NOTHING_MILLIMETRES
  if (onSpeed && onLine) return [t('recording.deadOn')]
  return [
    onSpeed ? t('recording.onSpeed') : offset.speed(speed),
    onLine ? t('recording.onLine') : offset.line(line),
  ]
}

/** In an explore drill nothing passes or fails: each shot is read against the first one. */
const against = computed(() => {
  const from = props.baseline?.body.landing
  const at = props.attempt?.body.landing
  if (!from || !at || props.baseline?.id === props.attempt?.id) return t('recording.baseline')
  const one = arrivalError(props.shot, from)
  const other = arrivalError(props.shot, at)
  const speed = other.speedMillimetres - one.speedMillimetres
  const line = other.lineMillimetres - one.lineMillimetres
  return t('recording.against', {
    speed: t(speed >= 0 ? 'recording.further' : 'recording.nearer', { length: length(Math.abs(speed)) }),
    line: offset.line(line),
  })
})

const verdict = computed(() => {
  const attempt = props.attempt
  if (!attempt) return ''
  // Nothing passes or fails there.
  if (props.explores) return ''
  const judged = attempt.judged
  if (!judged || judged.attempt.revision !== attempt.body.revision) return t('recording.judging')
  const why = judged.faults.map((fault) => t(`recording.why.${fault}`)).join(', ')
  return t(`recording.${judged.result}`, { why })
})

/** What can be said aloud: once, when the advice to a shot has come. */
watch(
  () => props.advice,
  (words) => words && emit('said', [...lines.value, words].join('. ')),
)
</script>

<template>
  <section class="readout" aria-live="polite" data-testid="readout">
    <template v-if="attempt">
      <p class="large figures">
        <span v-for="line in lines" :key="line">{{ line }}</span>
      </p>
      <p class="verdict">
        <strong v-if="student">{{ student }}: </strong
        >{{ [$t(`outcome.${attempt.body.outcome}`), verdict].filter(Boolean).join(' · ') }}
      </p>
      <p v-if="advice" class="advice" data-testid="advice">{{ advice }}</p>
    </template>
    <template v-else>
      <p class="large">{{ undone ? $t('recording.undone') : $t('recording.first') }}</p>
      <p class="verdict">{{ $t('recording.firstHint') }}</p>
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
.verdict {
  margin-top: 6px;
  color: var(--ink-second);
}
.advice {
  margin-top: 4px;
  font-weight: 600;
}
@media (max-width: 1100px) {
  .large {
    font-size: 26px;
  }
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
  .verdict,
  .advice {
    margin-top: 0;
    font-size: 14px;
  }
}
</style>
