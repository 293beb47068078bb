<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import TrendChart from '@/charts/TrendChart.vue'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'

/** Own error sizes by periods of four weeks; shown from the second period on. */
const props = defineProps<{ studentId: string }>()
const { t } = useI18n()
const { data, busy, problem, reload } = useLoad(() =>
  answer(
    api.GET('/api/v1/students/{id}/error-sizes/over-time', { params: { path: { id: props.studentId } } }),
  ),
)
onMounted(reload)

const CAUSES = ['PACE', 'HEIGHT', 'AIM'] as const
const charts = computed(() =>
  CAUSES.map((cause) => ({
    cause,
    points: (data.value ?? []).flatMap(({ from, sizes }) => {
      const size = sizes.sizes.find((one) => one.cause === cause)
      const note = t('progress.sizesNote', { landings: sizes.landings, pots: sizes.pots })
      return size ? [{ at: from, value: size.sd, lower: size.lower, upper: size.upper, note }] : []
    }),
  })),
)
</script>

<template>
  <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
    <div v-if="(data?.length ?? 0) > 1" class="grid">
      <article v-for="chart in charts" :key="chart.cause">
        <h3>{{ t('progress.sizeOverTime', { cause: t(`progress.cause.${chart.cause}`) }) }}</h3>
        <TrendChart
          :label="t('progress.sizeOverTime', { cause: t(`progress.cause.${chart.cause}`) })"
          :y-name="t(`progress.sizeUnit.${chart.cause}`)"
          :series="[{ name: t(`progress.cause.${chart.cause}`), points: chart.points }]"
          :digits="1"
          :y-min="0"
        />
      </article>
    </div>
  </PageState>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 14px 28px;
}
h3 {
  margin: 8px 0 0;
  font-size: 16px;
}
h3::first-letter {
  text-transform: uppercase;
}
</style>
