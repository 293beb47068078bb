<script setup lang="ts">
import Textarea from 'primevue/textarea'
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Routine } from '@/api/types'
import { linesOf } from '@/shared/linesOf'
import NumberField from '@/shared/NumberField.vue'

/** A student's own steps before each shot, and the clock between shots. */
const props = defineProps<{
  routine: Routine
  /** Says whether the server took it; else why not is the problem. */
  save: (routine: Routine) => Promise<boolean>
  problem: string
}>()
const { t } = useI18n()
const steps = ref('')
const seconds = ref(0)
const kept = ref<boolean>()
watch(
  () => props.routine,
  (routine) => {
    steps.value = routine.steps.join('\n')
    seconds.value = routine.clockSeconds
  },
  { immediate: true },
)

async function keep(): Promise<void> {
  kept.value = await props.save({ steps: linesOf(steps.value), clockSeconds: Math.round(seconds.value) })
}
</script>

<template>
  <details>
    <summary>{{ t('recording.routine.edit') }}</summary>
    <form @submit.prevent="keep">
      <label>
        {{ t('recording.routine.steps') }}
        <Textarea v-model="steps" fluid rows="4" />
      </label>
      <NumberField
        v-model="seconds"
        :label="t('recording.routine.seconds')"
        :min="0"
        :max="600"
        :digits="0"
      />
      <Button type="submit" severity="secondary" :label="t('settings.keep')" />
      <span role="status" class="quiet">
        {{ kept === undefined ? '' : kept ? t('settings.saved') : problem }}</span
      >
    </form>
  </details>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
  justify-items: start;
}
label {
  width: 100%;
}
</style>
