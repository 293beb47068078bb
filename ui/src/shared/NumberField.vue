<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** A number to type, with its unit. What was typed stays; it counts when it is a number within the bounds. */
const props = defineProps<{
  label: string
  unit?: string
  min?: number
  max?: number
  step?: number
  digits?: number
}>()
const model = defineModel<number>({ required: true })
const { t } = useI18n()
const id = useId()
const text = ref('')
const shown = computed(() => String(Number(model.value.toFixed(props.digits ?? 2))))
watch(shown, (now) => (text.value = now), { immediate: true })

/** With a point or a comma, as either is typed; nothing else of a locale's writing is guessed at. */
function typed(): number {
  const plain = text.value.trim().replace(',', '.')
  return plain === '' ? NaN : Number(plain)
}

const problem = computed(() => {
  const value = typed()
  if (!Number.isFinite(value)) return t('field.number')
  if (props.min !== undefined && value < props.min) return t('field.atLeast', { n: props.min })
  if (props.max !== undefined && value > props.max) return t('field.atMost', { n: props.max })
  return ''
})

function commit(): void {
  // The same figures as shown mean the value as it is, with all its digits.
  if (!problem.value && text.value !== shown.value) model.value = typed()
}
</script>

<template>
  <div class="number">
    <label :for="id">{{ label }}</label>
    <span class="entry">
      <InputText
        :id="id"
        v-model="text"
        size="small"
        :invalid="problem !== ''"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="problem !== ''"
        :aria-describedby="problem ? `${id}-problem` : undefined"
        @change="commit"
        @keydown.enter="commit"
        @keydown.stop
      />
      <span v-if="unit" class="unit quiet">{{ unit }}</span>
    </span>
    <span v-if="problem" :id="`${id}-problem`" role="alert" class="problem small">{{ problem }}</span>
  </div>
</template>

<style scoped>
.number {
  display: grid;
  gap: 2px;
}
label {
  font-size: 14px;
  font-weight: 600;
}
.entry {
  display: flex;
  align-items: center;
  gap: 6px;
}
.entry :deep(.p-inputtext) {
  width: 6.5em;
  font-variant-numeric: tabular-nums;
}
</style>
