<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { LayoutFile } from '@/api/types'
import RackFileIn from './RackFileIn.vue'

/** Saved layouts out to a file and in again. */
const props = defineProps<{ tableId: string; kept: number }>()
const emit = defineEmits<{ done: [] }>()
const { t } = useI18n()

/** The server checks every part of it and says what is wrong. */
async function send(content: object): Promise<{ sentence: string; refused: string[] }> {
  const query = { tableId: props.tableId }
  const read = await answer(
    api.POST('/api/v1/racks/layouts/import', { params: { query }, body: content as LayoutFile }),
  )
  return {
    sentence: t('racks.file.layoutsRead', { n: read.read, already: read.already }, read.read),
    refused: read.refused.map(({ number, why }) => t('racks.file.refused', { n: number, why })),
  }
}
</script>

<template>
  <p v-if="kept" class="bare">
    <a href="/api/v1/racks/layouts/export.json" download>{{ t('racks.file.allLayouts') }}</a>
  </p>
  <RackFileIn :label="t('racks.file.layouts')" :send="send" @done="emit('done')" />
</template>
