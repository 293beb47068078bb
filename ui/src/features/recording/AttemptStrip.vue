<script setup lang="ts">
import { computed } from 'vue'
import OutcomeGlyph from '@/table/OutcomeGlyph.vue'
import type { LocalAttempt } from './attemptOrder'

/** The last attempts of this station and side; each can be opened and mended. */
const props = defineProps<{ attempts: LocalAttempt[]; editingId?: string; most: number }>()
defineEmits<{ open: [string] }>()
const shown = computed(() => {
  const start = Math.max(0, props.attempts.length - props.most)
  return props.attempts.slice(start).map((attempt, index) => ({ attempt, number: start + index + 1 }))
})

function state(attempt: LocalAttempt): string {
  return attempt.judged?.result ?? 'WAITING'
}
</script>

<template>
  <div class="strip">
    <span class="small quiet">{{ $t('recording.lastOnes') }}</span>
    <ol class="bare">
      <li v-for="{ attempt, number } in shown" :key="attempt.id">
        <button
          type="button"
          :class="[state(attempt), { open: attempt.id === editingId }]"
          :aria-label="`${$t('recording.editing', { n: number })}: ${$t(`outcome.${attempt.body.outcome}`)}`"
          :aria-pressed="attempt.id === editingId"
          @click="$emit('open', attempt.id)"
        >
          <OutcomeGlyph
            :outcome="attempt.body.outcome"
            :foul="attempt.body.foul || attempt.body.inOff"
            :size="18"
          />
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.strip {
  min-width: 0;
}
ol {
  display: flex;
  gap: 2px;
  flex-wrap: wrap;
}
button {
  width: 36px;
  height: 40px;
  border: 0;
  border-bottom: 4px solid transparent;
  background: none;
  color: var(--ink);
  padding: 0;
  cursor: pointer;
}
.SUCCESS {
  border-bottom-color: var(--amber);
}
.WAITING {
  border-bottom: 4px dotted var(--ink-second);
}
.open {
  background: var(--amber-lit);
  color: var(--on-amber);
}
</style>
