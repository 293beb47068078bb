<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { dateOf, dayAlone, dayFromToday } from '@/shared/days'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** Blocks of the chosen student or of everybody, and one key that plans the coming week of all that run. */
const props = defineProps<{ studentId: string | undefined; isCoach: boolean }>()
const emit = defineEmits<{ planned: [] }>()
const { t } = useI18n()
const router = useRouter()
const { busy, problem, run } = useAction()
const said = ref('')
const DAYS_PER_WEEK = 7

const {
  data,
  problem: notLoaded,
  reload,
} = useLoad(() =>
  answer(
    api.GET('/api/v1/blocks', {
      params: { query: props.studentId ? { studentId: props.studentId } : {} },
    }),
  ),
)
onMounted(reload)
watch(() => props.studentId, reload)

function day(text: string): string {
  return dateOf(text).toLocaleDateString('en', { day: 'numeric', month: 'short' })
}

/** From the Monday of this week: what has begun and has no plans yet is planned too. */
function monday(): string {
  const date = dateOf(dayFromToday(0))
  date.setDate(date.getDate() - ((date.getDay() + DAYS_PER_WEEK - 1) % DAYS_PER_WEEK))
  return dayAlone(date)
}

async function planAll(): Promise<void> {
  said.value = ''
  await run(async () => {
    const { blocks } = await answer(api.POST('/api/v1/plan-weeks', { body: { from: monday() } }))
    said.value = blocks ? t('plan.block.planned', { n: blocks }, blocks) : t('plan.block.nonePlanned')
  })
  emit('planned')
}
</script>

<template>
  <section>
    <h2>{{ t('plan.block.title') }}</h2>
    <p v-if="data?.length === 0" class="small quiet">{{ t('plan.block.lead') }}</p>
    <p v-if="notLoaded || problem" role="alert">{{ notLoaded || problem }}</p>
    <ul class="bare">
      <li v-for="block in data" :key="block.id">
        <strong class="figures">{{ t('plan.block.from', { day: day(block.beginsOn) }) }}</strong>
        <div>
          <RouterLink :to="`/plan/blocks/${block.id}`" class="title">{{ block.title }}</RouterLink>
          <span v-if="isCoach" class="small">{{ block.studentName }}</span>
          <p class="bare small quiet">
            {{ t('plan.block.heading', { weeks: block.weeks.length, name: block.studentName }) }}
          </p>
        </div>
      </li>
    </ul>
    <p class="keys">
      <Button severity="secondary" :label="t('plan.block.new')" @click="router.push('/plan/blocks/new')" />
      <Button
        v-if="isCoach && data?.length"
        severity="secondary"
        :label="t('plan.block.planAll')"
        :loading="busy"
        @click="planAll"
      />
      <span v-if="said" role="status">{{ said }}</span>
    </p>
  </section>
</template>

<style scoped>
h2 {
  margin: 22px 0 6px;
}
li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: 4px 20px;
  padding: 10px 0;
  border-top: 1px solid var(--hairline);
}
.title {
  margin-right: 12px;
  font-weight: 600;
  font-size: 18px;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
