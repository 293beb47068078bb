<script setup lang="ts">
import { computed } from 'vue'
import type { Point, Shot, TableDrawing } from '@/api/types'
import type { LocalAttempt } from './attemptOrder'
import RecordingCloth from './RecordingCloth.vue'

defineOptions({ inheritAttrs: false })

/** The target and what lies round it, enlarged; takes taps as the table does: all that it is given goes on to its drawing. */
const props = defineProps<{
  table: TableDrawing
  portrait: boolean
  shot: Shot
  attempts: LocalAttempt[]
  latestId?: string
  chosenId?: string
  cross?: Point
}>()

const SIDE_IN_ZONE_RADII = 2.6
const SMALLEST_SIDE_MILLIMETRES = 420
const closeUp = computed(() => ({
  centre: props.shot.target,
  sideMillimetres: Math.max(
    SMALLEST_SIDE_MILLIMETRES,
    SIDE_IN_ZONE_RADII * (props.shot.zone?.radiusMillimetres ?? 0),
  ),
}))
const caption = computed(() => (props.shot.zone ? 'recording.loupe' : 'recording.loupeAtContact'))
</script>

<template>
  <figure class="loupe">
    <RecordingCloth v-bind="{ ...props, ...$attrs }" :close-up="closeUp" :label="$t(caption)" />
    <figcaption class="small quiet">{{ $t(caption) }}</figcaption>
  </figure>
</template>

<style scoped>
.loupe {
  margin: 0;
  flex: 1;
  min-height: 100px;
  display: flex;
  flex-direction: column;
}
.loupe :deep(.drawing) {
  flex: 1;
  min-height: 0;
  border: 1px solid var(--hairline);
}
@media (max-width: 620px) {
  .loupe {
    display: none;
  }
}
</style>
