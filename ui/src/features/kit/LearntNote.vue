<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, onUnmounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import { useKitWords } from './useKitWords'

/** What called strokes on this table tell: a proposal with its evidence, taken only by a coach. */
const props = defineProps<{ tableId: string }>()
const emit = defineEmits<{ taken: [] }>()
const { t } = useI18n()
const { figure } = useUnits()
const words = useKitWords()
const { busy, problem: notTaken, run } = useAction()
const LOOK_AGAIN_MILLISECONDS = 2000
const path = computed(() => ({ id: props.tableId }))
const { data, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/kit/tables/{id}/learning', { params: { path: path.value } })),
)
let timer: ReturnType<typeof setTimeout> | undefined
async function look(): Promise<void> {
  await reload()
  if (data.value?.state === 'WORKING') timer = setTimeout(() => void look(), LOOK_AGAIN_MILLISECONDS)
}
onMounted(look)
onUnmounted(() => clearTimeout(timer))

const lead = computed(() => {
  const now = data.value
  if (!now || now.state === 'WORKING') return t('kit.learnt.working')
  if (now.state === 'FAILED') return t('kit.learnt.failed')
  if (now.strokes === 0) return t('kit.learnt.none')
  const evidence = { strokes: now.strokes, students: now.students }
  if (now.numbers.length === 0) return t('kit.learnt.few', evidence)
  return t(`kit.learnt.${now.proposes ? 'differs' : 'agrees'}`, evidence)
})
const UNIT = 100
/** "strikes 4 % harder than called (1 to 7 %)"; nothing where the interval holds none. */
const paces = computed(() =>
  (data.value?.paces ?? [])
    .filter(({ times }) => times.lower > 1 || times.upper < 1)
    .map(({ name, times }) => {
      const harder = times.figure > 1
      const share = (value: number) => figure(UNIT * Math.abs(value - 1), 0)
      const ends = [share(times.lower), share(times.upper)].sort((a, b) => Number(a) - Number(b))
      return t(`kit.learnt.${harder ? 'harder' : 'softer'}`, {
        name,
        n: share(times.figure),
        lower: ends[0],
        upper: ends[1],
      })
    }),
)

async function take(): Promise<void> {
  const body = { version: data.value?.version ?? 0 }
  const well = await run(() =>
    answer(api.POST('/api/v1/kit/tables/{id}/learning/take', { params: { path: path.value }, body })),
  )
  if (well) {
    emit('taken')
    await look()
  }
}
</script>

<template>
  <section class="learnt">
    <h2>{{ t('kit.learnt.title') }}</h2>
    <p class="bare" role="status">{{ problem || lead }}</p>
    <ul v-if="data?.numbers.length" class="bare">
      <li v-for="row in data.numbers" :key="row.number" :class="{ differs: row.differs }">
        {{ t(`kit.number.${row.number}`) }}: <strong>{{ words.said(row.number, row.learnt.figure) }}</strong>
        <span class="small quiet">
          {{ words.interval(row.number, row.learnt) }};
          {{ t('kit.checkPage.was', { value: words.said(row.number, row.believed.figure) }) }}
        </span>
      </li>
    </ul>
    <p v-for="line in paces" :key="line" class="bare small">{{ line }}</p>
    <p v-if="notTaken" role="alert" class="bare problem">{{ notTaken }}</p>
    <Button
      v-if="data?.proposes"
      class="no-print take"
      severity="secondary"
      :label="t('kit.learnt.take')"
      :disabled="busy"
      @click="take"
    />
  </section>
</template>

<style scoped>
.learnt {
  display: grid;
  gap: 6px;
  margin-top: 16px;
}
.take {
  justify-self: start;
}
</style>
