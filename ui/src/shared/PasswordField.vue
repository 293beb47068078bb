<script setup lang="ts">
import InputText from 'primevue/inputtext'

/** A password under its label: the one that somebody has, or a new one. */
defineProps<{ label: string; kind: 'current' | 'new'; invalid?: boolean }>()
const model = defineModel<string>({ required: true })
</script>

<template>
  <label>
    {{ label }}
    <InputText
      v-model="model"
      type="password"
      name="password"
      :autocomplete="`${kind}-password`"
      :invalid="invalid"
      fluid
    />
  </label>
</template>

<style scoped>
label {
  display: grid;
  gap: 4px;
}
</style>
