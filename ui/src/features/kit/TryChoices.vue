<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { ReadingKind } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import type { NextTry, useTryWords } from './useNextTry'

/** What is done, which way or from how far, and with which stroke. */
const props = defineProps<{ tried: NextTry; words: ReturnType<typeof useTryWords> }>()
const { t } = useI18n()
const { kinds, kind, places, placeIndex, strokes, strokeIndex, chosenPlace, chosenStroke, chooseKind } =
  props.tried
</script>

<template>
  <div class="choices">
    <ChoiceField
      v-if="kinds.length > 1"
      :model-value="kind"
      :label="t('kit.checkPage.kind')"
      :options="kinds.map((value) => ({ value, label: t(`kit.checkPage.kinds.${value}`) }))"
      @update:model-value="(value: ReadingKind | undefined) => chooseKind(value)"
    />
    <ChoiceField
      v-if="places.length > 1"
      :model-value="String(placeIndex)"
      :label="t(`kit.checkPage.${kind === 'SIDE' ? 'distance' : 'direction'}`)"
      :options="places.map((one, at) => ({ value: String(at), label: words.place(one) }))"
      @update:model-value="(value: string | undefined) => (chosenPlace = Number(value))"
    />
    <ChoiceField
      v-if="strokes.length"
      :model-value="String(strokeIndex)"
      :label="t('kit.checkPage.stroke')"
      :options="strokes.map((_, at) => ({ value: String(at), label: words.stroke(at) }))"
      @update:model-value="(value: string | undefined) => (chosenStroke = Number(value))"
    />
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
