<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Plan, PlanBody, PlanItem } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useLoad } from '@/shared/useLoad'
import { useUnsaved } from '@/shared/useUnsaved'
import { useUnits } from '@/shared/units'
import DrillChoice from './DrillChoice.vue'
import PlanAsked from './PlanAsked.vue'
import PlanKeys from './PlanKeys.vue'
import PlanLines from './PlanLines.vue'
import PlanTime from './PlanTime.vue'
import RackChoice from './RackChoice.vue'
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
const band = ref<Band>('usual')
const USUAL_MINUTES = 60

const everybody = useLoad(async () =>
  isCoach.value ? await answer(api.GET('/api/v1/students')) : [(await answer(api.GET('/api/v1/me'))).person],
)

function namesOf(): Record<string, string> {
  return Object.fromEntries((everybody.data.value ?? []).map(({ id, name }) => [id, name]))
}

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
  const known = namesOf()
  const asked = typeof route.query.for === 'string' ? route.query.for.split(',') : [studentId.value]
  const from = typeof route.query.from === 'string' ? route.query.from : undefined
  const minutes = Number(route.query.minutes)
  const body = fresh(
    asked.filter((id): id is string => id !== undefined && known[id] !== undefined),
    minutes > 0 ? minutes : USUAL_MINUTES,
  )
  if (typeof route.query.day === 'string') body.onDay = route.query.day
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

function add(one: { item: PlanItem }): void {
  plan.put(one, plan.draft.value?.items.length ?? 0, false)
}

async function again(part: Partial<PlanBody> = {}): Promise<void> {
  plan.names.value = { ...plan.names.value, ...namesOf() }
  await plan.again(part, band.value === 'usual' ? undefined : band.value)
}

function bandOf(stored?: Plan): Band {
  const names = Object.keys(BANDS) as Band[]
  return (
    names.find((one) => BANDS[one][0] === stored?.bandLow && BANDS[one][1] === stored.bandHigh) ?? 'usual'
  )
}

/** A new plan has an address once it is saved. */
async function opened(id: string): Promise<void> {
  if (id !== props.id) await router.replace(`/plan/${id}`)
}

useUnsaved(() => plan.dirty.value && mine.value)
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
        <PlanAsked
          v-if="mine"
          v-model:band="band"
          :plan="plan"
          :everybody="everybody.data.value ?? []"
          :is-coach="isCoach"
          @again="again"
        />
        <p v-if="plan.proposal.value && plan.proposal.value.remark !== 'NONE'" role="status">
          {{ t(`plan.remark.${plan.proposal.value.remark}`) }}
        </p>
        <p v-if="!plan.draft.value.pattern && plan.draft.value.studentIds.length === 0" role="status">
          {{ t('plan.forWhom') }}
        </p>
        <div class="columns">
          <section>
            <PlanLines :plan="plan" />
            <p v-if="mine" class="no-print choices">
              <DrillChoice :plan="plan" :label="t('plan.chooseDrill')" @chosen="add" />
              <RackChoice :plan="plan" @chosen="add" />
            </p>
          </section>
          <aside>
            <PlanTime :plan="plan" />
            <PlanKeys :plan="plan" :mine="mine" @saved="opened" @again="again()" />
          </aside>
        </div>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: baseline;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 20px 36px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  /* On a phone the one key that matters comes before the lines. */
  aside {
    order: -1;
  }
}
</style>
