<script setup lang="ts" generic="T extends string">
import MultiSelect from 'primevue/multiselect'

/** Several of a few, under their label. */
defineProps<{
  label: string
  options: { value: T; label: string }[]
  /** How many at most. */
  most?: number
  placeholder?: string
  filter?: boolean
  fluid?: boolean
}>()
const emit = defineEmits<{ show: []; hide: [] }>()
const model = defineModel<T[]>({ required: true })
</script>

<template>
  <label>
    {{ label }}
    <MultiSelect
      v-model="model"
      :options="options"
      option-label="label"
      option-value="value"
      :selection-limit="most"
      :placeholder="placeholder"
      :filter="filter"
      :fluid="fluid"
      size="small"
      @show="emit('show')"
      @hide="emit('hide')"
    />
  </label>
</template>

<style scoped>
label {
  display: grid;
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
.p-multiselect {
  font-weight: 400;
}
</style>
