<script setup lang="ts">
import { onMounted } from 'vue'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import DrillThumbnail from './DrillThumbnail.vue'
import { useTables } from './useTables'

const { tableId } = useTables()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/drills')))
onMounted(reload)
</script>

<template>
  <main class="page">
    <h1>{{ $t('drills.title') }}</h1>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="data?.length === 0" class="quiet">{{ $t('drills.empty') }}</p>
      <ul>
        <li v-for="drill in data" :key="drill.id">
          <RouterLink :to="`/drills/${drill.id}`">
            <DrillThumbnail v-if="tableId" :drill-id="drill.id" :table-id="tableId" :title="drill.title" />
            <span class="text">
              <h2>{{ drill.title }}</h2>
              <span>{{ drill.purpose }}</span>
              <span class="quiet small">{{
                $t('drills.lead', {
                  minutes: drill.minutes,
                  stations: drill.stations,
                  skill: $t(`skill.${drill.skill}`),
                })
              }}</span>
            </span>
          </RouterLink>
        </li>
      </ul>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 20px 24px;
  max-width: 1100px;
}
ul {
  list-style: none;
  padding: 0;
}
a {
  display: grid;
  grid-template-columns: minmax(160px, 280px) 1fr;
  gap: 20px;
  color: inherit;
  text-decoration: none;
  padding: 12px 0;
  border-top: 1px solid var(--hairline);
}
.text {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
a:hover h2 {
  text-decoration: underline;
}
@media (max-width: 620px) {
  a {
    grid-template-columns: 1fr;
  }
}
</style>
