<script setup lang="ts">
import { use } from 'echarts/core'
import { BarChart, LineChart } from 'echarts/charts'
import { GridComponent, MarkPointComponent, TooltipComponent } from 'echarts/components'
import { computed } from 'vue'
import SvgChart from './SvgChart.vue'
import { curveAxes, curveSeries, type Curve, type Mark } from './curveOption'

use([BarChart, GridComponent, LineChart, MarkPointComponent, TooltipComponent])

/** Figures against each other, as curves or stacked bars; its numbers stand in a table beside it. */
const props = defineProps<{
  label: string
  xName: string
  yName: string
  curves: Curve[]
  marks?: Mark[]
  digits?: number
}>()

function number(value: number): string {
  return value.toLocaleString(undefined, { maximumFractionDigits: props.digits ?? 1 })
}

const strongest = computed(() =>
  Math.max(
    0,
    props.curves.findIndex(({ strong }) => strong),
  ),
)
const option = computed(() => ({
  animation: false,
  ...curveAxes(props.xName, props.yName, number),
  tooltip: {
    trigger: 'item',
    confine: true,
    formatter: ({ seriesIndex, data }: { seriesIndex: number; data: [number, number] }) =>
      `${props.curves[seriesIndex]?.name ?? ''}: ${number(data[0])}, ${number(data[1])}`,
  },
  series: props.curves.map((curve, index) =>
    curveSeries(curve, index, index === strongest.value ? (props.marks ?? []) : []),
  ),
}))
const bars = computed(() => props.curves.filter(({ bars }) => bars))
</script>

<template>
  <figure class="curves">
    <SvgChart class="drawing" :option="option" :label="label" />
    <figcaption v-if="bars.length" class="small">
      <span v-for="(one, index) in bars" :key="one.name"><i :class="`part-${index}`" />{{ one.name }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.curves {
  margin: 0;
  min-width: 0;
}
.drawing {
  height: 250px;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
i {
  display: inline-block;
  width: 12px;
  height: 12px;
  margin-right: 6px;
}
.part-0 {
  background: var(--slate);
}
.part-1 {
  background: var(--amber);
}
.part-2 {
  background: var(--brick);
}
</style>
