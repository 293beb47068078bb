<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { OverallChange, SkillProgress } from '@/api/types'
import { TWO_SIDED_95, useUnits } from '@/shared/units'

/** What all skills say together, then a line for each: where the student stands and whether it changed. */
defineProps<{ skills: SkillProgress[]; overall?: OverallChange }>()
const { t } = useI18n()
const { figure } = useUnits()

function signed(value: number | undefined): string {
  const text = figure(Math.abs(value ?? 0), 0)
  return (value ?? 0) < 0 ? `−${text}` : `+${text}`
}

function inSixWeeks(change: number, lower: number | undefined, upper: number | undefined): string {
  return t('progress.change', { change: signed(change), lower: signed(lower), upper: signed(upper) })
}

function change({ change, changeLower: lower, changeUpper: upper }: SkillProgress): string {
  return change === undefined ? t('progress.changeTooFew') : inSixWeeks(change, lower, upper)
}

function grade({ points }: SkillProgress): string {
  const now = points.at(-1)
  return now ? `${figure(now.grade, 0)} ± ${figure(TWO_SIDED_95 * now.gradeSe, 0)}` : '–'
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
    <table class="figures">
      <thead class="visually-hidden">
        <tr>
          <th scope="col">{{ t('drills.skill') }}</th>
          <th scope="col">{{ t('progress.grade') }}</th>
          <th scope="col">{{ t('progress.lately') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="skill in skills" :key="skill.skill">
          <th scope="row">
            {{ t(`skill.${skill.skill}`) }}
            <small v-if="skill.note" class="quiet">{{ t(`progress.note.${skill.note}`) }}</small>
          </th>
          <td class="grade">{{ grade(skill) }}</td>
          <td class="small">
            <strong>{{ t(`progress.verdict.${skill.verdict}`) }}</strong> {{ change(skill) }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.overall {
  margin: 4px 0 8px;
  font-size: 20px;
}
table {
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  vertical-align: baseline;
  padding: 6px 18px 6px 0;
  border-top: 1px solid var(--hairline);
}
tbody th {
  text-transform: capitalize;
}
.grade {
  white-space: nowrap;
  font-weight: 600;
}
</style>
