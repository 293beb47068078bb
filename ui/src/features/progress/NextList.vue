<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { NextStation } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { firstToLearnFrom } from '@/shared/nextStation'
import { useLoad } from '@/shared/useLoad'
import { percent, useUnits } from '@/shared/units'
import { mediumDay } from '@/shared/days'

/** What to play next, by skill, and why. */
const props = defineProps<{ studentId: string }>()
const { t } = useI18n()
const { figure } = useUnits()
const { data, busy, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/students/{id}/next-stations', { params: { path: { id: props.studentId } } })),
)
onMounted(reload)

const skills = computed(() => {
  const bySkill = new Map<string, NextStation[]>()
  for (const one of data.value?.stations ?? []) {
    bySkill.set(one.skill, [...(bySkill.get(one.skill) ?? []), one])
  }
  return [...bySkill].map(([skill, stations]) => ({ skill, stations }))
})

/** One for each skill; where none is hard enough, the nearest to it. */
const firsts = computed(() =>
  skills.value.flatMap(({ stations }) => {
    const first = firstToLearnFrom(stations) ?? stations[0]
    return first ? [first] : []
  }),
)

/** The link takes the student along. */
function to(one: NextStation) {
  return {
    path: `/drills/${one.drillId}`,
    query: { station: String(one.station + 1), student: props.studentId },
  }
}

function why(one: NextStation): string {
  const grades = { station: figure(one.stationGrade, 0), student: figure(one.studentGrade, 0) }
  const from = t(one.skillUntried ? 'progress.next.untriedSkill' : 'progress.next.grades', grades)
  const played =
    one.studentTries === 0
      ? t('progress.next.notPlayed')
      : t('progress.next.played', {
          n: one.studentTries,
          when: mediumDay(one.lastPlayedAt ?? ''),
        })
  return [from, played, one.inBand ? '' : t('progress.next.outside')].filter(Boolean).join(' ')
}
</script>

<template>
  <section data-testid="next">
    <h2>{{ t('progress.next.title') }}</h2>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <ul class="bare firsts">
        <li v-for="one in firsts" :key="one.skill">
          <span class="skill quiet">{{ t(`skill.${one.skill}`) }}</span>
          <RouterLink :to="to(one)">{{ one.drillTitle }}</RouterLink>
          <span class="quiet">{{ one.station + 1 }} · {{ one.stationName }}</span>
          <strong class="figures">{{ t('progress.next.inHundred', { n: percent(one.p) }) }}</strong>
        </li>
      </ul>
      <details>
        <summary>{{ t('progress.next.all') }}</summary>
        <p v-if="data" class="small quiet">
          {{
            t('progress.next.why', {
              table: data.tableName,
              low: percent(data.bandLow),
              high: percent(data.bandHigh),
            })
          }}
        </p>
        <table>
          <tbody v-for="{ skill, stations } in skills" :key="skill">
            <tr v-for="(one, index) in stations" :key="`${one.drillId} ${one.station}`">
              <th scope="row" class="skill">{{ index === 0 ? t(`skill.${skill}`) : '' }}</th>
              <td>
                <RouterLink :to="to(one)">{{ one.drillTitle }}</RouterLink>
                <span class="quiet number">{{ one.station + 1 }} · {{ one.stationName }}</span>
              </td>
              <td class="figures chance">
                <strong>{{ percent(one.p) }} %</strong>
                <span class="quiet small number">
                  {{ t('review.interval', { lower: percent(one.lower), upper: percent(one.upper) }) }}</span
                >
              </td>
              <td class="small quiet">{{ why(one) }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </PageState>
  </section>
</template>

<style scoped>
.firsts li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  padding: 6px 0;
  border-top: 1px solid var(--hairline);
}
.firsts .skill {
  min-width: 76px;
}
summary {
  padding: 10px 0;
  color: var(--amber-text);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  font-weight: 400;
  vertical-align: top;
  padding: 5px 14px 5px 0;
}
.number {
  margin-left: 8px;
}
tbody {
  border-top: 1px solid var(--hairline);
}
.skill {
  font-weight: 600;
}
.skill::first-letter {
  text-transform: uppercase;
}
.chance {
  white-space: nowrap;
}
@media (max-width: 760px) {
  tr {
    display: block;
    padding: 6px 0;
  }
  th,
  td {
    display: block;
    padding: 1px 0;
  }
}
</style>
