<script setup lang="ts">
/** The coach's own short list: one tap notes it on the attempt in hand, another takes it away. */
defineProps<{ words: string[]; noted: string[]; disabled: boolean }>()
defineEmits<{ observe: [words: string]; note: [] }>()
</script>

<template>
  <div class="observations" role="group" :aria-label="$t('recording.observations')">
    <button type="button" :disabled="disabled" @click="$emit('note')">
      {{ $t('recording.note') }} <kbd>/</kbd>
    </button>
    <button
      v-for="(word, nth) in words"
      :key="word"
      type="button"
      :disabled="disabled"
      :aria-pressed="noted.includes(word)"
      @click="$emit('observe', word)"
    >
      {{ word }} <kbd>{{ nth + 1 }}</kbd>
    </button>
  </div>
</template>

<style scoped>
.observations {
  display: flex;
  flex-wrap: nowrap;
  gap: 6px;
  overflow-x: auto;
}
button {
  flex: none;
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--edge);
  border-radius: 20px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  cursor: pointer;
}
button[aria-pressed='true'] {
  background: var(--slate);
  color: var(--paper);
}
button:disabled {
  opacity: 0.45;
}
@media (max-width: 620px) {
  kbd {
    display: none;
  }
}
</style>
