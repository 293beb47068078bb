<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { answer, api } from '@/api/client'
import { useSignedIn } from '@/device/useSignedIn'
import AddPerson from '@/shared/AddPerson.vue'
import OneTimeLinks from '@/shared/OneTimeLinks.vue'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import HandOverPart from './HandOverPart.vue'
import NotSeenPart from './NotSeenPart.vue'
import PersonTable from './PersonTable.vue'
import { usePeopleChanges } from './usePeopleChanges'

/** Who is in the club, who coaches whom, and how everybody comes in. */
const signedIn = useSignedIn()
const head = computed(() => signedIn.me?.person.headCoach ?? false)
const me = computed(() => signedIn.me?.person.id ?? '')
const { data, busy, problem, reload } = useLoad(async () => ({
  coaches: await answer(api.GET('/api/v1/coaches')),
  people: await answer(api.GET('/api/v1/roster')),
}))
onMounted(reload)
const changes = usePeopleChanges(reload)

const here = computed(() => data.value?.people.filter((one) => !one.archived) ?? [])
const coaches = computed(() => here.value.filter((one) => one.role === 'COACH'))
const students = computed(() => here.value.filter((one) => one.role === 'STUDENT'))
const archived = computed(() => data.value?.people.filter((one) => one.archived) ?? [])

const addCoach = (name: string) => answer(api.POST('/api/v1/coaches', { body: { name } }))
const addStudent = (name: string) => answer(api.POST('/api/v1/students', { body: { name } }))
</script>

<template>
  <main class="page">
    <h1>{{ $t('people.title') }}</h1>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="changes.problem.value" role="alert" class="refusal">{{ changes.problem.value }}</p>
      <OneTimeLinks />
      <template v-if="head">
        <h2>{{ $t('people.coaches') }}</h2>
        <PersonTable
          :people="coaches"
          :coaches="data?.coaches ?? []"
          :everybody="data?.people ?? []"
          :head="head"
          :me="me"
          :changes="changes"
        />
        <AddPerson
          :label="$t('people.coachName')"
          :action="$t('people.addCoach')"
          :add="addCoach"
          @added="reload"
        />
      </template>
      <h2>{{ $t('people.students') }}</h2>
      <p v-if="students.length === 0" class="quiet">{{ $t('today.empty') }}</p>
      <PersonTable
        v-else
        :people="students"
        :coaches="data?.coaches ?? []"
        :everybody="data?.people ?? []"
        :head="head"
        :me="me"
        :changes="changes"
      />
      <AddPerson
        :label="$t('today.studentName')"
        :action="$t('today.addStudent')"
        :add="addStudent"
        @added="reload"
      />
      <HandOverPart
        v-if="(data?.coaches.length ?? 0) > 1 && students.length"
        :students="students"
        :coaches="data?.coaches ?? []"
        :head="head"
        :me="me"
        @changed="reload"
      />
      <NotSeenPart />
      <details v-if="archived.length">
        <summary>{{ $t('people.archived', { n: archived.length }, archived.length) }}</summary>
        <p class="small quiet">{{ $t('people.archivedMeans') }}</p>
        <PersonTable
          :people="archived"
          :coaches="data?.coaches ?? []"
          :everybody="data?.people ?? []"
          :head="head"
          :me="me"
          :changes="changes"
        />
      </details>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 1240px;
}
h2 {
  margin: 28px 0 8px;
}
details {
  margin-top: 28px;
}
summary {
  font-weight: 600;
}
.refusal {
  color: var(--brick-text);
  font-weight: 600;
}
</style>
