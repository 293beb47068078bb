<script setup lang="ts" generic="T extends string">
import Select from 'primevue/select'
import { useId } from 'vue'

/** One of a few, with its label. */
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
    <span :id="id" class="label" :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <Select
      v-model="model"
      :options="options"
      option-label="label"
      option-value="value"
      :placeholder="placeholder"
      :aria-labelledby="id"
      size="small"
      @keydown.stop
    />
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  gap: 2px;
}
.label {
  font-size: 14px;
  font-weight: 600;
}
</style>
