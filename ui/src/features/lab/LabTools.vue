<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { saveAs } from '@/shared/saveAs'
import type { Panel, Row } from './panels'

/** What can be taken away: the address, the page on paper, the numbers as a file. */
const props = defineProps<{ panel: Panel; rows: Row[] }>()
const { t } = useI18n()
const copied = ref('')

async function copyLink(): Promise<void> {
  try {
    await navigator.clipboard.writeText(window.location.href)
    copied.value = t('lab.linkCopied')
  } catch {
    // Over plain http a browser has no clipboard for pages.
    copied.value = t('lab.linkByHand')
  }
}

function print(): void {
  window.print()
}

/** Points for decimals and full figures, whatever the reader's language: for a spreadsheet or a script. */
function saveTable(): void {
  const names = props.panel.columns.map(({ name }) => name).filter((name) => name !== 'tip')
  const lines = props.rows.map((row) => names.map((name) => row[name] ?? '').join(','))
  saveAs(
    new Blob([[names.join(','), ...lines, ''].join('\r\n')], { type: 'text/csv' }),
    `lab-${props.panel.key}.csv`,
  )
}
</script>

<template>
  <p class="tools no-print">
    <Button :label="t('lab.copyLink')" severity="secondary" size="small" @click="copyLink" />
    <Button :label="t('lab.print')" severity="secondary" size="small" @click="print" />
    <Button :label="t('lab.saveTable')" severity="secondary" size="small" @click="saveTable" />
    <span v-if="copied" role="status" class="small">{{ copied }}</span>
  </p>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 12px 0;
}
</style>
