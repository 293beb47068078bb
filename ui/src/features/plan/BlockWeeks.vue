<script setup lang="ts">
import Button from 'primevue/button'
import { useI18n } from 'vue-i18n'
import type { Block } from '@/api/types'
import { dateOf, dayFromToday } from '@/shared/days'
import { percent, useUnits } from '@/shared/units'

/** The weeks of a block: what each is for, how long, and its plans with what has come of them. */
defineProps<{ block: Block; mayPlan: boolean; busy: boolean }>()
const emit = defineEmits<{ plan: [week: number] }>()
const { t } = useI18n()
const { figure } = useUnits()
const PLANNED_AHEAD_DAYS = 7
type Week = Block['weeks'][number]

function day(text: string): string {
  return dateOf(text).toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' })
}

function minutes(week: Week): string {
  return Object.entries(week.skillMinutes)
    .filter(([, one]) => one > 0)
    .sort(([, a], [, b]) => b - a)
    .map(([skill, one]) => `${t(`skill.${skill}`)} ${figure(one, 0)}`)
    .join(', ')
}

/** Made from where the student stands, so not weeks ahead. */
function isNear(week: Week): boolean {
  return week.to >= dayFromToday(0) && week.from <= dayFromToday(PLANNED_AHEAD_DAYS)
}
</script>

<template>
  <ol class="bare weeks">
    <li v-for="week in block.weeks" :key="week.week">
      <div>
        <h2>{{ t('plan.block.week', { n: week.week }) }} · {{ t(`plan.block.phase.${week.phase}`) }}</h2>
        <p class="bare small quiet figures">{{ day(week.from) }} – {{ day(week.to) }}</p>
      </div>
      <div>
        <p class="bare">{{ t(`plan.block.what.${week.phase}`) }}</p>
        <p class="bare small figures">
          {{
            t(
              'plan.block.sessions',
              { n: block.weekdays.length, minutes: week.minutesPerSession },
              block.weekdays.length,
            )
          }},
          {{ t('plan.block.band', { low: percent(week.bandLow), high: percent(week.bandHigh) }) }}
        </p>
        <p class="bare small quiet">{{ t('plan.block.bySkill', { skills: minutes(week) }) }}</p>
        <ul v-if="week.plans.length" class="bare plans">
          <li v-for="plan in week.plans" :key="plan.planId">
            <RouterLink :to="`/plan/${plan.planId}`">{{ day(plan.onDay) }}</RouterLink>
            <span class="small quiet figures">
              {{ t('plan.progress', { done: plan.done, n: plan.lines }) }}
            </span>
          </li>
        </ul>
      </div>
      <Button
        v-if="mayPlan && week.plans.length === 0 && isNear(week)"
        severity="secondary"
        :label="t('plan.block.planWeek')"
        :disabled="busy"
        @click="emit('plan', week.week)"
      />
      <span v-else></span>
    </li>
  </ol>
</template>

<style scoped>
.weeks > li {
  display: grid;
  grid-template-columns: 210px minmax(0, 1fr) auto;
  gap: 4px 24px;
  align-items: start;
  padding: 14px 0;
  border-top: 1px solid var(--hairline);
}
h2 {
  margin: 0;
  font-size: 18px;
}
.plans a {
  margin-right: 6px;
}
.plans {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin-top: 6px;
}
@media (max-width: 620px) {
  .weeks > li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
