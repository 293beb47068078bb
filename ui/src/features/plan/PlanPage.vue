<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Plan, PlanBody } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import { ZONE } from '@/shared/days'
import DateField from '@/shared/DateField.vue'
import NumberField from '@/shared/NumberField.vue'
import PageState from '@/shared/PageState.vue'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import PlanLines from './PlanLines.vue'
import PlanTime from './PlanTime.vue'
import { useStartPlan } from '@/shared/useStartPlan'
import { BANDS, type Band, withoutPeople } from './planBody'
import { usePlanDraft } from './usePlanDraft'

/** One plan: proposed, changed by hand, planned again round what is kept, saved, started. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const { figure } = useUnits()
const route = useRoute()
const router = useRouter()
const { isCoach, studentId } = useAboutStudent()
const plan = usePlanDraft()
const { starting, problem: startProblem, start } = useStartPlan()
const band = ref<Band>('usual')
const said = ref('')
const paper = navigator.language === 'en-US' ? 'LETTER' : 'A4'
const USUAL_MINUTES = 60

const everybody = useLoad(async () =>
  isCoach.value ? await answer(api.GET('/api/v1/students')) : [(await answer(api.GET('/api/v1/me'))).person],
)

function fresh(students: string[], minutes: number): PlanBody {
  return {
    title: t('plan.untitled'),
    studentIds: students,
    pattern: false,
    minutes,
    bandLow: BANDS.usual[0],
    bandHigh: BANDS.usual[1],
    mixed: false,
    withTest: false,
    items: [],
    revision: 0,
  }
}

/** From nothing, from a pattern, or as a copy of an earlier plan. */
async function beginNew(): Promise<void> {
  await everybody.reload()
  const known = Object.fromEntries((everybody.data.value ?? []).map(({ id, name }) => [id, name]))
  const asked = typeof route.query.for === 'string' ? route.query.for : studentId.value
  const from = typeof route.query.from === 'string' ? route.query.from : undefined
  const body = fresh(asked && known[asked] ? [asked] : [], USUAL_MINUTES)
  if (from) {
    const found = await plan.read(from)
    if (!found) return
    Object.assign(body, {
      title: found.pattern ? found.title : t('plan.copyOf', { title: found.title }).slice(0, 80),
      minutes: found.minutes,
      mixed: found.mixed,
      withTest: found.withTest,
      items: withoutPeople(found.items.map(({ item }) => item)),
    })
  }
  plan.begin(body, known)
  await plan.again({})
}

async function load(): Promise<void> {
  if (props.id === 'new') return beginNew()
  await Promise.all([plan.open(props.id), everybody.reload()])
  band.value = bandOf(plan.stored.value)
  await plan.look()
}
onMounted(load)
watch(
  () => props.id,
  async (id) => {
    if (id !== plan.stored.value?.id) await load()
  },
)

const heading = computed(() => {
  const now = plan.draft.value
  if (!now) return t('plan.title')
  const minutes = figure(now.minutes, 0)
  if (now.pattern) return t('plan.headingPattern', { minutes })
  return t('plan.headingFor', {
    minutes,
    names: plan.students.value.map(({ name }) => name).join(', ') || '…',
  })
})
const mine = computed(() => plan.stored.value?.mine !== false)
const state = computed(() => {
  if (!mine.value) return ''
  if (plan.dirty.value) return t('plan.unsaved')
  return plan.stored.value ? t('plan.saved') : ''
})
const chosen = ref<string>()
const choices = computed(() => {
  const taken = new Set((plan.draft.value?.items ?? []).map(({ drillId }) => drillId))
  return [...plan.possible.value.values()]
    .filter(({ item }) => !taken.has(item.drillId))
    .map((one) => ({ ...one, label: `${one.title} · ${t(`skill.${one.skill}`)}` }))
})

function add(drillId: string | null): void {
  const one = drillId ? plan.possible.value.get(drillId) : undefined
  if (one) plan.put(one, plan.draft.value?.items.length ?? 0, false)
  chosen.value = undefined
}

