<script setup lang="ts">
import DatePicker from 'primevue/datepicker'
import { computed, useId } from 'vue'
import { dayAlone } from './days'

/** A day with its label, typed or chosen; the model is its ISO date, empty where none is set. Enter takes the day, and does not send a form that it stands in. */
defineProps<{ label: string; dense?: boolean }>()
const model = defineModel<string>({ required: true })
const id = useId()
/** A finger is shown the calendar at once. Whoever types is not: it would open over the next field while they are typing on. */
const byFinger = window.matchMedia('(pointer: coarse)').matches

/** Days are calendar days here: midnight of the browser's own zone on both ways. */
const day = computed<Date | null>({
  get: () => {
    const [year, month, date] = model.value.split('-').map(Number)
    return year && month && date ? new Date(year, month - 1, date) : null
  },
  set: (chosen) => (model.value = chosen ? dayAlone(chosen) : ''),
})
</script>

<template>
  <div class="date">
    <label :for="id">{{ label }}</label>
    <DatePicker
      v-model="day"
      :input-id="id"
      date-format="d M yy"
      :size="dense ? 'small' : undefined"
      :show-on-focus="byFinger"
      show-icon
      icon-display="input"
      show-button-bar
      fluid
      @keydown.stop
      @keydown.enter.prevent
    />
  </div>
</template>

<style scoped>
.date {
  display: grid;
  align-content: start;
  gap: 2px;
  min-width: 150px;
}
label {
  font-size: 14px;
  font-weight: 600;
}
</style>
