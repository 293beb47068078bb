<script setup lang="ts">
import DateField from '@/shared/DateField.vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'

/** The first and the last day of a selection; either may be left open. They live in the address. */
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const ENDS = ['from', 'to'] as const
const days = computed(() => ({ from: String(route.query.from ?? ''), to: String(route.query.to ?? '') }))

async function change(end: 'from' | 'to', value: string): Promise<void> {
  const rest = Object.entries(route.query).filter(([key]) => key !== end)
  await router.replace({ query: { ...Object.fromEntries(rest), ...(value ? { [end]: value } : {}) } })
  emit('changed')
}
</script>

<template>
  <div class="days">
    <DateField
      v-for="end in ENDS"
      :key="end"
      :model-value="days[end]"
      :label="t(`review.${end}`)"
      @update:model-value="(day) => change(end, day)"
    />
  </div>
</template>

<style scoped>
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
}
</style>