async function choose(ids: string[]): Promise<void> {
  const known = Object.fromEntries((everybody.data.value ?? []).map(({ id, name }) => [id, name]))
  plan.names.value = { ...plan.names.value, ...known }
  await again({ studentIds: ids })
}

async function again(part: Partial<PlanBody> = {}): Promise<void> {
  await plan.again(part, band.value === 'usual' ? undefined : band.value)
}

function bandOf(stored?: Plan): Band {
  const names = Object.keys(BANDS) as Band[]
  return (
    names.find((one) => BANDS[one][0] === stored?.bandLow && BANDS[one][1] === stored.bandHigh) ?? 'usual'
  )
}

async function save(): Promise<boolean> {
  const id = await plan.save()
  if (id && id !== props.id) await router.replace(`/plan/${id}`)
  return id !== undefined
}

async function keepPattern(): Promise<void> {
  const now = plan.draft.value
  if (!now) return
  const kept = await plan.attempt(() =>
    answer(
      api.POST('/api/v1/plans', {
        body: {
          ...now,
          pattern: true,
          studentIds: [],
          items: withoutPeople(now.items),
          revision: 0,
          onDay: undefined,
        },
        params: { query: { zone: ZONE } },
      }),
    ),
  )
  if (kept) said.value = t('plan.keptPattern')
}

async function archive(): Promise<void> {
  const id = plan.stored.value?.id
  const gone =
    !id ||
    (await plan.attempt(() => answer(api.POST('/api/v1/plans/{id}/archive', { params: { path: { id } } }))),
    !plan.problem.value)
  if (!gone) return
  plan.draft.value = undefined
  await router.push('/plan')
}

async function go(): Promise<void> {
  if (plan.dirty.value && mine.value && !(await save())) return
  if (plan.stored.value) await start(plan.stored.value)
}

/** What is not saved is not lost without a word. */
onBeforeRouteLeave(() => (plan.dirty.value && mine.value ? window.confirm(t('plan.leave')) : true))
</script>

