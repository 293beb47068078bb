<script setup lang="ts">
import Select from 'primevue/select'
import { ref } from 'vue'

/** A list from which one thing after the other is added: what was chosen is told, and the field is empty again. */
defineProps<{ label: string; options: { id: string; name: string }[]; filter?: boolean }>()
const emit = defineEmits<{ chosen: [id: string] }>()
const picked = ref<string>()

function choose(id: string): void {
  emit('chosen', id)
  picked.value = undefined
}
</script>

<template>
  <Select
    v-if="options.length"
    v-model="picked"
    :options="options"
    option-label="name"
    option-value="id"
    :filter="filter"
    :auto-filter-focus="filter"
    :aria-label="label"
    :placeholder="label"
    @update:model-value="choose"
  />
</template>
