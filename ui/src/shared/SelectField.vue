<script setup lang="ts">
import Select from 'primevue/select'
import { useId } from 'vue'

/** One of things that have an id and a name, under its label. */
defineProps<{
  label: string
  options: { id: string; name: string }[]
  placeholder?: string
  /** Whether the choice can be taken back. */
  clears?: boolean
}>()
const chosen = defineModel<string | undefined>()
// The list is no field of the browser's own: a label round it would not name it.
const id = useId()
</script>

<template>
  <div class="field">
    <span :id="id">{{ label }}</span>
    <Select
      v-model="chosen"
      :options="options"
      option-label="name"
      option-value="id"
      :show-clear="clears"
      :placeholder="placeholder"
      :aria-labelledby="id"
      fluid
    />
  </div>
</template>

<style scoped>
.field {
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
