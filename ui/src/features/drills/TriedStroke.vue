<script setup lang="ts">
import type { StrikeScale } from '@/api/types'
import StrokeSliders from './StrokeSliders.vue'
import type { TriedStroke } from './useTriedStroke'

/** The sliders of what is tried. */
const props = defineProps<{ tried: TriedStroke; scale: StrikeScale }>()
const { pace, height, side, problem, usual, path } = props.tried
</script>

<template>
  <StrokeSliders
    v-model:pace="pace"
    v-model:height="height"
    :problem="problem"
    :scale="scale"
    :side="side"
    :usual="usual"
    :aim-milliradians="path?.aim?.halfWidthMilliradians"
  />
</template>
