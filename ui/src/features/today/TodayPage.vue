<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { answer, api } from '@/api/client'
import { useSignedIn } from '@/device/useSignedIn'
import AddPerson from '@/shared/AddPerson.vue'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import NoticeList from './NoticeList.vue'
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

async function addStudent(name: string) {
  return answer(api.POST('/api/v1/students', { body: { name } }))
}
</script>

<template>
  <main class="page">
    <h1>{{ $t('today.title') }}</h1>
    <NoticeList />
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="data?.students.length === 0" class="quiet">{{ $t('today.empty') }}</p>
      <p v-if="group.problem.value" role="alert" class="small">{{ group.problem.value }}</p>
      <ul class="bare students">
        <StudentToday
          v-for="line in data?.students"
          :key="line.student.id"
          :line="line"
          :progress="group.data.value?.find(({ studentId }) => studentId === line.student.id)"
          :alone="!isCoach"
        />
      </ul>
      <p>
        <RouterLink to="/table/begin">{{ $t('recording.begin.several') }}</RouterLink>
      </p>
      <AddPerson
        v-if="isCoach"
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
}
.students {
  margin: 12px 0 24px;
}
@media (max-width: 620px) {
  .page {
    padding: 12px;
  }
}
</style>
