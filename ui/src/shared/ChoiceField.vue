<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** One of a few, with its label: the browser's own list, which every keyboard and screen reader knows. */
defineProps<{
  label: string
  options: { value: T; label: string }[]
  hideLabel?: boolean
  placeholder?: string
}>()
const model = defineModel<T | undefined>({ required: true })
const id = useId()
</script>

<template>
  <div class="choice">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <select :id="id" v-model="model">
      <option v-if="placeholder" :value="undefined" disabled>{{ placeholder }}</option>
      <option v-for="option in options" :key="option.value" :value="option.value">{{ option.label }}</option>
    </select>
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  gap: 2px;
}
label {
  font-size: 14px;
  font-weight: 600;
}
select {
  min-height: 38px;
  padding: 4px 8px;
  border: 1px solid var(--edge);
  border-radius: 6px;
  background: var(--paper-raised);
  color: var(--ink);
  font: inherit;
  max-width: 100%;
}
</style>
