<script setup lang="ts">
import Slider from 'primevue/slider'
import { useId } from 'vue'

/** A number on a scale, its label above; what the number reads as stands beside the label. */
const props = defineProps<{ label: string; reads?: string; min: number; max: number; step: number }>()
const model = defineModel<number>({ required: true })
const id = useId()

/** Steps of a tenth are no whole binary fractions: 0.30000000000000004 is not to get into an address. */
function change(value: number | number[]): void {
  const steps = Math.round((Number(value) - props.min) / props.step)
  model.value = Number((props.min + steps * props.step).toFixed(6))
}
</script>

<template>
  <div class="dial">
    <span :id="id"
      >{{ label
      }}<template v-if="reads"
        >: <strong class="figures">{{ reads }}</strong></template
      ></span
    >
    <Slider
      :model-value="model"
      :min="min"
      :max="max"
      :step="step"
      :aria-labelledby="id"
      @update:model-value="change"
      @keydown.stop
    />
  </div>
</template>

<style scoped>
.dial {
  display: grid;
  gap: 14px;
  padding-bottom: 10px;
}
.dial :deep(.p-slider) {
  margin: 0 10px;
}
</style>
