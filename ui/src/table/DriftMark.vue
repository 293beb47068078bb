<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TableDrawing } from '@/api/types'
import { useFrame } from './tableFrame'

/** Which way a slow ball is drawn on this table: a small arrow in a corner of the bed, on every drawing of it. */
const props = defineProps<{ table: TableDrawing }>()
const { t } = useI18n()
const frame = useFrame()
/** Beside the corner pocket, clear of the line through the spots. */
const [ALONG_SHARE, ACROSS_SHARE] = [0.045, 0.8]
const LENGTH_MILLIMETRES = 110
const HEAD_MILLIMETRES = 26

const at = computed(() =>
  frame.value.tableToSvg({
    xMillimetres: ALONG_SHARE * props.table.lengthMillimetres,
    yMillimetres: ACROSS_SHARE * props.table.widthMillimetres,
  }),
)
const turn = computed(() => frame.value.svgDegrees(props.table.drift?.degrees ?? 0))
const half = LENGTH_MILLIMETRES / 2
const words = computed(() =>
  t('table.drift', { mm: Math.round(props.table.drift?.millimetres ?? 0).toString() }),
)
</script>

<template>
  <g v-if="table.drift" class="drift" :transform="`translate(${at.x} ${at.y}) rotate(${turn})`">
    <title>{{ words }}</title>
    <line :x1="-half" y1="0" :x2="half - HEAD_MILLIMETRES" y2="0" stroke-width="9" />
    <path d="M-1.6 -1 L0 0 L-1.6 1 Z" :transform="`translate(${half} 0) scale(${HEAD_MILLIMETRES})`" />
  </g>
</template>

<style scoped>
.drift line {
  stroke: var(--chalk);
  stroke-opacity: 0.75;
}
.drift path {
  fill: var(--chalk);
  fill-opacity: 0.75;
}
</style>
