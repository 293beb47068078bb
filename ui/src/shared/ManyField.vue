<script setup lang="ts" generic="T extends string">
import MultiSelect from 'primevue/multiselect'
import { onUnmounted, ref } from 'vue'

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
const list = ref<{ hide: () => void }>()

/** Wherever the focus has gone while the list opened: Escape closes it. */
function onKey(event: KeyboardEvent): void {
  if (event.key === 'Escape') list.value?.hide()
}
function opens(): void {
  document.addEventListener('keydown', onKey)
}
function closes(): void {
  document.removeEventListener('keydown', onKey)
}
onUnmounted(closes)
</script>

<template>
  <label>
    {{ label }}
    <MultiSelect
      ref="list"
      v-model="model"
      :options="options"
      option-label="label"
      option-value="value"
      :selection-limit="most"
      :placeholder="placeholder"
      :filter="filter"
      :fluid="fluid"
      size="small"
      @before-show="opens"
      @show="emit('show')"
      @before-hide="closes"
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
