<script setup lang="ts">
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'

/** A student's own error sizes: what advice and chances are weighed with. */
const props = defineProps<{ studentId: string }>()
const { t } = useI18n()
const { figure } = useUnits()
const { data, busy, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/students/{id}/error-sizes', { params: { path: { id: props.studentId } } })),
)
onMounted(reload)
/** Below this the figure is mostly what was believed before (methods.md, errorSds). */
const MOSTLY_PRIOR = 0.3
</script>

<template>
  <section>
    <h2>{{ t('progress.sizes') }}</h2>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <table v-if="data" class="figures">
        <tbody>
          <tr v-for="size in data.sizes" :key="size.cause">
            <th scope="row">{{ t(`progress.cause.${size.cause}`) }}</th>
            <td class="value">{{ t(`progress.size.${size.cause}`, { sd: figure(size.sd, 1) }) }}</td>
            <td class="quiet small">
              {{ t('progress.range', { lower: figure(size.lower, 1), upper: figure(size.upper, 1) }) }}
              <template v-if="size.resolution < MOSTLY_PRIOR"> · {{ t('progress.mostlyPrior') }}</template>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="data && !data.trusted" class="small">{{ t('progress.sizesTooLarge') }}</p>
      <p v-if="data" class="small quiet">
        {{ t('progress.sizesOf', { landings: data.landings, pots: data.pots }) }}
      </p>
    </PageState>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 4px 16px 4px 0;
}
.value {
  font-weight: 700;
}
</style>
