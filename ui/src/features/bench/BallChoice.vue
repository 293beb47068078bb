<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** Several balls, in the order in which they were chosen. */
defineProps<{ balls: { value: string; label: string }[] }>()
const model = defineModel<string[]>({ required: true })
const { t } = useI18n()

function toggle(label: string): void {
  const without = model.value.filter((one) => one !== label)
  const next = without.length === model.value.length ? [...model.value, label] : without
  if (next.length > 0) model.value = next
}
</script>

<template>
  <fieldset>
    <legend>{{ t('bench.ballsLabel') }}</legend>
    <label v-for="ball in balls" :key="ball.value">
      <input type="checkbox" :checked="model.includes(ball.value)" @change="toggle(ball.value)" />
      {{ ball.label }}
      <span v-if="model.includes(ball.value)" class="quiet small">({{ model.indexOf(ball.value) + 1 }})</span>
    </label>
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
