<script setup lang="ts">
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PossibleDrill } from '@/api/types'
import type { PlanDraft } from './usePlanDraft'

/** One of the drills that could stand in the plan and do not yet. */
const props = defineProps<{ plan: PlanDraft; label: string }>()
const emit = defineEmits<{ chosen: [PossibleDrill] }>()
const { t } = useI18n()
const picked = ref<string>()

const choices = computed(() => {
  const taken = new Set((props.plan.draft.value?.items ?? []).map(({ drillId }) => drillId))
  return [...props.plan.possible.value.values()]
    .filter(({ item }) => !taken.has(item.drillId))
    .map((one) => ({ ...one, label: `${one.title} · ${t(`skill.${one.skill}`)}` }))
})

function choose(drillId: string): void {
  const one = props.plan.possible.value.get(drillId)
  if (one) emit('chosen', one)
  picked.value = undefined
}
</script>

<template>
  <Select
    v-if="choices.length"
    v-model="picked"
    :options="choices"
    option-label="label"
    option-value="item.drillId"
    filter
    auto-filter-focus
    :aria-label="label"
    :placeholder="label"
    @update:model-value="choose"
  />
</template>
