<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { useI18n } from 'vue-i18n'
import { useNeededList } from './useNeededList'

/** Several balls, in the order in which they were chosen. */
defineProps<{ balls: { value: string; label: string }[] }>()
const model = defineModel<string[]>({ required: true })
const { t } = useI18n()
const { chosen, isWaiting, choose } = useNeededList(model, () => true)

function toggle(label: string): void {
  const without = chosen.value.filter((one) => one !== label)
  choose(without.length === chosen.value.length ? [...chosen.value, label] : without)
}
</script>

<template>
  <fieldset>
    <legend>{{ t('bench.ballsLabel') }}</legend>
    <label v-for="ball in balls" :key="ball.value">
      <Checkbox :model-value="chosen.includes(ball.value)" binary @update:model-value="toggle(ball.value)" />
      {{ ball.label }}
      <span v-if="chosen.includes(ball.value)" class="quiet small"
        >({{ chosen.indexOf(ball.value) + 1 }})</span
      >
    </label>
    <p v-if="isWaiting" class="small" role="status">{{ t('bench.needsBall') }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
p {
  flex-basis: 100%;
  margin: 0;
}
legend {
  padding: 0;
  font-size: 14px;
  font-weight: 600;
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 34px;
}
</style>
