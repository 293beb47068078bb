<script setup lang="ts">
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { PresetRow } from '@/api/types'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'
import { useUnits } from '@/shared/units'
import KitDialog from './KitDialog.vue'

/** A table to add: its name and its kind. */
const props = defineProps<{ presets: PresetRow[] }>()
const emit = defineEmits<{ done: []; close: [] }>()
const { t } = useI18n()
const { length } = useUnits()
const { busy, problem, run } = useAction()
const draft = reactive({ name: '', presetId: props.presets[0]?.id ?? '' })
const options = computed(() =>
  props.presets.map(({ id, kind, lengthMillimetres }) => ({
    id,
    name: t('kit.presetName', { kind: t(`lab.kind.${kind}`), length: length(lengthMillimetres) }),
  })),
)

async function save(): Promise<void> {
  if (await run(() => answer(api.POST('/api/v1/kit/tables', { body: { ...draft } })))) emit('done')
}
</script>

<template>
  <KitDialog :title="t('kit.add.table')" :busy="busy" :problem="problem" @save="save" @close="emit('close')">
    <TextField v-model="draft.name" class="wide" :label="t('kit.name')" :most="80" fluid required />
    <SelectField v-model="draft.presetId" class="wide" :label="t('kit.kind')" :options="options" />
  </KitDialog>
</template>
