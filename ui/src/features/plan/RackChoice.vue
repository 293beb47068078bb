<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { PlanItem } from '@/api/types'
import AddField from '@/shared/AddField.vue'
import { rackLine, useGameName } from '@/shared/useGameName'
import { useLoad } from '@/shared/useLoad'
import type { PlanDraft } from './usePlanDraft'

/** One of the games that can be played on the plan's table; a few racks of it become a line. */
const props = defineProps<{ plan: PlanDraft }>()
const emit = defineEmits<{ chosen: [{ item: PlanItem }] }>()
const { t } = useI18n()
const gameName = useGameName()
const USUAL_RACKS = 3
const MINUTES_A_RACK = 5

const tableId = computed(() => props.plan.draft.value?.tableId ?? props.plan.proposal.value?.tableId)
const games = useLoad(async () =>
  tableId.value
    ? await answer(api.GET('/api/v1/racks/games', { params: { query: { tableId: tableId.value } } }))
    : [],
)
watch(tableId, () => void games.reload(), { immediate: true })

const choices = computed(() => {
  const taken = new Set((props.plan.draft.value?.items ?? []).map(({ drillId }) => drillId))
  return (games.data.value ?? [])
    .map(({ game }) => ({ id: rackLine(game.key), name: gameName(game.key) }))
    .filter(({ id }) => !taken.has(id))
})

function choose(drillId: string): void {
  const players = Math.max(1, props.plan.students.value.length)
  const minutes = USUAL_RACKS * MINUTES_A_RACK * players
  emit('chosen', {
    item: { drillId, role: 'TEST', minutes, tries: USUAL_RACKS, locked: true, places: [] },
  })
}
</script>

<template>
  <AddField :label="t('plan.chooseRacks')" :options="choices" @chosen="choose" />
</template>
