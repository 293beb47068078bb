<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PossibleDrill } from '@/api/types'
import AddField from '@/shared/AddField.vue'
import type { PlanDraft } from './usePlanDraft'

/** One of the drills that could stand in the plan and do not yet. */
const props = defineProps<{ plan: PlanDraft; label: string }>()
const emit = defineEmits<{ chosen: [PossibleDrill] }>()
const { t } = useI18n()

const choices = computed(() => {
  const taken = new Set((props.plan.draft.value?.items ?? []).map(({ drillId }) => drillId))
  return [...props.plan.possible.value.values()]
    .filter(({ item }) => !taken.has(item.drillId))
    .map(({ item, title, skill }) => ({ id: item.drillId, name: `${title} · ${t(`skill.${skill}`)}` }))
})

function choose(drillId: string): void {
  const one = props.plan.possible.value.get(drillId)
  if (one) emit('chosen', one)
}
</script>

<template>
  <AddField :label="label" :options="choices" filter @chosen="choose" />
</template>
