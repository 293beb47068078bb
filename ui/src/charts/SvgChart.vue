<script setup lang="ts">
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'

// SVG: it prints sharp, takes the theme's colours as they are, and a test can read it.
use([SVGRenderer])

/** A drawing by the chart library, one picture to screen readers; its numbers stand in a table beside it. */
defineProps<{ option: Record<string, unknown>; label: string }>()
</script>

<template>
  <VChart :option="option" :init-options="{ renderer: 'svg' }" autoresize role="img" :aria-label="label" />
</template>
