<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Library } from '@/api/types'
import { BANDS } from '@/shared/bands'
import { ANY, type DrillFilter } from './drillFilter'

/** What the library is narrowed by. */
const props = defineProps<{ library: Library }>()
const filter = defineModel<DrillFilter>({ required: true })
const { t } = useI18n()

function choices(values: string[], label: (value: string) => string) {
  return [
    { value: ANY, label: t('drills.any') },
    ...[...new Set(values)].sort().map((value) => ({ value, label: label(value) })),
  ]
}
const drills = computed(() => props.library.drills.map((entry) => entry.drill))
const lists = computed(() => [
  {
    name: 'shelf' as const,
    label: t('library.shelf'),
    options: [
      { value: ANY, label: t('library.shelves.all') },
      ...['favourites', 'own', 'club'].map((value) => ({ value, label: t(`library.shelves.${value}`) })),
      ...props.library.folders.map(({ id, name }) => ({ value: id, label: t('library.folder', { name }) })),
    ],
  },
  {
    name: 'skill' as const,
    label: t('drills.skill'),
    options: choices(
      drills.value.map((drill) => drill.skill),
      (skill) => t(`skill.${skill}`),
    ),
  },
  {
    name: 'family' as const,
    label: t('drills.family'),
    options: choices(
      drills.value.map((drill) => drill.family),
      (family) => family,
    ),
  },
  {
    name: 'game' as const,
    label: t('drills.gameLabel'),
    options: choices(
      drills.value.flatMap((drill) => drill.games),
      (game) => t(`drills.game.${game}`),
    ),
  },
  {
    name: 'table' as const,
    label: t('library.table'),
    options: choices(
      drills.value.flatMap((drill) => drill.tablePresets),
      (table) => t(`bench.tables.${table}`),
    ),
  },
  {
    name: 'band' as const,
    label: t('grades.filter'),
    options: [
      { value: ANY, label: t('drills.any') },
      ...BANDS.map(({ name }) => ({ value: name, label: t(`grades.band.${name}`) })),
    ],
  },
  {
    name: 'minutes' as const,
    label: t('drills.minutesLabel'),
    options: [
      { value: 0, label: t('drills.any') },
      ...[10, 15, 20].map((value) => ({ value, label: t('drills.upTo', { minutes: value }) })),
    ],
  },
])

function set(part: Partial<DrillFilter>): void {
  filter.value = { ...filter.value, ...part }
}
</script>

<template>
  <form class="filters no-print" @submit.prevent>
    <label class="search">
      {{ t('drills.search') }}
      <InputText
        :model-value="filter.text"
        type="search"
        fluid
        @update:model-value="(text) => set({ text: text ?? '' })"
      />
    </label>
    <label v-for="list in lists" :key="list.name">
      {{ list.label }}
      <Select
        :model-value="filter[list.name]"
        :options="list.options"
        option-label="label"
        option-value="value"
        fluid
        @update:model-value="(value) => set({ [list.name]: value })"
      />
    </label>
  </form>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: minmax(160px, 2fr) repeat(7, minmax(96px, 1fr));
  gap: 12px;
  margin: 12px 0 4px;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
  min-width: 0;
}
.filters :deep(.p-select) {
  min-width: 0;
}
@media (max-width: 1100px) {
  .filters {
    grid-template-columns: repeat(3, 1fr);
  }
  .search {
    grid-column: 1 / -1;
  }
}
@media (max-width: 600px) {
  .filters {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
