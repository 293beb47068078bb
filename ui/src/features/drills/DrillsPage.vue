<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, onMounted, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import DrillCard from './DrillCard.vue'
import { ANY, matches, NO_FILTER, type DrillFilter } from './drillFilter'

const { t } = useI18n()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/drills')))
onMounted(reload)

const filter = reactive<DrillFilter>({ ...NO_FILTER })
const entries = computed(() => data.value?.drills ?? [])
const shown = computed(() => entries.value.filter((entry) => matches(entry.drill, filter)))
const drawings = computed(
  () => new Map((data.value?.tables ?? []).map((table) => [table.presetId, table.drawing])),
)

function options(values: string[], label: (value: string) => string) {
  return [
    { value: ANY, label: t('drills.any') },
    ...[...new Set(values)].sort().map((value) => ({ value, label: label(value) })),
  ]
}
const skills = computed(() =>
  options(
    entries.value.map((entry) => entry.drill.skill),
    (skill) => t(`skill.${skill}`),
  ),
)
const families = computed(() =>
  options(
    entries.value.map((entry) => entry.drill.family),
    (family) => family,
  ),
)
const games = computed(() =>
  options(
    entries.value.flatMap((entry) => entry.drill.games),
    (game) => t(`drills.game.${game}`),
  ),
)
const minutes = computed(() => [
  { value: 0, label: t('drills.any') },
  ...[10, 15, 20].map((value) => ({ value, label: t('drills.upTo', { minutes: value }) })),
])
const filtered = computed(() => shown.value.length !== entries.value.length)
</script>

<template>
  <main class="page">
    <header>
      <h1>{{ t('drills.title') }}</h1>
      <p class="quiet" role="status">
        {{ t('drills.count', { n: shown.length, of: entries.length }) }}
        <button v-if="filtered" type="button" class="link" @click="Object.assign(filter, NO_FILTER)">
          {{ t('drills.showAll') }}
        </button>
      </p>
    </header>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <form class="filters no-print" @submit.prevent>
        <label class="search">
          {{ t('drills.search') }}
          <InputText v-model="filter.text" type="search" fluid />
        </label>
        <label>
          {{ t('drills.skill') }}
          <Select v-model="filter.skill" :options="skills" option-label="label" option-value="value" fluid />
        </label>
        <label>
          {{ t('drills.family') }}
          <Select
            v-model="filter.family"
            :options="families"
            option-label="label"
            option-value="value"
            fluid
          />
        </label>
        <label>
          {{ t('drills.gameLabel') }}
          <Select v-model="filter.game" :options="games" option-label="label" option-value="value" fluid />
        </label>
        <label>
          {{ t('drills.minutesLabel') }}
          <Select
            v-model="filter.minutes"
            :options="minutes"
            option-label="label"
            option-value="value"
            fluid
          />
        </label>
      </form>
      <p v-if="shown.length === 0" class="quiet">
        {{ entries.length === 0 ? t('drills.empty') : t('drills.noMatch') }}
      </p>
      <ul class="cards">
        <li v-for="entry in shown" :key="entry.drill.id">
          <DrillCard :entry="entry" :table="drawings.get(entry.homeTable)" />
        </li>
      </ul>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
}
header {
  display: flex;
  align-items: baseline;
  gap: 20px;
}
header p {
  margin: 0;
}
.filters {
  display: grid;
  grid-template-columns: minmax(180px, 2fr) repeat(4, minmax(120px, 1fr));
  gap: 12px;
  margin: 12px 0 4px;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
.cards {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 20px 24px;
}
@media (max-width: 800px) {
  .filters {
    grid-template-columns: 1fr 1fr;
  }
  .search {
    grid-column: 1 / -1;
  }
  .page {
    padding: 12px;
  }
}
</style>