<template>
  <main class="page">
    <PageState
      :busy="plan.busy.value"
      :problem="plan.draft.value ? '' : plan.problem.value"
      :ready="plan.draft.value !== undefined"
      @retry="load"
    >
      <template v-if="plan.draft.value">
        <header>
          <h1>{{ heading }}</h1>
          <RouterLink to="/plan">{{ t('plan.allPlans') }}</RouterLink>
        </header>
        <p v-if="!mine" class="quiet">{{ t('plan.made') }}</p>
        <p v-if="plan.problem.value" role="alert" class="problem">
          {{ plan.problem.value }}
          <template v-if="plan.theirs.value">
            <Button
              severity="secondary"
              size="small"
              :label="t('plan.takeTheirs')"
              @click="plan.take(plan.theirs.value)"
            />
            <Button
              severity="secondary"
              size="small"
              :label="t('plan.keepMine')"
              @click="plan.save(plan.theirs.value)"
            />
          </template>
        </p>
        <form v-if="mine" class="asked no-print" @submit.prevent>
          <label>
            {{ t('plan.name') }}
            <InputText
              :model-value="plan.draft.value.title"
              maxlength="80"
              size="small"
              @change="plan.change({ title: ($event.target as HTMLInputElement).value })"
            />
          </label>
          <label v-if="isCoach && !plan.draft.value.pattern">
            {{ t('recording.session.students') }}
            <MultiSelect
              :model-value="plan.draft.value.studentIds"
              :options="everybody.data.value ?? []"
              option-label="name"
              option-value="id"
              :selection-limit="8"
              size="small"
              @update:model-value="choose"
            />
          </label>
          <NumberField
            :label="t('plan.minutesLabel')"
            :min="5"
            :max="600"
            :digits="0"
            :model-value="plan.draft.value.minutes"
            @update:model-value="(minutes: number) => again({ minutes })"
          />
          <DateField
            v-if="!plan.draft.value.pattern"
            dense
            :label="t('plan.day')"
            :model-value="plan.draft.value.onDay ?? ''"
            @update:model-value="(day) => plan.change({ onDay: day || undefined })"
          />
          <ChoiceField
            v-if="!plan.draft.value.pattern"
            :model-value="band"
            :label="t('plan.difficulty')"
            :options="
              (Object.keys(BANDS) as Band[]).map((value) => ({ value, label: t(`plan.bands.${value}`) }))
            "
            @update:model-value="(one) => ((band = one ?? 'usual'), again())"
          />
          <ChoiceField
            :model-value="plan.draft.value.mixed ? 'mixed' : 'blocked'"
            :label="t('plan.order')"
            :options="(['blocked', 'mixed'] as const).map((value) => ({ value, label: t(`plan.${value}`) }))"
            @update:model-value="(one) => plan.change({ mixed: one === 'mixed' })"
          />
          <label class="check">
            <Checkbox
              :model-value="plan.draft.value.withTest"
              binary
              @update:model-value="(withTest: boolean) => again({ withTest })"
            />
            {{ t('plan.withTest') }}
          </label>
        </form>
        <p v-if="plan.proposal.value && plan.proposal.value.remark !== 'NONE'" role="status">
          {{ t(`plan.remark.${plan.proposal.value.remark}`) }}
        </p>
        <p v-if="!plan.draft.value.pattern && plan.draft.value.studentIds.length === 0" role="status">
          {{ t('plan.forWhom') }}
        </p>
        <div class="columns">
          <section>
            <PlanLines :plan="plan" />
            <p v-if="mine && choices.length" class="no-print">
              <Select
                v-model="chosen"
                :options="choices"
                option-label="label"
                option-value="item.drillId"
                filter
                auto-filter-focus
                :aria-label="t('plan.chooseDrill')"
                :placeholder="t('plan.chooseDrill')"
                @update:model-value="add"
              />
            </p>
          </section>
          <aside>
            <PlanTime :plan="plan" />
            <p class="acts no-print">
              <Button
                v-if="!plan.draft.value.pattern"
                :label="t('plan.start')"
                :title="t('plan.startHint')"
                :loading="starting"
                :disabled="plan.draft.value.items.length === 0 || plan.draft.value.studentIds.length === 0"
                fluid
                @click="go"
              />
              <template v-if="mine">
                <Button
                  severity="secondary"
                  :label="t('plan.save')"
                  :disabled="!plan.dirty.value"
                  @click="save"
                />
                <Button severity="secondary" :label="t('plan.again')" @click="again()" />
                <Button
                  severity="secondary"
                  :label="t('plan.undo')"
                  :disabled="!plan.canUndo.value"
                  @click="plan.undo"
                />
                <Button
                  v-if="!plan.draft.value.pattern"
                  severity="secondary"
                  :label="t('plan.keepPattern')"
                  @click="keepPattern"
                />
                <Button
                  v-if="plan.stored.value"
                  severity="secondary"
                  :label="t('plan.archive')"
                  @click="archive"
                />
              </template>
            </p>
            <p v-if="plan.stored.value && !plan.draft.value.pattern" class="no-print">
              <a :href="`/api/v1/plans/${plan.stored.value.id}/sheet.pdf?paper=${paper}`" target="_blank">{{
                t('plan.sheet.print')
              }}</a>
            </p>
            <p v-if="startProblem" role="alert" class="problem">{{ startProblem }}</p>
            <p role="status" class="quiet small">{{ state }}</p>
            <p v-if="said" role="status" class="quiet small">{{ said }}</p>
          </aside>
        </div>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 20px 24px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: baseline;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: start;
  margin: 12px 0;
}
label:not(.check) {
  display: grid;
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
.check {
  display: flex;
  gap: 10px;
  align-items: center;
  align-self: end;
  min-height: 44px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 20px 36px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.problem {
  color: var(--brick-text);
}
@media (max-width: 900px) {
  .page {
    padding: 12px;
  }
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  /* On a phone the one key that matters comes before the lines. */
  aside {
    order: -1;
  }
}
</style>
