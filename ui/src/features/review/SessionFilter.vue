<script setup lang="ts">
import DateField from '@/shared/DateField.vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import SelectField from '@/shared/SelectField.vue'

/** Whose sessions, of what, where and when; the address keeps the choice. */
interface Named {
  id: string
  name: string
}
const props = defineProps<{ students?: Named[]; drills: Named[]; tables: Named[] }>()
const { t } = useI18n()
const route = useRoute()
const router = useRouter()

/** A student alone has nobody to choose from. */
const choices = computed(() =>
  [
    { key: 'of', label: t('drills.forStudent'), options: props.students, all: t('sessions.everybody') },
    { key: 'drill', label: t('sessions.drill'), options: props.drills, all: t('sessions.every') },
    { key: 'table', label: t('sessions.table'), options: props.tables, all: t('sessions.every') },
  ].flatMap(({ options, ...rest }) => (options ? [{ ...rest, options }] : [])),
)
const DAYS = ['from', 'to'] as const

function asked(key: string): string | undefined {
  const value = route.query[key]
  return typeof value === 'string' && value ? value : undefined
}

async function narrow(key: string, value: string | null | undefined): Promise<void> {
  await router.replace({ query: { ...route.query, [key]: value || undefined } })
}
</script>

<template>
  <form class="filter no-print" :aria-label="t('sessions.filter')" @submit.prevent>
    <SelectField
      v-for="one in choices"
      :key="one.key"
      :model-value="asked(one.key)"
      :label="one.label"
      :options="one.options"
      :placeholder="one.all"
      clears
      @update:model-value="(id) => narrow(one.key, id)"
    />
    <DateField
      v-for="day in DAYS"
      :key="day"
      :model-value="asked(day) ?? ''"
      :label="t(`sessions.${day}`)"
      @update:model-value="(value) => narrow(day, value)"
    />
  </form>
</template>

<style scoped>
.filter {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 12px 16px;
  max-width: 1100px;
  margin: 14px 0 18px;
}
</style>
