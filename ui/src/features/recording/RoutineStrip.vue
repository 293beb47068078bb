<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { Routine } from '@/api/types'

/** The student's own steps and the clock between shots, out of the way until asked for. */
const props = defineProps<{ routine: Routine; since?: string }>()
const open = defineModel<boolean>('open', { required: true })
const now = ref(Date.now())
const timer = setInterval(() => (now.value = Date.now()), 1000)
onBeforeUnmount(() => clearInterval(timer))
const done = ref<string[]>([])
watch(
  () => props.since,
  () => (done.value = []),
)
const left = computed(() => {
  if (!props.routine.clockSeconds || !props.since) return undefined
  const passed = Math.floor((now.value - Date.parse(props.since)) / 1000)
  return passed > 4 * props.routine.clockSeconds ? undefined : props.routine.clockSeconds - passed
})
</script>

<template>
  <div v-if="routine.steps.length || routine.clockSeconds" class="routine">
    <button type="button" class="link" :aria-expanded="open" @click="open = !open">
      {{ $t('recording.routine.title') }}
    </button>
    <span v-if="left !== undefined" class="clock figures" :class="{ over: left < 0 }" role="timer">
      {{ left >= 0 ? $t('recording.routine.left', { n: left }) : $t('recording.routine.over', { n: -left }) }}
    </span>
    <ol v-if="open" class="bare">
      <li v-for="step in routine.steps" :key="step">
        <label><Checkbox v-model="done" :value="step" /> {{ step }}</label>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.routine {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
}
ol {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
label {
  min-height: 40px;
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.over {
  color: var(--brick-text);
  font-weight: 700;
}
</style>
