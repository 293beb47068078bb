<script setup lang="ts">
import type { Outcome, Shot } from '@/api/types'
import OutcomeGlyph from '@/table/OutcomeGlyph.vue'
import { computed } from 'vue'
import { KEY_FOUL, KEY_IN_OFF, KEY_NOT_SEEN, outcomeKeys } from './keys'

/** The keys beside the table. They say what was seen; whether it was a success is not asked. */
const props = defineProps<{
  shot: Shot
  outcome: Outcome
  /** Whether an outcome is meant at all: a foul alone means not potted. */
  meant: boolean
  foul: boolean
  inOff: boolean
  canUndo: boolean
}>()
defineEmits<{ outcome: [Outcome]; foul: []; inOff: []; notSeen: []; undo: [] }>()
const keys = computed(() => outcomeKeys(props.shot))
</script>

<template>
  <div class="keys" role="group" :aria-label="$t('recording.help.outcome')">
    <button
      v-for="key in keys"
      :key="key.outcome"
      type="button"
      :aria-pressed="meant && outcome === key.outcome"
      :class="{ on: meant && outcome === key.outcome }"
      @click="$emit('outcome', key.outcome)"
    >
      <OutcomeGlyph :outcome="key.outcome" />
      <span class="word">{{ $t(`outcome.${key.outcome}`) }}</span>
      <kbd>{{ key.letter }}</kbd>
    </button>
    <button type="button" class="toggle" :aria-pressed="foul" :class="{ on: foul }" @click="$emit('foul')">
      <span class="word">{{ $t('outcome.foul') }}</span>
      <kbd>{{ KEY_FOUL }}</kbd>
    </button>
    <button type="button" class="toggle" :aria-pressed="inOff" :class="{ on: inOff }" @click="$emit('inOff')">
      <span class="word">{{ $t('outcome.inOff') }}</span>
      <kbd>{{ KEY_IN_OFF }}</kbd>
    </button>
    <button type="button" class="plain" @click="$emit('notSeen')">
      <span class="word">{{ inOff ? $t('recording.noLanding') : $t('recording.notSeen') }}</span>
      <kbd>{{ KEY_NOT_SEEN }}</kbd>
    </button>
    <button type="button" class="plain" :disabled="!canUndo" @click="$emit('undo')">
      <span class="word">{{ $t('recording.undo') }}</span>
      <kbd>⌫</kbd>
    </button>
  </div>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: repeat(10, minmax(0, 1fr));
  gap: 8px;
}
button {
  position: relative;
  min-height: 60px;
  padding: 6px 8px;
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  background: var(--paper-raised);
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  font-size: 15px;
  line-height: 1.15;
  display: flex;
  align-items: center;
  gap: 8px;
  text-align: left;
  cursor: pointer;
  touch-action: manipulation;
}
.toggle {
  border-style: dashed;
}
.plain {
  background: none;
  font-weight: 500;
}
.on {
  background: var(--amber-lit);
  color: var(--on-amber);
  border: 2px solid var(--amber-text);
}
.word {
  flex: 1;
}
kbd {
  position: absolute;
  top: 3px;
  right: 6px;
  font-weight: 500;
}
button:disabled {
  opacity: 0.45;
  cursor: default;
}
button svg {
  flex: none;
}
@media (max-width: 1100px) {
  .keys {
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }
  button {
    min-height: 56px;
  }
}
@media (max-width: 620px) {
  .keys {
    gap: 6px;
  }
  button {
    min-height: 60px;
    padding: 4px;
    font-size: 12.5px;
    flex-direction: column;
    justify-content: center;
    gap: 2px;
    text-align: center;
  }
  .word {
    flex: none;
  }
  kbd {
    display: none;
  }
}
</style>
