<script setup lang="ts">
import { computed } from 'vue'
import LandingMark from '@/table/LandingMark.vue'
import type { LocalAttempt } from './attemptOrder'

/** The landings on the cloth, in a part of their own: a cross that moves draws none of them anew, and a new one only itself. */
const props = defineProps<{ attempts: LocalAttempt[]; latestId?: string; chosenId?: string }>()

const marks = computed(() =>
  props.attempts.flatMap(({ id, body }) => (body.landing ? [{ id, body, place: body.landing }] : [])),
)

function state(id: string): 'chosen' | 'latest' | 'plain' {
  if (id === props.chosenId) return 'chosen'
  return id === props.latestId ? 'latest' : 'plain'
}
</script>

<template>
  <g>
    <LandingMark
      v-for="mark in marks"
      :key="mark.id"
      v-memo="[mark.body, state(mark.id)]"
      :place="mark.place"
      :outcome="mark.body.outcome"
      :foul="mark.body.foul"
      :state="state(mark.id)"
    />
  </g>
</template>
