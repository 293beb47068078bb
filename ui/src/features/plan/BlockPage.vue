<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { Block, BlockBody } from '@/api/types'
import ChooseStudent from '@/shared/ChooseStudent.vue'
import PageState from '@/shared/PageState.vue'
import { dayFromToday, ZONE } from '@/shared/days'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useAction } from '@/shared/useAction'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import BlockAsked from './BlockAsked.vue'
import BlockResult from './BlockResult.vue'
import BlockWeeks from './BlockWeeks.vue'

/** Three or four weeks of one student: what each week is for, its plans, and at the end what came of it. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const router = useRouter()
const hand = useHand()
const { studentId } = useAboutStudent()
const draft = ref<BlockBody>()
const block = shallowRef<Block>()
const said = ref('')
const { busy, problem, run } = useAction()
const isNew = computed(() => props.id === 'new')
const mine = computed(() => block.value?.mine !== false)
const USUAL = { weeks: 4, minutes: 60, newMinutes: 5 } as const

function bodyOf(one: Block): BlockBody {
  return {
    studentId: one.studentId,
    title: one.title,
    beginsOn: one.beginsOn,
    weeks: one.weeks.length,
    weekdays: one.weekdays,
    minutes: one.minutes,
    focus: one.focus,
    newShot: one.newShot,
    newMinutes: one.newMinutes,
    mixed: one.mixed,
    tableId: one.tableId,
    revision: one.revision,
  }
}

function fresh(student: string): BlockBody {
  return {
    studentId: student,
    title: t('plan.block.untitled'),
    beginsOn: dayFromToday(0),
    weeks: USUAL.weeks,
    weekdays: ['TUESDAY', 'THURSDAY'],
    minutes: USUAL.minutes,
    focus: [],
    newMinutes: USUAL.newMinutes,
    mixed: true,
    revision: 0,
  }
}

const loaded = useLoad(async () => {
  const path = { id: props.id }
  const query = { zone: ZONE }
  block.value = await answer(api.GET('/api/v1/blocks/{id}', { params: { path, query } }))
  draft.value = bodyOf(block.value)
  return true
})

async function preview(): Promise<void> {
  const body = draft.value
  if (!body || body.weekdays.length === 0) return
  await run(async () => {
    block.value = await answer(api.POST('/api/v1/block-previews', { body }))
  })
}

async function begin(): Promise<void> {
  if (!isNew.value) return loaded.reload()
  if (!studentId.value) return
  draft.value = fresh(studentId.value)
  await preview()
}
onMounted(begin)
watch([() => props.id, studentId], begin)

/** What the weeks would be is shown at once; kept only when somebody says so. */
async function changed(body: BlockBody): Promise<void> {
  said.value = ''
  draft.value = body
  if (isNew.value) await preview()
}

async function save(): Promise<void> {
  const body = draft.value
  if (!body) return
  const well = await run(async () => {
    const query = { zone: ZONE }
    block.value = isNew.value
      ? await answer(api.POST('/api/v1/blocks', { body }))
      : await answer(
          api.PUT('/api/v1/blocks/{id}', { params: { path: { id: props.id }, query }, body }),
        ).catch(takeTheirs)
    draft.value = bodyOf(block.value)
  })
  if (!well) return
  said.value = t('plan.saved')
  if (isNew.value && block.value?.id) await router.replace(`/plan/blocks/${block.value.id}`)
}

/** Changed by somebody else meanwhile: the page shows theirs, and the sentence says so. */
function takeTheirs(error: unknown): never {
  if (error instanceof Problem && error.current) block.value = error.current as Block
  throw error
}

async function planWeek(week: number): Promise<void> {
  await run(async () => {
    const path = { id: props.id, week }
    block.value = await answer(
      api.POST('/api/v1/blocks/{id}/weeks/{week}', { params: { path, query: { zone: ZONE } } }),
    )
  })
}

async function archive(): Promise<void> {
  const well = await run(() =>
    answer(api.POST('/api/v1/blocks/{id}/archive', { params: { path: { id: props.id } } })),
  )
  if (well) await router.push('/plan')
}

const name = computed(() => block.value?.studentName ?? hand.hand.studentName ?? '…')
</script>

<template>
  <main class="page">
    <template v-if="isNew && !studentId">
      <h1>{{ t('plan.block.new') }}</h1>
      <ChooseStudent />
    </template>
    <PageState
      v-else
      :busy="loaded.busy.value"
      :problem="draft ? '' : loaded.problem.value"
      :ready="draft !== undefined"
      @retry="begin"
    >
      <template v-if="draft">
        <header>
          <h1>{{ t('plan.block.heading', { weeks: draft.weeks, name }) }}</h1>
          <RouterLink to="/plan">{{ t('plan.allPlans') }}</RouterLink>
        </header>
        <p v-if="!mine" class="quiet">{{ t('plan.block.made') }}</p>
        <BlockAsked v-else :body="draft" @changed="changed" />
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
        <p v-if="mine" class="keys no-print">
          <Button :label="t('plan.save')" :loading="busy" @click="save" />
          <Button
            v-if="!isNew"
            severity="secondary"
            :label="t('plan.archive')"
            :disabled="busy"
            @click="archive"
          />
          <span v-if="said" role="status" class="quiet">{{ said }}</span>
        </p>
        <template v-if="block">
          <BlockWeeks :block="block" :may-plan="mine && !isNew" :busy="busy" @plan="planWeek" />
          <BlockResult v-if="!isNew" :block="block" />
        </template>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 1100px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: baseline;
}
.keys {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
