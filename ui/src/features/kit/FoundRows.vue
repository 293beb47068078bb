<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { FoundRow } from '@/api/types'
import { useKitWords } from './useKitWords'

/** What the tries tell so far: each number, its interval as a bar that grows narrower, and whether that is good enough. */
defineProps<{ numbers: FoundRow[] }>()
const { t } = useI18n()
const words = useKitWords()

/** On a bar as wide as what is usual leaves open: that is where everybody begins. */
function bar(row: FoundRow): { left: number; width: number; at: number; before: number } {
  const { lower, upper, figure } = row.said
  const before = row.nowSaid.figure
  const from = Math.min(lower, before, row.usualSaid.lower)
  const to = Math.max(upper, before, row.usualSaid.upper)
  const scale = (value: number) => (to > from ? (100 * (value - from)) / (to - from) : 50)
  return { left: scale(lower), width: scale(upper) - scale(lower), at: scale(figure), before: scale(before) }
}
</script>

<template>
  <dl class="found">
    <div v-for="row in numbers" :key="row.number">
      <dt>
        {{ t(`kit.number.${row.number}`) }}
        <span class="small" :class="row.goodEnough ? 'good' : 'quiet'">
          {{ row.goodEnough ? `✓ ${t('kit.checkPage.good')}` : t('kit.checkPage.notYet') }}
        </span>
      </dt>
      <dd class="figures">
        <template v-if="row.told">
          {{ words.said(row.number, row.said.figure) }}
          <span class="small quiet">{{ words.interval(row.number, row.said) }}</span>
        </template>
        <span class="small quiet">{{
          t('kit.checkPage.was', { value: words.said(row.number, row.nowSaid.figure) })
        }}</span>
        <svg viewBox="0 0 100 8" preserveAspectRatio="none" class="bar" aria-hidden="true">
          <rect x="0" y="3" width="100" height="2" class="line" />
          <rect :x="bar(row).left" y="1.5" :width="Math.max(0.6, bar(row).width)" height="5" class="range" />
          <rect :x="bar(row).at - 0.4" y="0" width="0.8" height="8" class="at" />
        </svg>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.found {
  display: grid;
  gap: 10px;
  margin: 0;
}
.found > div {
  padding-top: 6px;
  border-top: 1px solid var(--hairline);
}
dt {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  font-weight: 600;
}
dd {
  display: grid;
  margin: 0;
}
.good {
  color: var(--amber-text);
}
.bar {
  width: 100%;
  height: 10px;
}
.line {
  fill: var(--hairline);
}
.range {
  fill: var(--amber);
}
.at {
  fill: var(--ink);
}
</style>
