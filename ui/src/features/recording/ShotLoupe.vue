<script setup lang="ts">
import { computed, ref } from 'vue'
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
  /** Of the table beside it. */
  tableMillimetresPerPixel?: number
}>()

/** In less room than that it would show the target no larger than the table does, and a tap on it would be no surer. */
const LEAST_ENLARGEMENT = 1.1
const cloth = ref<InstanceType<typeof RecordingCloth>>()
const enlarges = computed(() => {
  const here = cloth.value?.millimetresPerPixel
  const beside = props.tableMillimetresPerPixel
  return here === undefined || beside === undefined || beside >= LEAST_ENLARGEMENT * here
})

const SIDE_IN_ZONE_RADII = 2.6
const SMALLEST_SIDE_MILLIMETRES = 420
const closeUp = computed(() => ({
  centre: props.shot.target,
  sideMillimetres: Math.max(
    SMALLEST_SIDE_MILLIMETRES,
    SIDE_IN_ZONE_RADII * (props.shot.zone?.radiusMillimetres ?? 0),
  ),
}))
/** What is drawn is what the table draws. */
const drawn = computed(() => {
  const { table, portrait, shot, attempts, latestId, chosenId, cross } = props
  return { table, portrait, shot, attempts, latestId, chosenId, cross, closeUp: closeUp.value }
})
const caption = computed(() => (props.shot.zone ? 'recording.loupe' : 'recording.loupeAtContact'))
</script>

<template>
  <figure class="loupe" :class="{ useless: !enlarges }">
    <RecordingCloth ref="cloth" v-bind="{ ...drawn, ...$attrs }" :label="$t(caption)" />
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
/* It keeps its room: by that it is known when there is enough again. */
.useless {
  visibility: hidden;
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
