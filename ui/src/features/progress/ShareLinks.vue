<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import ChoiceField from '@/shared/ChoiceField.vue'
import { mediumDay } from '@/shared/days'
import OnceSecret from '@/shared/OnceSecret.vue'
import LineKey from '@/shared/LineKey.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** The report for somebody without a sign-in, by a link that ends by itself. */
const props = defineProps<{ studentId: string; note: string }>()
const { t } = useI18n()
const path = () => ({ id: props.studentId })
const { data, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/students/{id}/report-links', { params: { path: path() } })),
)
const { busy, problem: notDone, run } = useAction()
onMounted(reload)
watch(
  () => props.studentId,
  () => {
    address.value = ''
    void reload()
  },
)

const DAYS = ['7', '14', '30', '90'] as const
const days = DAYS.map((value) => ({ value, label: t(`share.day${value}`) }))
const goodFor = ref<(typeof DAYS)[number]>('14')
const address = ref('')

async function make(): Promise<void> {
  const well = await run(async () => {
    const made = await answer(
      api.POST('/api/v1/students/{id}/report-links', {
        params: { path: path() },
        body: { note: props.note, paper: 'A4', days: Number(goodFor.value) },
      }),
    )
    address.value = window.location.origin + made.path
  })
  if (well) await reload()
}
async function end(linkId: string): Promise<void> {
  const params = { path: { ...path(), linkId } }
  if (await run(() => answer(api.DELETE('/api/v1/students/{id}/report-links/{linkId}', { params })))) {
    address.value = ''
    await reload()
  }
}
</script>

<template>
  <div>
    <h3>{{ t('share.title') }}</h3>
    <p class="bare small quiet">{{ t('share.lead') }}</p>
    <form class="in-line" novalidate @submit.prevent="make">
      <ChoiceField v-model="goodFor" :label="t('share.days')" :options="days" />
      <Button type="submit" severity="secondary" :label="t('share.make')" :loading="busy" />
    </form>
    <p v-if="problem || notDone" role="alert" class="problem">{{ problem || notDone }}</p>
    <OnceSecret v-if="address" :lead="t('share.made')" :text="address" />
    <ul class="bare small with-keys">
      <li v-for="one in data" :key="one.id">
        {{
          t('share.listed', {
            name: one.madeBy,
            day: mediumDay(one.madeAt),
            end: mediumDay(one.expiresAt),
            n: one.opened,
          })
        }}
        <LineKey
          :words="t('share.end')"
          :spoken="t('share.endOf', { day: mediumDay(one.madeAt) })"
          @click="end(one.id)"
        />
      </li>
    </ul>
  </div>
</template>
