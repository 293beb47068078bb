<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Point, TableDrawing } from '@/api/types'
import { useTape } from './useTape'

/** A place read as a tape would: sights, and mm to the ball's centre from the two nearest cushions. */
const props = defineProps<{ table: TableDrawing; place: Point | undefined }>()
const { t } = useI18n()
const tape = useTape()

const reading = computed(() => {
  const { place, table } = props
  if (!place) return ''
  const along = ((8 * place.xMillimetres) / table.lengthMillimetres).toFixed(2)
  const across = ((4 * place.yMillimetres) / table.widthMillimetres).toFixed(2)
  return t('recording.placing', { sights: t('drills.sights', { along, across }), ...tape(table, place) })
})
</script>

<template>
  <p class="small figures quiet">{{ reading }}</p>
</template>

<style scoped>
p {
  margin: 0;
  min-height: 40px;
}
@media (max-width: 620px) {
  p {
    display: none;
  }
}
</style>
