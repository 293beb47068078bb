<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TableDrawing } from '@/api/types'
import ArrowMark from './ArrowMark.vue'

/** Which way a slow ball is drawn on this table: a small arrow in a corner of the bed, on every drawing of it. */
const props = defineProps<{ table: TableDrawing }>()
const { t } = useI18n()
/** Beside the corner pocket, clear of the line through the spots. */
const [ALONG_SHARE, ACROSS_SHARE] = [0.045, 0.8]
const HALF_MILLIMETRES = 55
const WIDTH_MILLIMETRES = 9

const arrow = computed(() => {
  const radians = ((props.table.drift?.degrees ?? 0) * Math.PI) / 180
  const at = (along: number) => ({
    xMillimetres: ALONG_SHARE * props.table.lengthMillimetres + along * Math.cos(radians),
    yMillimetres: ACROSS_SHARE * props.table.widthMillimetres + along * Math.sin(radians),
  })
  return { from: at(-HALF_MILLIMETRES), to: at(HALF_MILLIMETRES) }
})
const words = computed(() =>
  t('table.drift', { mm: Math.round(props.table.drift?.millimetres ?? 0).toString() }),
)
</script>

<template>
  <g v-if="table.drift" class="drift">
    <title>{{ words }}</title>
    <ArrowMark v-bind="arrow" :width-millimetres="WIDTH_MILLIMETRES" />
  </g>
</template>

<style scoped>
.drift {
  color: var(--chalk);
  opacity: 0.75;
}
</style>
