<script setup lang="ts">
import { computed, toRef } from 'vue'
import ShotMarks from '@/table/ShotMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import { useDrillOnTable } from './useDrillOnTable'

const props = defineProps<{ drillId: string; tableId: string; title: string }>()
const { data } = useDrillOnTable(toRef(props, 'drillId'), toRef(props, 'tableId'))
const shot = computed(() => data.value?.drill.stations[0]?.original[0])
</script>

<template>
  <span class="thumbnail">
    <TableDiagram v-if="data && shot" :table="data.table.drawing" :label="title">
      <ShotMarks :shot="shot" />
    </TableDiagram>
  </span>
</template>

<style scoped>
.thumbnail {
  display: block;
  aspect-ratio: 1.82;
}
</style>
