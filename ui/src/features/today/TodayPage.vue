<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { answer, api } from '@/api/client'
import { useSignedIn } from '@/device/useSignedIn'
import AddPerson from '@/shared/AddPerson.vue'
import OneTimeLinks from '@/shared/OneTimeLinks.vue'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import FirstSteps from './FirstSteps.vue'
import NoticeList from './NoticeList.vue'
import PlansToday from './PlansToday.vue'
import StudentToday from './StudentToday.vue'

/** Who is due for what, what was done last, and one step to the table for each. */
const signedIn = useSignedIn()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/today')))
/** What is due and how it goes is worked out beside it: the list does not wait. */
const group = useLoad(async () =>
  isCoach.value ? (await answer(api.GET('/api/v1/group-progress'))).students : [],
)
onMounted(() => Promise.all([reload(), group.reload()]))

const students = computed(() => data.value?.students.map(({ student }) => student) ?? [])
/** A coach with one student at most, and no session yet. */
const firstEvening = computed(
  () =>
    isCoach.value &&
    students.value.length <= 1 &&
    (data.value?.students.every(({ sessions }) => sessions.length === 0) ?? false),
)

async function addStudent(name: string) {
  return answer(api.POST('/api/v1/students', { body: { name } }))
}
</script>

<template>
  <main class="page">
    <h1>{{ $t('today.title') }}</h1>
    <NoticeList />
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <FirstSteps v-if="firstEvening" :students="students" @added="reload" />
      <p v-if="group.problem.value" role="alert" class="small">{{ group.problem.value }}</p>
      <PlansToday v-if="!firstEvening" :alone="!isCoach" />
      <ul v-if="!firstEvening" class="bare students">
        <StudentToday
          v-for="line in data?.students"
          :key="line.student.id"
          :line="line"
          :progress="group.data.value?.find(({ studentId }) => studentId === line.student.id)"
          :alone="!isCoach"
        />
      </ul>
      <p v-if="!firstEvening">
        <RouterLink to="/table/begin">{{ $t('recording.begin.several') }}</RouterLink>
      </p>
      <p v-if="!firstEvening">
        <RouterLink to="/racks">{{ $t('racks.link') }}</RouterLink>
      </p>
      <OneTimeLinks v-if="!firstEvening" />
      <AddPerson
        v-if="isCoach && !firstEvening"
        :label="$t('today.studentName')"
        :action="$t('today.addStudent')"
        :add="addStudent"
        @added="reload"
      />
    </PageState>
  </main>
</template>

<style scoped>
.students {
  margin: 12px 0 24px;
}
</style>
