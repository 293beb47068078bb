<script setup lang="ts">
/** Moves the landing in hand by a centimetre, and shows the list of keys. */
defineProps<{ disabled: boolean }>()
defineEmits<{ nudge: [rightMillimetres: number, upMillimetres: number]; help: [] }>()
const STEP_MILLIMETRES = 10
const ARROWS = [
  { sign: '←', right: -STEP_MILLIMETRES, up: 0 },
  { sign: '↑', right: 0, up: STEP_MILLIMETRES },
  { sign: '↓', right: 0, up: -STEP_MILLIMETRES },
  { sign: '→', right: STEP_MILLIMETRES, up: 0 },
]
</script>

<template>
  <div class="nudge" role="group" :aria-label="$t('recording.nudge')">
    <button
      v-for="arrow in ARROWS"
      :key="arrow.sign"
      type="button"
      :aria-label="arrow.sign"
      :disabled="disabled"
      @click="$emit('nudge', arrow.right, arrow.up)"
    >
      {{ arrow.sign }}
    </button>
    <button type="button" class="help" @click="$emit('help')">? {{ $t('recording.keys') }}</button>
  </div>
</template>

<style scoped>
.nudge {
  display: flex;
  gap: 6px;
}
button {
  min-width: 44px;
  min-height: 46px;
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
button:disabled {
  opacity: 0.4;
}
.help {
  margin-left: auto;
  padding: 0 10px;
}
@media (max-width: 1100px) {
  .nudge {
    gap: 4px;
  }
  button {
    min-width: 40px;
  }
  .help {
    padding: 0 6px;
    font-size: 14px;
  }
}
</style>
