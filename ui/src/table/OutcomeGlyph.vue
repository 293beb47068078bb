<script setup lang="ts">
import { computed } from 'vue'
import type { Outcome } from '@/api/types'
import { OUTCOME_SHAPES } from './outcomeShape'

/** An outcome's shape beside its word. */
const props = defineProps<{ outcome: Outcome; foul?: boolean; size?: number }>()
const shape = computed(() => OUTCOME_SHAPES[props.outcome])
</script>

<template>
  <svg viewBox="-1.5 -1.5 3 3" :width="size ?? 20" :height="size ?? 20" aria-hidden="true">
    <path v-if="shape.fill" :d="shape.fill" fill="currentColor" />
    <path v-if="shape.line" :d="shape.line" fill="none" stroke="currentColor" stroke-width="0.28" />
    <circle
      v-if="foul"
      r="1.35"
      fill="none"
      stroke="currentColor"
      stroke-width="0.2"
      stroke-dasharray="0.45 0.3"
    />
  </svg>
</template>
