<script setup lang="ts">
import Select from 'primevue/select'

/** One of things that have an id and a name, under its label. */
defineProps<{
  label: string
  options: { id: string; name: string }[]
  placeholder?: string
  /** Whether the choice can be taken back. */
  clears?: boolean
}>()
const chosen = defineModel<string | undefined>()
</script>

<template>
  <label>
    {{ label }}
    <Select
      v-model="chosen"
      :options="options"
      option-label="name"
      option-value="id"
      :show-clear="clears"
      :placeholder="placeholder"
      fluid
    />
  </label>
</template>

<style scoped>
label {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
.p-select {
  font-weight: 400;
}
</style>
