<script setup lang="ts">
import { onMounted } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { StudentLine } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'
import AddPerson from '@/shared/AddPerson.vue'
import NoticeList from './NoticeList.vue'

const router = useRouter()
const signedIn = useSignedIn()
const hand = useHand()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/today')))
onMounted(reload)

function take(line: StudentLine): void {
  hand.take({ studentId: line.student.id, studentName: line.student.name, sessionId: line.openSessionId })
}

async function start(line: StudentLine): Promise<void> {
  take(line)
  await router.push('/drills')
}

async function addStudent(name: string) {
  return answer(api.POST('/api/v1/students', { body: { name } }))
}

function when(instant: string): string {
  return new Date(instant).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' })
}
</script>

<template>
  <main class="page">
    <h1>{{ $t('today.title') }}</h1>
    <NoticeList />
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="data?.students.length === 0" class="quiet">{{ $t('today.empty') }}</p>
      <ul class="students">
        <li v-for="line in data?.students" :key="line.student.id">
          <div class="person">
            <h2>{{ line.student.name }}</h2>
            <span v-if="!line.student.canSignIn" class="small quiet">{{ $t('people.noPassword') }}</span>
          </div>
          <ol v-if="line.sessions.length" class="bare sessions" :aria-label="$t('today.lastSessions')">
            <li v-for="item in line.sessions" :key="item.session.id">
              <RouterLink :to="`/review/${item.session.id}?student=${line.student.id}`">{{
                item.session.drills.map((one) => one.title).join(', ')
              }}</RouterLink>
              <span class="quiet figures">{{ when(item.session.startedAt) }}</span>
              <span class="figures">{{
                $t('today.counts', { potted: item.potted, attempts: item.attempts })
              }}</span>
              <span v-if="!item.session.closedAt" class="now">{{ $t('today.open') }}</span>
            </li>
          </ol>
          <p v-else class="bare quiet sessions">{{ $t('today.neverPractised') }}</p>
          <div class="act">
            <RouterLink
              v-if="line.openSessionId"
              :to="`/table/${line.openSessionId}`"
              class="go main"
              @click="take(line)"
              >{{ $t('today.goOn') }}</RouterLink
            >
            <button type="button" class="go" @click="start(line)">{{ $t('today.start') }}</button>
          </div>
        </li>
      </ul>
      <p>
        <RouterLink to="/table/begin">{{ $t('recording.begin.several') }}</RouterLink>
      </p>
      <AddPerson
        v-if="signedIn.me?.person.role === 'COACH'"
        :label="$t('today.studentName')"
        :action="$t('today.addStudent')"
        :add="addStudent"
        @added="reload"
      />
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 20px 24px;
  max-width: 1180px;
}
.students {
  list-style: none;
  padding: 0;
  margin: 16px 0 24px;
}
.students > li {
  display: grid;
  grid-template-columns: minmax(160px, 220px) minmax(0, 1fr) auto;
  gap: 8px 24px;
  align-items: start;
  padding: 14px 0;
  border-top: 1px solid var(--hairline);
}
.person h2 {
  overflow-wrap: anywhere;
}
.sessions li {
  display: flex;
  gap: 4px 18px;
  flex-wrap: wrap;
  padding: 2px 0;
}
.now {
  color: var(--amber-text);
  font-weight: 700;
}
.act {
  display: flex;
  gap: 10px;
}
.go {
  min-height: 48px;
  display: inline-flex;
  align-items: center;
  padding: 0 16px;
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  text-decoration: none;
  cursor: pointer;
}
.main {
  background: var(--amber-lit);
  border-color: var(--amber-text);
  color: var(--on-amber);
}
@media (max-width: 760px) {
  .students > li {
    grid-template-columns: 1fr;
  }
}
</style>
