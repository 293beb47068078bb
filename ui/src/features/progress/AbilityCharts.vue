<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import ChartGrid from '@/charts/ChartGrid.vue'
import TrendChart from '@/charts/TrendChart.vue'
import type { OverallChange, SkillProgress } from '@/api/types'
import { useUnits } from '@/shared/units'

/** What all skills say together, then ability by skill, a small chart each on one scale; the bar is the 95 % interval. */
defineProps<{ skills: SkillProgress[]; overall?: OverallChange }>()
const { t } = useI18n()
const { figure } = useUnits()

/** Lower ends of the bands (grading.md). */
const BANDS = [
  { at: 275, key: 'BAIZE' },
  { at: 425, key: 'SLATE' },
  { at: 575, key: 'BRASS' },
  { at: 725, key: 'AMBER' },
]
const TWO_SIDED_95 = 1.96

function points(skill: SkillProgress) {
  return skill.points.map(({ week, grade, gradeSe, tries }) => ({
    at: week,
    value: grade,
    lower: Math.max(0, grade - TWO_SIDED_95 * gradeSe),
    upper: Math.min(1000, grade + TWO_SIDED_95 * gradeSe),
    note: t('progress.tries', { n: tries }),
  }))
}

function signed(value: number | undefined): string {
  const text = figure(Math.abs(value ?? 0), 0)
  return (value ?? 0) < 0 ? `−${text}` : `+${text}`
}

function change({ change, changeLower: lower, changeUpper: upper }: SkillProgress): string {
  return change === undefined ? t('progress.changeTooFew') : inSixWeeks(change, lower, upper)
}

function inSixWeeks(change: number, lower: number | undefined, upper: number | undefined): string {
  return t('progress.change', { change: signed(change), lower: signed(lower), upper: signed(upper) })
}
</script>

<template>
  <section>
    <h2>{{ t('progress.ability') }}</h2>
    <p v-if="overall" class="overall" data-testid="overall">
      <strong>{{ t(`progress.overall.${overall.verdict}`) }}</strong>
      {{ inSixWeeks(overall.change, overall.lower, overall.upper) }}
    </p>
    <p v-if="overall && overall.verdict === 'NO_CLEAR_CHANGE_YET'" class="small">
      {{
        overall.visible === undefined
          ? t('progress.tooLittleToShow')
          : t('progress.visible', { points: figure(overall.visible, 0) })
      }}
    </p>
    <ChartGrid>
      <article v-for="skill in skills" :key="skill.skill">
        <h3>
          {{ t(`skill.${skill.skill}`) }}
          <small v-if="skill.note">{{ t(`progress.note.${skill.note}`) }}</small>
        </h3>
        <p class="small">
          <strong>{{ t(`progress.verdict.${skill.verdict}`) }}</strong> {{ change(skill) }}
        </p>
        <TrendChart
          :label="t('progress.abilityOf', { skill: t(`skill.${skill.skill}`) })"
          :y-name="t('progress.grade')"
          :series="[{ name: t(`skill.${skill.skill}`), points: points(skill) }]"
          :guides="BANDS.map(({ at, key }) => ({ at, name: t(`grades.band.${key}`) }))"
          :y-min="0"
          :y-max="1000"
        />
      </article>
    </ChartGrid>
    <p class="small quiet">{{ t('progress.abilityWhy') }}</p>
  </section>
</template>

<style scoped>
.overall {
  margin: 4px 0 12px;
  font-size: 20px;
}
h3 small {
  font-weight: 400;
  color: var(--ink-second);
}
</style>
