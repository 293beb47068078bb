// What the recording screen says and shows of the shots: which of them are drawn, whose shot is read out, what there is to advise.
import { computed, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TableDrawing } from '@/api/types'
import { useDrillText } from '@/i18n/terms'
import { useAdvice } from './useAdvice'
import { useAdviceWords } from './useAdviceWords'
import type { Recording } from './useRecording'

export function useReading(sessionId: string, recording: Recording, table: Ref<TableDrawing | undefined>) {
  const { t } = useI18n()
  const drillText = useDrillText()
  const { turn, here, inHand, editing, shotIndex, shotOf } = recording
  const shownShot = computed(() => editing.value?.body.shot ?? shotIndex.value)
  /** The shot that the attempt in hand was: in a pattern, or by turns, the drawing is already at the next one. */
  const shotInHand = computed(() => inHand.value && shotOf(inHand.value))
  /** Landings of the shot that is drawn: in a pattern each shot has its own. */
  const hereOfShot = computed(() => here.value.filter(({ body }) => body.shot === shownShot.value))
  const stationName = computed(() => {
    const name = drillText(turn.stationView.value?.name ?? '', turn.drillId.value)
    const of = turn.shots.value.length
    return of > 1 ? t('recording.shotOf', { name, n: shownShot.value + 1, of }) : name
  })
  /** By turns the next student is up already when the last one's shot is read. */
  const whoseShot = computed(() =>
    turn.students.value.length > 1
      ? turn.students.value.find(({ id }) => id === inHand.value?.body.studentId)?.name
      : undefined,
  )
  /** One thing is changed on purpose; the first shot is what the others are read against. */
  const explores = computed(() => turn.drill.value?.drill.explore !== undefined)
  const { advice, voice, speak } = useAdvice(sessionId, inHand)
  const adviceInWords = useAdviceWords()
  const adviceWords = computed(() => {
    const scale = table.value?.strike
    const said = advice.value?.said
    const speaks = scale && said && said.kind !== 'CANNOT_TELL' && !explores.value
    return speaks ? adviceInWords(said, scale) : ''
  })

  return { shotInHand, hereOfShot, stationName, whoseShot, explores, adviceWords, voice, speak }
}
