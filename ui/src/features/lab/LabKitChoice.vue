<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import SelectField from '@/shared/SelectField.vue'
import { useLoad } from '@/shared/useLoad'
import type { Kind, LabKit } from './panels'

/** One of the club's tables and cues as they are known; without them what is usual for the game. */
const props = defineProps<{ kind: Kind }>()
const model = defineModel<LabKit>({ required: true })
const { t } = useI18n()
const { data, reload } = useLoad(() => answer(api.GET('/api/v1/kit')))
onMounted(reload)
const tables = computed(() =>
  (data.value?.tables ?? []).filter((one) => !one.archived && one.kind === props.kind),
)
const cues = computed(() => (data.value?.cues ?? []).filter((one) => !one.archived))
</script>

<template>
  <SelectField
    :model-value="model.tableId"
    clears
    :label="t('lab.onTable')"
    :placeholder="t('lab.asUsual')"
    :options="tables"
    @update:model-value="(tableId) => (model = { ...model, tableId: tableId ?? undefined })"
  />
  <SelectField
    :model-value="model.cueId"
    clears
    :label="t('lab.withCue')"
    :placeholder="t('lab.asUsual')"
    :options="cues"
    @update:model-value="(cueId) => (model = { ...model, cueId: cueId ?? undefined })"
  />
</template>
