<script setup lang="ts">
import ChoiceField from './ChoiceField.vue'
import type { Field } from './field'
import NumberField from './NumberField.vue'

/** Numbers and choices of one thing, each by its own name; a change tells the part that changed. */
const props = defineProps<{ fields: Field[]; values: object }>()
const emit = defineEmits<{ change: [part: Record<string, unknown>] }>()

function valueOf(name: string): unknown {
  return (props.values as Record<string, unknown>)[name]
}
</script>

<template>
  <template v-for="field in fields" :key="field.name">
    <ChoiceField
      v-if="field.options"
      :label="field.label"
      :options="field.options"
      :model-value="(valueOf(field.name) as string | undefined) ?? field.usual"
      @update:model-value="(value) => value && emit('change', { [field.name]: value })"
    />
    <NumberField
      v-else
      :label="field.label"
      :unit="field.unit"
      :min="field.min"
      :max="field.max"
      :digits="field.whole ? 0 : field.digits"
      :model-value="(valueOf(field.name) as number | undefined) ?? 0"
      @update:model-value="
        (value: number) => emit('change', { [field.name]: field.whole ? Math.round(value) : value })
      "
    />
  </template>
</template>
