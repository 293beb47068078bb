<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Milestone } from '@/api/types'
import { mediumDay } from '@/shared/days'

/** What was reached for the first time, newest first. */
defineProps<{ milestones: Milestone[] }>()
const { t } = useI18n()
const SHOWN = 12

function words(one: Milestone): string {
  return t(`progress.milestone.${one.kind}`, {
    drill: one.drillTitle ?? '',
    station: (one.station ?? 0) + 1,
    name: one.stationName ?? '',
    n: one.attempts ?? 0,
  })
}
</script>

<template>
  <section>
    <h2>{{ t('progress.milestones') }}</h2>
    <ol class="bare">
      <li v-for="one in milestones.slice(0, SHOWN)" :key="`${one.kind} ${one.at} ${words(one)}`">
        <RouterLink :to="`/review/${one.sessionId}`">{{ mediumDay(one.at) }}</RouterLink>
        {{ words(one) }}
      </li>
    </ol>
    <p v-if="milestones.length === 0" class="quiet">{{ t('progress.noMilestone') }}</p>
  </section>
</template>

<style scoped>
li {
  padding: 4px 0;
}
a {
  display: inline-block;
  min-width: 110px;
}
</style>
