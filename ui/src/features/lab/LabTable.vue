<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Panel, Row } from './panels'

/** The numbers of the answer, a line for each way to do it. */
defineProps<{
  panel: Panel
  rows: Row[]
  numbered: boolean
  cell: (row: Row, column: Panel['columns'][number]) => string
}>()
const { t } = useI18n()
</script>

<template>
  <div class="scroll-aside">
    <table class="lines figures">
      <thead>
        <tr>
          <th v-if="numbered" scope="col">{{ t('lab.number') }}</th>
          <th v-for="column in panel.columns" :key="column.name" scope="col">
            {{ t(`lab.column.${column.name}`) }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, index) in rows" :key="index">
          <td v-if="numbered">{{ index + 1 }}</td>
          <td v-for="column in panel.columns" :key="column.name">{{ cell(row, column) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
td {
  white-space: nowrap;
}
th,
td {
  text-align: right;
  padding: 4px 12px 4px 0;
}
th {
  font-size: 14px;
  vertical-align: bottom;
}
</style>
