<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChartGrid from '@/charts/ChartGrid.vue'
import TrendChart from '@/charts/TrendChart.vue'
import type { SkillProgress } from '@/api/types'
import { TWO_SIDED_95 } from '@/shared/units'

/** Ability by skill, a small chart each, all on one scale cut to what there is; the bar is the 95 % interval. */
const props = defineProps<{ skills: SkillProgress[] }>()
const { t } = useI18n()

/** Lower ends of the bands (grading.md). */
const BANDS = [
  { at: 275, key: 'BAIZE' },
  { at: 425, key: 'SLATE' },
  { at: 575, key: 'BRASS' },
  { at: 725, key: 'AMBER' },
]

function points(skill: SkillProgress) {
  return skill.points.map(({ week, grade, gradeSe, tries }) => ({
    at: week,
    value: grade,
    lower: Math.max(0, grade - TWO_SIDED_95 * gradeSe),
    upper: Math.min(1000, grade + TWO_SIDED_95 * gradeSe),
    note: t('progress.tries', { n: tries }),
  }))
}

/** All charts alike, so that skills can be compared; cut to hundreds, since a flat line on 0 to 1000 tells nothing. */
const STEP = 100
const range = computed(() => {
  const all = props.skills.flatMap(points)
  const low = Math.min(...all.map((one) => one.lower))
  const high = Math.max(...all.map((one) => one.upper))
  if (!Number.isFinite(low)) return { low: 0, high: 1000 }
  const from = Math.floor(low / STEP) * STEP
  // Four parts of the scale that read as round numbers.
  return { low: from, high: from + Math.ceil((high - from) / (2 * STEP)) * 2 * STEP }
})
const guides = computed(() =>
  BANDS.filter(({ at }) => at > range.value.low && at < range.value.high).map(({ at, key }) => ({
    at,
    name: t(`grades.band.${key}`),
  })),
)
</script>

<template>
  <section>
    <h2>{{ t('progress.overTime') }}</h2>
    <ChartGrid>
      <article v-for="skill in skills" :key="skill.skill">
        <h3>
          {{ t(`skill.${skill.skill}`) }}
          <small v-if="skill.note">{{ t(`progress.note.${skill.note}`) }}</small>
        </h3>
        <TrendChart
          :label="t('progress.abilityOf', { skill: t(`skill.${skill.skill}`) })"
          :y-name="t('progress.grade')"
          :series="[{ name: t(`skill.${skill.skill}`), points: points(skill) }]"
          :guides="guides"
          :y-min="range.low"
          :y-max="range.high"
        />
      </article>
    </ChartGrid>
    <p class="small quiet">{{ t('progress.abilityWhy') }}</p>
  </section>
</template>

<style scoped>
h3 small {
  font-weight: 400;
  color: var(--ink-second);
}
</style>
