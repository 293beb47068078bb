<script setup lang="ts">
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { ErrorSizes } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'

/** A student's own error sizes: what advice and chances are weighed with, as far as they can be told. */
const props = defineProps<{ studentId: string }>()
const { t } = useI18n()
const { figure } = useUnits()
const { data, busy, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/students/{id}/error-sizes', { params: { path: { id: props.studentId } } })),
)
onMounted(reload)

function bias({ cause, value }: ErrorSizes['biases'][number]): string {
  const size = t(`progress.size.${cause}`, { sd: figure(Math.abs(value), 1) })
  return t(`progress.bias.${cause}.${value > 0 ? 'more' : 'less'}`, { size })
}
</script>

<template>
  <section data-testid="sizes">
    <h2>{{ t('progress.sizes') }}</h2>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <table v-if="data" class="figures">
        <tbody>
          <tr v-for="size in data.sizes" :key="size.cause">
            <th scope="row">{{ t(`progress.cause.${size.cause}`) }}</th>
            <template v-if="size.sd !== undefined">
              <td class="value">{{ t(`progress.size.${size.cause}`, { sd: figure(size.sd, 1) }) }}</td>
              <td class="quiet small">
                {{
                  t('progress.range', {
                    lower: figure(size.lower ?? size.sd, 1),
                    upper: figure(size.upper ?? size.sd, 1),
                  })
                }}
              </td>
            </template>
            <td v-else colspan="2" class="quiet">{{ t('progress.notToldYet') }}</td>
          </tr>
        </tbody>
      </table>
      <ul v-if="data && data.biases.length > 0" class="bare">
        <li v-for="one in data.biases" :key="one.cause">{{ bias(one) }}</li>
      </ul>
      <p v-if="data" class="small quiet">{{ t('progress.sizesOf', { attempts: data.attempts }) }}</p>
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
