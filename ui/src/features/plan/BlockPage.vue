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
import { useUnsaved } from '@/shared/useUnsaved'
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
const touched = ref(false)
/** What somebody else has kept meanwhile. */
const theirs = shallowRef<Block>()
const { busy, problem, run } = useAction()
const isNew = computed(() => props.id === 'new')
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

/** As it is kept; of a new one what its weeks would be. */
const {
  data: block,
  busy: loading,
  problem: notLoaded,
  reload,
  set,
} = useLoad(async () => {
  const body = draft.value
  if (isNew.value && body) return answer(api.POST('/api/v1/block-previews', { body }))
  const params = { path: { id: props.id }, query: { zone: ZONE } }
  return answer(api.GET('/api/v1/blocks/{id}', { params }))
}, begun)
const mine = computed(() => block.value?.mine !== false)

function begun(one: Block): void {
  if (!isNew.value) take(one)
}

function take(one: Block): void {
  draft.value = bodyOf(one)
  theirs.value = undefined
  problem.value = ''
}

async function begin(): Promise<void> {
  if (isNew.value) {
    if (!studentId.value) return
    draft.value = fresh(studentId.value)
    touched.value = false
  } else if (block.value?.id === props.id) return
  await reload()
}
onMounted(begin)
watch([() => props.id, studentId], begin)

/** What the weeks would be is shown at once; kept only when somebody says so. */
async function changed(body: BlockBody): Promise<void> {
  draft.value = body
  touched.value = true
  if (isNew.value && body.weekdays.length > 0) await reload()
}

/** @param over what somebody else has kept meanwhile, which is written over knowingly */
async function save(over?: Block): Promise<void> {
  if (!draft.value) return
  if (over) draft.value = { ...draft.value, revision: over.revision }
  const body = draft.value
  const well = await run(async () => {
    const params = { path: { id: props.id }, query: { zone: ZONE } }
    const kept = isNew.value
      ? await answer(api.POST('/api/v1/blocks', { body }))
      : await answer(api.PUT('/api/v1/blocks/{id}', { params, body })).catch(showTheirs)
    set(kept)
    const now = draft.value
    // What was changed while it was on its way is still to be saved, over what is kept now.
    if (now && now !== body) draft.value = { ...now, revision: kept.revision }
    else take(kept)
  })
  if (!well) return
  if (isNew.value && block.value?.id) await router.replace(`/plan/blocks/${block.value.id}`)
}

/** Changed by somebody else meanwhile: the weeks shown are theirs, and the sentence says so. */
function showTheirs(error: unknown): never {
  if (error instanceof Problem && error.current) theirs.value = error.current as Block
  return showAsItIs(error)
}

function showAsItIs(error: unknown): never {
  if (error instanceof Problem && error.current) set(error.current as Block)
  throw error
}

async function planWeek(week: number): Promise<void> {
  const params = { path: { id: props.id, week }, query: { zone: ZONE } }
  await run(async () => {
    set(await answer(api.POST('/api/v1/blocks/{id}/weeks/{week}', { params })).catch(showAsItIs))
  })
}

async function archive(): Promise<void> {
  const well = await run(() =>
    answer(api.POST('/api/v1/blocks/{id}/archive', { params: { path: { id: props.id } } })),
  )
  if (!well) return
  // Nothing is left to be saved.
  draft.value = undefined
  await router.push('/plan')
}

const dirty = computed(() => {
  if (!draft.value || !block.value) return false
  return isNew.value ? touched.value : JSON.stringify(draft.value) !== JSON.stringify(bodyOf(block.value))
})
useUnsaved(() => dirty.value && mine.value)

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
      :busy="loading"
      :problem="draft ? '' : notLoaded"
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
        <p v-if="problem || notLoaded" role="alert" class="problem">
          {{ problem || notLoaded }}
          <template v-if="theirs">
            <Button severity="secondary" size="small" :label="t('plan.takeTheirs')" @click="take(theirs)" />
            <Button severity="secondary" size="small" :label="t('plan.keepMine')" @click="save(theirs)" />
          </template>
        </p>
        <p v-if="mine" class="keys no-print">
          <Button :label="t('plan.save')" :loading="busy" @click="save()" />
          <Button
            v-if="!isNew"
            severity="secondary"
            :label="t('plan.archive')"
            :disabled="busy"
            @click="archive"
          />
          <span v-if="dirty" role="status" class="quiet">{{ t('plan.unsaved') }}</span>
          <span v-else-if="!isNew" role="status" class="quiet">{{ t('plan.saved') }}</span>
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
