<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { StrikeScale } from '@/api/types'
import { useNotation } from '@/shared/useNotation'
import { useUnits } from '@/shared/units'
import type { LabAnswer, Panel } from './panels'

/** The answer in a sentence, before any number; nothing where the drawing is the answer. */
const props = defineProps<{ panel: Panel; found: LabAnswer; scale: StrikeScale }>()
const { t } = useI18n()
const { figure, length } = useUnits()
const notation = useNotation()

interface Low {
  tipHeightMillimetres: number
  paceMetresPerSecond: number
  chance: number
}

function low({ tipHeightMillimetres, paceMetresPerSecond, chance }: Low) {
  return {
    tip: notation.fineTip(tipHeightMillimetres, 0, props.scale),
    pace: notation.fullPace(paceMetresPerSecond, props.scale),
    chance: figure(100 * chance, 0),
  }
}

const stop = computed(() => {
  if ('strokes' in props.found) return []
  const { softest, mostForgiving } = props.found
  if (!softest || !mostForgiving) return []
  return softest.tipHeightMillimetres === mostForgiving.tipHeightMillimetres
    ? [t('lab.answer.stopBoth', low(softest))]
    : [t('lab.answer.stopSoft', low(softest)), t('lab.answer.stopForgiving', low(mostForgiving))]
})

/** "17 mm to the right of"; the cue ball is aimed at the contact point itself where it rounds to nothing. */
function beside(millimetres: number, way: 'aim' | 'soft'): string {
  const mm = Math.round(Math.abs(millimetres))
  if (mm === 0) return t(way === 'aim' ? 'lab.answer.straight' : 'lab.answer.softStraight')
  return t(`lab.answer.${way}${millimetres > 0 ? 'Left' : 'Right'}`, { mm: `${figure(mm, 0)} mm` })
}

const side = computed(() => {
  if ('strokes' in props.found || props.panel.key !== 'side') return []
  const { soft, firm } = props.found
  if (!soft || !firm) return [t('lab.answer.tooSoft')]
  return [
    t('lab.answer.side', {
      firmPace: notation.pace(firm.paceMetresPerSecond, props.scale),
      firmAim: beside(firm.aimMillimetresAtGhost, 'aim'),
      firmPart: t(`lab.answer.${firm.largest}`),
      softPace: notation.pace(soft.paceMetresPerSecond, props.scale),
      softAim: beside(soft.aimMillimetresAtGhost, 'soft'),
      softPart: t(`lab.answer.${soft.largest}`),
    }),
  ]
})

const path = computed(() => {
  if ('strokes' in props.found) return []
  const { stunPointMillimetres: stun, rollsFromMillimetres: rolls, stopsAtMillimetres: stops } = props.found
  if (rolls === undefined || stops === undefined) return []
  const words = { rolls: length(rolls), stops: length(stops) }
  return stun === undefined
    ? [t('lab.answer.rollForward', words)]
    : [t('lab.answer.roll', { ...words, stun: length(stun) })]
})

const sentences = computed(() => [...stop.value, ...side.value, ...path.value])
</script>

<template>
  <div v-if="sentences.length" class="answer">
    <p v-for="words in sentences" :key="words">{{ words }}</p>
  </div>
</template>

<style scoped>
.answer {
  margin-top: 10px;
  padding: 4px 14px;
  border-left: 4px solid var(--amber);
  background: var(--paper-raised);
}
p {
  margin: 6px 0;
}
</style>
