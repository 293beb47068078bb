<script setup lang="ts">
import { useTemplateRef, type ComponentPublicInstance } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LibraryEntry, TableDrawing } from '@/api/types'
import ShotMarks from '@/table/ShotMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import { useSeen } from '@/shared/useSeen'

/** A drill in the library; its thumbnail is drawn when it comes into view. */
defineProps<{ entry: LibraryEntry; table?: TableDrawing }>()
const { t } = useI18n()
const card = useTemplateRef<ComponentPublicInstance>('card')
const seen = useSeen(card)
</script>

<template>
  <RouterLink ref="card" :to="`/drills/${entry.drill.id}`" class="card">
    <span class="thumbnail">
      <TableDiagram
        v-if="seen && table"
        :table="table"
        :label="t('drills.thumbnail', { title: entry.drill.title })"
      >
        <ShotMarks :shot="entry.firstShot" small />
      </TableDiagram>
    </span>
    <h2>{{ entry.drill.title }}</h2>
    <span class="purpose">{{ entry.drill.purpose }}</span>
    <span class="quiet small">
      {{ t(`skill.${entry.drill.skill}`) }} · {{ t('drills.stationCount', entry.drill.stations) }} ·
      {{ t('drills.minutes', { minutes: entry.drill.minutes }) }}
      <template v-if="entry.drill.explore"> · {{ t('drills.explore') }}</template>
    </span>
  </RouterLink>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 4px;
  color: inherit;
  text-decoration: none;
  content-visibility: auto;
  contain-intrinsic-size: 280px 260px;
}
.thumbnail {
  display: block;
  aspect-ratio: 1.82;
}
h2 {
  margin: 4px 0 0;
}
.card:hover h2 {
  text-decoration: underline;
}
.purpose {
  min-height: 2.6em;
}
</style>
