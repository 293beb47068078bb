<script setup lang="ts">
import type { PersonalData } from '@/api/types'
import { mediumDay } from '@/shared/days'

/** What is kept, kind by kind, and what becomes of it. */
defineProps<{ kept: PersonalData['kept'] }>()

function span(first?: string, last?: string): string {
  if (!first || !last) return ''
  const [from, to] = [mediumDay(first), mediumDay(last)]
  return from === to ? from : `${from} – ${to}`
}
</script>

<template>
  <div class="scroll-aside">
    <table class="lines figures">
      <thead>
        <tr>
          <th scope="col">{{ $t('data.what') }}</th>
          <th scope="col" class="number">{{ $t('data.records') }}</th>
          <th scope="col">{{ $t('data.span') }}</th>
          <th scope="col">{{ $t('data.becomes') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in kept" :key="one.kind">
          <th scope="row">{{ $t(`data.kind.${one.kind}`) }}</th>
          <td class="number">{{ one.records }}</td>
          <td>{{ span(one.first, one.last) }}</td>
          <td>{{ $t(`data.fate.${one.fate}`) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.number {
  text-align: right;
  padding-right: 20px;
}
</style>
