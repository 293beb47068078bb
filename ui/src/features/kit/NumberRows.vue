<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { NumberRow } from '@/api/types'
import { useKitWords } from './useKitWords'

/** What is known of a table: each number as a coach would say it, with its interval and what is usual. */
defineProps<{ numbers: NumberRow[] }>()
const { t } = useI18n()
const words = useKitWords()
</script>

<template>
  <dl class="numbers">
    <div v-for="row in numbers" :key="row.number">
      <dt>{{ t(`kit.number.${row.number}`) }}</dt>
      <dd class="figures">
        <strong>{{ words.said(row.number, row.said.figure) }}</strong>
        <span class="small quiet">
          {{ row.told ? words.interval(row.number, row.said) : t('kit.notMeasured') }};
          {{ t('kit.usual', { value: words.said(row.number, row.preset.figure) }) }}
        </span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.numbers {
  display: grid;
  gap: 10px;
  margin: 0;
}
.numbers > div {
  border-top: 1px solid var(--hairline);
  padding-top: 8px;
}
dt {
  font-weight: 600;
}
dd {
  display: grid;
  margin: 0;
}
</style>
