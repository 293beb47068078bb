<script setup lang="ts">
import StrokeSliders from './StrokeSliders.vue'
import type { TriedStroke } from './useTriedStroke'

/** The sliders of what is tried. */
const props = defineProps<{ tried: TriedStroke }>()
const { pace, height, problem, usual, path } = props.tried
</script>

<template>
  <StrokeSliders
    v-model:pace="pace"
    v-model:height="height"
    :problem="problem"
    :usual="usual"
    :aim-milliradians="path?.aim?.halfWidthMilliradians"
  />
</template>
