<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { useLevelChoice } from '@/shared/recipes/useLevelChoice'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import { useAction } from '@/shared/useAction'
import { useUnits } from '@/shared/units'
import { useBench } from './useBench'

/** Makes a round zone so large that a student of a band, or one student, succeeds a wanted share of the time. */
const emit = defineEmits<{ radius: [millimetres: number] }>()
const bench = useBench()
const { t } = useI18n()
const { figure } = useUnits()
const share = ref(70)
const { level, levels, abilityLogits, studentId } = useLevelChoice()
const said = ref('')
const { busy, problem, run } = useAction()

async function make(): Promise<void> {
  const { tableId, drill, at } = bench
  if (!tableId.value || !drill.value) return
  const asked = {
    tableId: tableId.value,
    drill: drill.value,
    ...at.value,
    abilityLogits: abilityLogits.value,
    studentId: studentId.value,
  }
  await run(async () => {
    const { radiusMillimetres, potShare } = await answer(
      api.POST('/api/v1/bench/target-size', { body: { asked, share: share.value / 100 } }),
    )
    if (radiusMillimetres === undefined) {
      said.value = t('target.none', { pots: figure(100 * potShare, 0) })
    } else {
      emit('radius', Math.round(radiusMillimetres))
      said.value = t('target.done', { mm: figure(radiusMillimetres, 0), pots: figure(100 * potShare, 0) })
    }
  })
  if (problem.value) said.value = problem.value
}
</script>

<template>
  <div class="target">
    <NumberField v-model="share" :label="t('target.share')" unit="%" :min="5" :max="95" :digits="0" />
    <ChoiceField v-model="level" :label="t('target.forBand')" :options="levels" />
    <button type="button" :disabled="busy" @click="make">{{ t('target.make') }}</button>
    <p v-if="said" role="status" class="small">{{ said }}</p>
  </div>
</template>

<style scoped>
.target {
  flex-basis: 100%;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
button {
  min-height: 38px;
  padding: 0 10px;
  border: 1px solid var(--edge);
  border-radius: 6px;
  background: var(--paper-raised);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
p {
  flex-basis: 100%;
  margin: 0;
}
</style>
