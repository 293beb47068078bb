<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'

/** The first and the last day of a selection; either may be left open. They live in the address. */
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const days = computed(() => ({ from: route.query.from ?? '', to: route.query.to ?? '' }))

async function change(end: 'from' | 'to', event: Event): Promise<void> {
  const value = (event.target as HTMLInputElement).value
  const rest = Object.entries(route.query).filter(([key]) => key !== end)
  await router.replace({ query: { ...Object.fromEntries(rest), ...(value ? { [end]: value } : {}) } })
  emit('changed')
}
</script>

<template>
  <p class="days">
    <label
      >{{ t('review.from') }} <input type="date" :value="days.from" @change="change('from', $event)"
    /></label>
    <label>{{ t('review.to') }} <input type="date" :value="days.to" @change="change('to', $event)" /></label>
  </p>
</template>

<style scoped>
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
}
</style>
