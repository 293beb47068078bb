<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDrillText } from '@/i18n/terms'
import type { LibraryEntry, LibraryFolder, TableDrawing } from '@/api/types'
import ShotMarks from '@/table/ShotMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import { useGradeWords } from '@/shared/useGradeWords'
import { useSeen } from '@/shared/useSeen'

/** A drill in the library; its thumbnail is drawn when it comes into view. */
const props = defineProps<{ entry: LibraryEntry; table?: TableDrawing; folders: LibraryFolder[] }>()
const emit = defineEmits<{ favourite: [on: boolean]; folder: [id: string, on: boolean] }>()
const { t } = useI18n()
const drillText = useDrillText()
const gradeWords = useGradeWords()
/** "259 Chalk to 429 Slate"; the band once where it is the same. */
const grades = computed(() => {
  const range = props.entry.grades
  if (!range) return ''
  const easiest = gradeWords(range.easiest)
  const hardest = gradeWords(range.hardest)
  const from = t(`grades.band.${range.easiestBand}`)
  const to = t(`grades.band.${range.hardestBand}`)
  if (easiest === hardest) return `${easiest} ${from}`
  return t('library.grade', {
    easiest: from === to ? easiest : `${easiest} ${from}`,
    hardest: `${hardest} ${to}`,
  })
})
const card = useTemplateRef<HTMLElement>('card')
const seen = useSeen(card)
</script>

<template>
  <article ref="card" class="card">
    <RouterLink :to="`/drills/${entry.drill.id}`" class="whole">
      <span class="thumbnail">
        <TableDiagram
          v-if="seen && table"
          :table="table"
          :label="t('drills.thumbnail', { title: entry.drill.title })"
        >
          <ShotMarks v-if="entry.firstShot" :shot="entry.firstShot" small />
        </TableDiagram>
      </span>
      <h2>{{ entry.drill.title }}</h2>
      <span class="purpose">{{ drillText(entry.drill.purpose, entry.drill.id) }}</span>
      <span class="quiet small">
        {{ t(`skill.${entry.drill.skill}`) }} · {{ t('drills.stationCount', entry.drill.stations) }} ·
        {{ t('drills.minutes', { minutes: entry.drill.minutes }) }}
        <template v-if="entry.grades"> · {{ grades }}</template>
        <template v-if="entry.drill.explore"> · {{ t('drills.explore') }}</template>
        <template v-if="entry.origin === 'OWN'"> · {{ t('library.own') }}</template>
        <template v-if="entry.origin === 'OWN_SHARED'"> · {{ t('library.ownShared') }}</template>
        <template v-if="entry.origin === 'CLUB'">
          · {{ t('library.madeBy', { name: entry.madeBy }) }}</template
        >
        <strong v-if="!entry.firstShot"> · {{ t('library.unfinished') }}</strong>
      </span>
    </RouterLink>
    <span class="marks no-print">
      <button
        type="button"
        class="favourite"
        :aria-pressed="entry.favourite"
        :aria-label="t('library.favourite', { title: entry.drill.title })"
        @click="emit('favourite', !entry.favourite)"
      >
        <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M6 3h12v18l-6-5-6 5z" /></svg>
      </button>
      <details v-if="folders.length > 0">
        <summary class="small">{{ t('library.putIn') }}</summary>
        <label v-for="folder in folders" :key="folder.id">
          <Checkbox
            :model-value="entry.folders.includes(folder.id)"
            binary
            @update:model-value="emit('folder', folder.id, !entry.folders.includes(folder.id))"
          />
          {{ folder.name }}
        </label>
      </details>
    </span>
  </article>
</template>

<style scoped>
.card {
  content-visibility: auto;
  contain-intrinsic-size: 280px 300px;
}
.whole {
  display: flex;
  flex-direction: column;
  gap: 4px;
  color: inherit;
  text-decoration: none;
}
.thumbnail {
  display: block;
  aspect-ratio: 1.82;
}
h2 {
  margin: 4px 0 0;
}
.whole:hover h2 {
  text-decoration: underline;
}
.purpose {
  min-height: 2.6em;
}
.marks {
  display: flex;
  gap: 12px;
  align-items: start;
}
.favourite {
  width: 40px;
  height: 36px;
  padding: 6px 10px 6px 0;
  border: 0;
  background: none;
  cursor: pointer;
}
.favourite path {
  fill: none;
  stroke: var(--ink-second);
  stroke-width: 2;
}
.favourite[aria-pressed='true'] path {
  fill: var(--amber);
  stroke: var(--amber);
}
details {
  padding-top: 6px;
}
summary {
  color: var(--amber-text);
}
details label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 32px;
}
</style>
