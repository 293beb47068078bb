<script setup lang="ts">
import ChoiceField from '@/shared/ChoiceField.vue'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { useLoad } from '@/shared/useLoad'

/** What can be printed or saved of the station that is shown. */
const props = defineProps<{
  drillId: string
  tableId: string
  station: number
  /** Of a pattern: for its drawing and its paper target; the card prints every shot. */
  shot: number
  mirrored: boolean
  hasZone: boolean
}>()
const { t } = useI18n()
const PAPERS = [
  { value: 'A4' as const, label: 'A4' },
  { value: 'LETTER' as const, label: 'Letter' },
]
const paper = ref<'A4' | 'LETTER'>(navigator.language === 'en-US' ? 'LETTER' : 'A4')

const query = computed(() =>
  new URLSearchParams({
    tableId: props.tableId,
    station: String(props.station),
    mirrored: String(props.mirrored),
  }).toString(),
)
/** How many sheets the whole target takes: said before anybody prints it. */
const sheets = useLoad(async () => {
  if (!props.hasZone) return undefined
  const { drillId: id, tableId, station, shot, mirrored } = props
  return await answer(
    api.GET('/api/v1/drills/{id}/target-sheets', {
      params: { path: { id }, query: { tableId, station, shot, mirrored, paper: paper.value } },
    }),
  )
})
watch([() => ({ ...props }), paper], sheets.reload, { immediate: true })

function file(name: string, ofOneShot = true): string {
  const shot = ofOneShot ? `&shot=${props.shot}` : ''
  return `/api/v1/drills/${encodeURIComponent(props.drillId)}/${name}?${query.value}${shot}`
}
</script>

<template>
  <p class="paper no-print">
    <a :href="`${file('card.pdf', false)}&paper=${paper}`" target="_blank">{{ t('drills.card') }}</a>
    <template v-if="hasZone && sheets.data.value">
      <a :href="`${file('target.pdf')}&paper=${paper}`" target="_blank">{{
        t('drills.paperTarget', { n: sheets.data.value.sheets }, sheets.data.value.sheets)
      }}</a>
      <a
        v-if="sheets.data.value.sheets > 1"
        :href="`${file('target.pdf')}&paper=${paper}&marksOnly=true`"
        target="_blank"
        >{{ t('drills.paperMarks') }}</a
      >
    </template>
    <ChoiceField v-model="paper" hide-label :label="t('drills.paperSize')" :options="PAPERS" />
    <a :href="file('diagram.svg')" target="_blank">SVG</a>
    <a :href="file('diagram.png')" target="_blank">PNG</a>
  </p>
</template>

<style scoped>
.paper {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
}
a {
  color: var(--amber-text);
}
select {
  font: inherit;
  min-height: 36px;
  background: var(--paper-raised);
  color: var(--ink);
  border: 1px solid var(--edge);
  border-radius: 6px;
}
</style>
