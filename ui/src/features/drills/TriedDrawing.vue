<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TableDrawing } from '@/api/types'
import BallHandles from '@/table/BallHandles.vue'
import ShotMarks from '@/table/ShotMarks.vue'
import ShotPathMarks from '@/table/ShotPathMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import type { TriedStroke } from './useTriedStroke'

/** The set-up with balls that can be moved and the path of what is tried; alone in this part, so that a drag draws nothing else anew. */
const props = defineProps<{ tried: TriedStroke; table: TableDrawing; mirrored: boolean }>()
const { t } = useI18n()
const { shot, moved, isMoved, moveBall, shownWay, path, askedAt } = props.tried
const cueLabel = computed(() => shot.value?.balls.find((ball) => ball.role === 'CUE')?.label ?? '')
</script>

<template>
  <div v-if="shot" class="drawing">
    <TableDiagram :table="table" :label="t('drills.setUp')" interactive>
      <ShotMarks :shot="shot" :plain="isMoved" />
      <ShotPathMarks v-if="shownWay && !mirrored" :path="shownWay" :cue-label="cueLabel" />
      <ShotPathMarks v-else-if="path" :path="path" :cue-label="cueLabel" :data-asked-at="askedAt" />
      <BallHandles :balls="shot.balls" @move="moveBall" />
    </TableDiagram>
    <p class="small quiet legend">
      <template v-if="isMoved">
        {{ t('drills.movedBalls') }}
        <button type="button" class="link" @click="moved = {}">{{ t('drills.putBack') }}</button>
      </template>
      <template v-else>{{ t('drills.dragBalls') }}</template>
      {{ t('drills.legendGhost') }} · {{ t('drills.legendPot') }} · {{ t('drills.legendArrival') }}
    </p>
  </div>
</template>

<style scoped>
.drawing :deep(svg) {
  max-height: 56vh;
}
.legend {
  margin: 6px 0 0;
}
</style>
