<script setup lang="ts">
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Block } from '@/api/types'
import { dayFromToday, ZONE } from '@/shared/days'
import PeriodTable from '@/shared/PeriodTable.vue'
import { percent } from '@/shared/units'
import { useLoad } from '@/shared/useLoad'
import { usePeriodWords } from '@/shared/usePeriodWords'

/** Whether a block has helped: its first week against its test week, the same stations only, with what so few tries can show at all. */
const props = defineProps<{ block: Block }>()
const { t } = useI18n()
const words = usePeriodWords()
const first = computed(() => props.block.weeks[0])
const last = computed(() => props.block.weeks[props.block.weeks.length - 1])
const isTime = computed(() => last.value !== undefined && last.value.from <= dayFromToday(0))

const { data, problem, reload } = useLoad(async () => {
  if (!isTime.value || !first.value || !last.value) return undefined
  return answer(
    api.GET('/api/v1/students/{id}/periods', {
      params: {
        path: { id: props.block.studentId },
        query: {
          from: first.value.from,
          to: first.value.to,
          laterFrom: last.value.from,
          laterTo: last.value.to,
          zone: ZONE,
        },
      },
    }),
  )
})
onMounted(reload)
watch(isTime, reload)
</script>

<template>
  <section>
    <h2>{{ t('plan.block.result') }}</h2>
    <p v-if="!isTime" class="quiet">{{ t('plan.block.resultLater') }}</p>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="data">
      <p v-if="data.stations.length === 0">{{ t('plan.block.nothingRepeated') }}</p>
      <template v-else>
        <p class="headline">
          <strong>{{ t(`progress.overall.${data.overall.verdict}`) }}</strong> {{ words(data.overall) }}
        </p>
        <p v-if="data.overall.visible !== undefined">
          {{ t('progress.periods.visible', { points: percent(data.overall.visible) }) }}
        </p>
        <p v-if="data.orderChanged">{{ t('progress.periods.orderChanged') }}</p>
        <PeriodTable :periods="data" :student-id="block.studentId" />
      </template>
    </template>
  </section>
</template>
