<script setup lang="ts">
import { use } from 'echarts/core'
import { BarChart, CustomChart, LineChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import SvgChart from './SvgChart.vue'
import { dateOf } from '@/shared/days'
import { errorBars, lineSeries, barSeries, axes, type TrendSeries, type Guide } from './trendOption'

use([BarChart, CustomChart, GridComponent, LineChart, MarkLineComponent, TooltipComponent])

/** Figures over time with their intervals, and the same figures as a table. Series differ by mark and dash, so grey print tells them apart. */
const props = defineProps<{
  label: string
  yName: string
  series: TrendSeries[]
  bars?: boolean
  digits?: number
  yMin?: number
  yMax?: number
  guides?: Guide[]
}>()
const { t } = useI18n()

function day(at: string): string {
  return dateOf(at).toLocaleDateString(undefined, { day: 'numeric', month: 'short' })
}

function number(value: number): string {
  const digits = props.digits ?? 0
  return value.toLocaleString(undefined, { minimumFractionDigits: digits, maximumFractionDigits: digits })
}

function words(value: number, lower?: number, upper?: number): string {
  return lower === undefined || upper === undefined
    ? number(value)
    : t('chart.range', { value: number(value), lower: number(lower), upper: number(upper) })
}

const option = computed(() => ({
  animation: false,
  ...axes(props.yName, { min: props.yMin, max: props.yMax, right: props.guides ? 44 : 12, day, number }),
  tooltip: {
    trigger: 'item',
    confine: true,
    formatter: ({ seriesIndex, dataIndex }: { seriesIndex: number; dataIndex: number }) => {
      // Each series is followed by its error bars.
      const one = props.series[Math.floor(seriesIndex / 2)]
      const point = one?.points[dataIndex]
      if (!one || !point) return ''
      const { at, value, lower, upper, note } = point
      return [day(at), `${one.name}: ${words(value, lower, upper)}`, note ?? ''].filter(Boolean).join('<br>')
    },
  },
  series: props.series.flatMap((one, index) => [
    props.bars ? barSeries(one) : lineSeries(one, index, index === 0 ? (props.guides ?? []) : []),
    errorBars(one, index),
  ]),
}))

const rows = computed(() =>
  props.series.flatMap((one) =>
    one.points.map((point) => ({ key: `${one.name} ${point.at}`, name: one.name, ...point })),
  ),
)
</script>

<template>
  <figure class="trend">
    <SvgChart class="drawing" :option="option" :label="label" />
    <p v-if="series.length > 1" class="legend small">
      <span v-for="(one, index) in series" :key="one.name">{{ ['●', '◆', '▲'][index] }} {{ one.name }}</span>
    </p>
    <details class="small">
      <summary>{{ t('chart.asTable') }}</summary>
      <table class="figures">
        <caption class="visually-hidden">
          {{
            label
          }}
        </caption>
        <thead>
          <tr>
            <th scope="col">{{ t('chart.day') }}</th>
            <th v-if="series.length > 1" scope="col"></th>
            <th scope="col">{{ yName }}</th>
            <th scope="col"></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key">
            <td>{{ day(row.at) }}</td>
            <td v-if="series.length > 1">{{ row.name }}</td>
            <td>{{ words(row.value, row.lower, row.upper) }}</td>
            <td class="quiet">{{ row.note }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </figure>
</template>

<style scoped>
.trend {
  margin: 0;
  min-width: 0;
}
.drawing {
  height: 190px;
}
.legend {
  display: flex;
  gap: 16px;
  margin: 0;
}
table {
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 2px 14px 2px 0;
}
summary {
  min-height: 28px;
  color: var(--amber-text);
}
</style>
