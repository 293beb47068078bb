<script setup lang="ts">
import { computed } from 'vue'
import type { AttemptBody, Shot } from '@/api/types'
import DemandWords from '@/shared/DemandWords.vue'
import { KEYS_DEMANDS } from './keys'
import { toldDemands, type Seen } from './useArmed'

/** Demands that a landing does not show. Each counts as met until somebody says otherwise: one tap, not met; another, not seen. */
const props = defineProps<{ shot: Shot; seen: Record<number, Seen>; facts?: AttemptBody['facts'] }>()
defineEmits<{ flip: [index: number] }>()
const told = computed(() =>
  toldDemands(props.shot).map(({ demand, index }, nth) => ({
    demand,
    index,
    key: KEYS_DEMANDS[nth],
    seen: props.facts
      ? (props.facts.find((fact) => fact.demand === index)?.seen ?? 'MET')
      : (props.seen[index] ?? 'MET'),
  })),
)
</script>

<template>
  <ul v-if="told.length" class="bare" :aria-label="$t('recording.demands')">
    <li v-for="one in told" :key="one.index">
      <button type="button" :class="one.seen" @click="$emit('flip', one.index)">
        <DemandWords :demand="one.demand" :shot="shot" tag="span" />
        <strong>{{ $t(`recording.seen.${one.seen}`) }}</strong>
        <kbd>{{ one.key }}</kbd>
      </button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
button {
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  background: var(--paper-raised);
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  text-align: left;
  cursor: pointer;
  display: flex;
  gap: 8px;
  align-items: center;
}
.NOT_MET {
  border: 2px solid var(--brick-text);
}
.NOT_MET strong {
  color: var(--brick-text);
}
.NOT_SEEN {
  border-style: dashed;
}
@media (max-width: 620px) {
  kbd {
    display: none;
  }
}
</style>
