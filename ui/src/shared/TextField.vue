<script setup lang="ts">
import InputText from 'primevue/inputtext'

/** A short text under its label; it counts when it is left or sent. */
defineProps<{ label: string; most: number; fluid?: boolean; required?: boolean }>()
const model = defineModel<string>({ required: true })
</script>

<template>
  <label>
    {{ label }}
    <InputText
      :model-value="model"
      :maxlength="most"
      :fluid="fluid"
      :required="required"
      size="small"
      @change="model = ($event.target as HTMLInputElement).value"
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
</style>
