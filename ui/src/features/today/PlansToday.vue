<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Plan } from '@/api/types'
import { dayFromToday, ZONE } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'
import { useStartPlan } from '@/shared/useStartPlan'
import { useUnits } from '@/shared/units'

/** What is planned for today, one step from the table; nothing where nothing is planned. */
defineProps<{ alone: boolean }>()
const { t } = useI18n()
const { figure } = useUnits()
const { starting, problem, start } = useStartPlan()
const {
  data,
  problem: notLoaded,
  reload,
} = useLoad(async () => {
  const query = { from: dayFromToday(0), to: dayFromToday(0), zone: ZONE }
  const plans = await answer(api.GET('/api/v1/plans', { params: { query } }))
  return plans.filter(({ onDay }) => onDay)
})
onMounted(reload)

function drills(plan: Plan): string {
  return plan.items
    .map(({ title, item, ticked }) => `${title ?? item.drillId}${ticked ? ' ✓' : ''}`)
    .join(', ')
}
</script>

<template>
  <p v-if="notLoaded" role="alert" class="small">{{ notLoaded }}</p>
  <section v-if="data?.length" class="plans">
    <h2>{{ t('plan.plannedToday') }}</h2>
    <ul class="bare">
      <li v-for="plan in data" :key="plan.id">
        <div>
          <RouterLink :to="`/plan/${plan.id}`">{{
            alone ? plan.title : plan.students.map(({ name }) => name).join(', ')
          }}</RouterLink>
          <span v-if="!alone" class="small quiet">{{ plan.title }}</span>
          <p class="bare small">{{ figure(plan.minutes, 0) }} min: {{ drills(plan) }}</p>
        </div>
        <span v-if="plan.done" class="quiet">{{ t('plan.done') }}</span>
        <Button v-else :label="t('plan.start')" :disabled="starting" @click="start(plan)" />
      </li>
    </ul>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </section>
</template>

<style scoped>
.plans {
  margin: 12px 0;
  padding: 10px 16px;
  border-left: 4px solid var(--amber);
  background: var(--paper-raised);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 16px;
  align-items: center;
  padding: 6px 0;
}
a {
  font-weight: 600;
  margin-right: 10px;
}
.problem {
  color: var(--brick-text);
}
</style>
