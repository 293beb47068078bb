<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Calendar, Occurrence } from '@/api/types'
import { dateOf } from '@/shared/days'
import { hourOf } from './entryBody'
import { useClashWords } from './useClashWords'

/** What cannot be as it stands, each with what is in its way; nothing where all is well. */
const props = defineProps<{ calendar: Calendar }>()
const emit = defineEmits<{ open: [Occurrence] }>()
const { t } = useI18n()
const clashWords = useClashWords()
/** Two that are in each other's way are one clash. */
const clashing = computed(() => {
  const told = new Set<string>()
  return props.calendar.entries
    .filter(({ day }) => day >= props.calendar.today)
    .flatMap((one) => one.clashes.map((clash) => ({ one, clash })))
    .filter(({ one, clash }) => {
      const pair = [`${one.starts} ${one.title}`, `${clash.starts} ${clash.with}`].sort().join(' ')
      return told.size < told.add(`${clash.reason} ${pair}`).size
    })
})

function when(one: Occurrence): string {
  const day = dateOf(one.day).toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' })
  return one.startsAt ? `${day}, ${hourOf(one.startsAt)}` : day
}
</script>

<template>
  <details v-if="clashing.length" class="clashes" :open="clashing.length < 4">
    <summary>{{ t('calendar.clashes', { n: clashing.length }, clashing.length) }}</summary>
    <ul>
      <li v-for="({ one, clash }, index) in clashing" :key="index">
        <button type="button" @click="emit('open', one)">{{ when(one) }}, {{ one.title }}</button>:
        {{ clashWords(clash) }}
      </li>
    </ul>
  </details>
</template>

<style scoped>
.clashes {
  margin: 10px 0;
  padding: 6px 14px;
  border-left: 4px solid var(--brick);
  background: var(--paper-raised);
}
summary {
  min-height: 32px;
  font-weight: 600;
}
ul {
  margin: 4px 0;
}
button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}
</style>
