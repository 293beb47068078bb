<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'

const hand = useHand()
const signedIn = useSignedIn()
const student = computed(() => {
  const me = signedIn.me?.person
  return me?.role === 'STUDENT'
    ? { id: me.id, name: me.name }
    : { id: hand.hand.studentId, name: hand.hand.studentName }
})
const { data, busy, problem, reload } = useLoad(async () => {
  const id = student.value.id
  return id ? answer(api.GET('/api/v1/students/{id}/sessions', { params: { path: { id } } })) : []
})
onMounted(reload)

function when(instant: string): string {
  return new Date(instant).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
}
</script>

<template>
  <main class="page">
    <h1>{{ $t('review.title') }}</h1>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="!data?.length" class="quiet">
        {{ $t('review.noSession') }} <RouterLink to="/drills">{{ $t('recording.toDrills') }}</RouterLink>
      </p>
      <template v-else>
        <h2>{{ $t('review.choose', { name: student.name }) }}</h2>
        <p class="no-print">
          {{ $t('review.files') }}
          <a :href="`/api/v1/students/${student.id}/attempts.csv`" download>CSV</a> ·
          <a :href="`/api/v1/students/${student.id}/attempts.json`" download>JSON</a>
        </p>
        <ul>
          <li v-for="session in data" :key="session.id">
            <RouterLink :to="`/review/${session.id}`">{{
              session.drills.map((one) => one.title).join(', ')
            }}</RouterLink>
            <span class="quiet figures">{{ when(session.startedAt) }} · {{ session.tableName }}</span>
          </li>
        </ul>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 20px 24px;
}
li {
  display: flex;
  gap: 16px;
  padding: 8px 0;
}
ul {
  list-style: none;
  padding: 0;
}
</style>
