<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { CheckPlace, TableDrawing } from '@/api/types'
import TableDiagram from '@/table/TableDiagram.vue'
import CheckArrow from './CheckArrow.vue'

/** Where the mark is and which way the ball goes; portrait where the window is. */
const props = defineProps<{ table: TableDrawing; place?: CheckPlace; portrait?: boolean }>()
const { t } = useI18n()
const label = computed(() => t('kit.checkPage.drawing'))
</script>

<template>
  <TableDiagram :table="props.table" :label="label" :portrait="portrait">
    <CheckArrow v-if="place" :place="place" :table="props.table" />
  </TableDiagram>
</template>
