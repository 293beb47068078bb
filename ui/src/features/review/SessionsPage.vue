<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { answer, api } from '@/api/client'
import type { ListedSession } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import { usePages } from '@/shared/usePages'
import { useTables } from '@/shared/useTables'
import SessionFilter from './SessionFilter.vue'

/** All sessions that one may see, newest first; what is looked for stands in the address. */
const { t } = useI18n()
const route = useRoute()
const signedIn = useSignedIn()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const { tables } = useTables()

function asked(key: string): string | undefined {
  const value = route.query[key]
  return typeof value === 'string' && value ? value : undefined
}

/** The whole of a day where the reader lives. */
function midnight(day: string | undefined, later = 0): string | undefined {
  if (!day) return undefined
  const at = new Date(`${day}T00:00:00`)
  at.setDate(at.getDate() + later)
  return Number.isNaN(at.getTime()) ? undefined : at.toISOString()
}

const query = computed(() => ({
  studentId: asked('of'),
  drillId: asked('drill'),
  tableId: asked('table'),
  from: midnight(asked('from')),
  until: midnight(asked('to'), 1),
}))

const choices = useLoad(async () => ({
  students: isCoach.value ? await answer(api.GET('/api/v1/students')) : undefined,
  drills: (await answer(api.GET('/api/v1/drills'))).drills
    .map(({ drill }) => ({ id: drill.id, name: drill.title }))
    .sort((a, b) => a.name.localeCompare(b.name)),
}))
const { first, rows, next, busy, problem, reload, more, loadingMore, noMore } = usePages(
  (after) => answer(api.GET('/api/v1/sessions', { params: { query: { ...query.value, after } } })),
  (page) => page.sessions,
)
onMounted(() => Promise.all([choices.reload(), reload()]))
watch(query, (now, before) => {
  if (JSON.stringify(now) !== JSON.stringify(before)) void reload()
})

const filtered = computed(() => Object.values(query.value).some((value) => value !== undefined))

function when(instant: string): string {
  return new Date(instant).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
}

/** A group's session opens at whoever is looked for, else at the first. */
function review(one: ListedSession) {
  const student = query.value.studentId ?? one.students[0]?.studentId
  return { path: `/review/${one.session.id}`, query: student ? { student } : {} }
}
</script>

<template>
  <main class="page">
    <h1>{{ t('sessions.title') }}</h1>
    <SessionFilter
      :tables="tables"
      :drills="choices.data.value?.drills ?? []"
      :students="choices.data.value?.students"
    />
    <PageState
      :busy="busy"
      :problem="problem || choices.problem.value"
      :ready="first !== undefined"
      @retry="reload"
    >
      <p v-if="rows.length === 0">
        {{ t(filtered ? 'sessions.noMatch' : 'sessions.none') }}
        <RouterLink v-if="!filtered" to="/drills">{{ t('recording.toDrills') }}</RouterLink>
      </p>
      <div v-else class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ t('sessions.when') }}</th>
              <th scope="col">{{ t('sessions.drill') }}</th>
              <th scope="col">{{ t('sessions.who') }}</th>
              <th scope="col">{{ t('sessions.table') }}</th>
              <th scope="col">{{ t('sessions.state') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in rows" :key="one.session.id">
              <td class="figures">{{ when(one.session.startedAt) }}</td>
              <th scope="row">
                <RouterLink :to="review(one)">{{
                  one.session.drills.map(({ title }) => title).join(', ')
                }}</RouterLink>
              </th>
              <td>
                <span v-for="student in one.students" :key="student.studentId" class="who">
                  {{ student.name }}
                  <span class="quiet figures">{{
                    student.attempts ? t('today.counts', student) : t('sessions.nothingRecorded')
                  }}</span>
                </span>
              </td>
              <td class="quiet">{{ one.session.tableName }}</td>
              <td>
                <RouterLink v-if="!one.session.closedAt" :to="`/table/${one.session.id}`">{{
                  t('today.open')
                }}</RouterLink>
                <span v-else-if="one.session.closedByItself" class="quiet">{{
                  t('sessions.closedByItself')
                }}</span>
                <span v-else class="quiet">{{ t('sessions.closed') }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="noMore" role="alert">{{ noMore }}</p>
      <Button
        v-if="next"
        severity="secondary"
        :label="t('sessions.more')"
        :loading="loadingMore"
        @click="more"
      />
      <p v-if="query.studentId" class="no-print small">
        {{ t('review.files') }}
        <a :href="`/api/v1/students/${query.studentId}/attempts.csv`" download>CSV</a> ·
        <a :href="`/api/v1/students/${query.studentId}/attempts.json`" download>JSON</a>
      </p>
    </PageState>
  </main>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
  margin-bottom: 14px;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 10px 18px 10px 0;
  border-top: 1px solid var(--hairline);
}
tbody th {
  font-weight: 600;
}
tbody a {
  display: inline-block;
  min-height: 24px;
}
.who {
  display: block;
}
/* A line of five does not fit on a phone: each session is a block there, its drill first. */
@media (max-width: 600px) {
  thead {
    display: none;
  }
  tbody tr {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 12px;
    padding: 8px 0;
    border-top: 1px solid var(--hairline);
  }
  tbody th,
  tbody td {
    padding: 0;
    border: 0;
  }
  tbody th {
    order: -2;
  }
  tbody td:last-child {
    order: -1;
  }
  tbody td:nth-child(3) {
    grid-column: 1 / -1;
  }
  .page {
    padding: 16px;
  }
}
</style>
