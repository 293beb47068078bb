<script setup lang="ts">
import type { Outcome, Shot } from '@/api/types'
import OutcomeGlyph from '@/table/OutcomeGlyph.vue'
import { outcomesOf } from '@/shared/shotOutcomes'
import { computed } from 'vue'

/** Every mark of the map in words, with how many there are. */
const props = defineProps<{ shot: Shot; outcomes: { [key: string]: number }; explored?: boolean }>()
const keys = computed(() => outcomesOf(props.shot))

function count(outcome: Outcome): number {
  return props.outcomes[outcome] ?? 0
}
</script>

<template>
  <ul class="bare legend small" :aria-label="$t('review.legend')">
    <li v-for="outcome in keys" :key="outcome">
      <OutcomeGlyph :outcome="outcome" :size="18" /> {{ $t(`outcome.${outcome}`) }}
      <strong class="figures">{{ count(outcome) }}</strong>
    </li>
    <li><OutcomeGlyph outcome="POTTED_CLEAN" foul :size="18" /> {{ $t('outcome.foulMark') }}</li>
    <li v-if="explored">
      <svg width="26" height="14" aria-hidden="true">
        <path d="M1 7 H25" class="dotted" />
        <rect x="10" y="4" width="6" height="6" class="amber" />
      </svg>
      {{ $t('review.legendExplored') }}
    </li>
    <template v-else>
      <li>
        <svg width="26" height="14" aria-hidden="true">
          <ellipse cx="13" cy="7" rx="11" ry="5" class="solid" />
        </svg>
        {{ $t('review.legend50') }}
      </li>
      <li>
        <svg width="26" height="14" aria-hidden="true">
          <ellipse cx="13" cy="7" rx="11" ry="5" class="dashed" />
        </svg>
        {{ $t('review.legend95') }}
      </li>
      <li>
        <svg width="26" height="14" aria-hidden="true"><path d="M13 1 V13 M7 7 H19" class="solid" /></svg>
        {{ $t('review.legendMean') }}
      </li>
    </template>
    <li>
      <svg width="26" height="14" aria-hidden="true">
        <path d="M1 7 H20 M7 3 V11 M13 3 V11" class="amber" />
        <path d="M25 7 l-7 -4 v8 z" class="head" />
      </svg>
      {{ $t('review.legendTarget') }}
    </li>
  </ul>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
}
li {
  display: flex;
  align-items: center;
  gap: 6px;
}
.solid,
.dashed,
.dotted,
.amber {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
}
.dashed {
  stroke-dasharray: 4 3;
}
.dotted,
.amber {
  stroke: var(--amber-text);
}
.dotted {
  stroke-dasharray: 2 4;
}
.head {
  fill: var(--amber-text);
}
</style>
