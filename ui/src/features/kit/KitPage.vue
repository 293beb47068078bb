<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { BallsRow, CueRow } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import PageState from '@/shared/PageState.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import BallsDialog from './BallsDialog.vue'
import CueDialog from './CueDialog.vue'
import CueLine from './CueLine.vue'
import NewTableDialog from './NewTableDialog.vue'
import { useUnits } from '@/shared/units'
import { waitingChecks } from '@/device/pendingReadings'
import { useKitWords } from './useKitWords'

/** What the club plays on: tables with what is known of them, cues and balls. */
const { t } = useI18n()
const { figure } = useUnits()
const router = useRouter()
const signedIn = useSignedIn()
const words = useKitWords()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/kit')))
const { busy: working, problem: notDone, run } = useAction()
onMounted(reload)

const tables = computed(() => data.value?.tables.filter(({ archived }) => !archived) ?? [])
const cues = computed(() => data.value?.cues.filter(({ archived }) => !archived) ?? [])
const ballSets = computed(() => data.value?.ballSets.filter(({ archived }) => !archived) ?? [])
const lead = computed(() => {
  const checked = tables.value.filter(({ verdict }) => verdict !== undefined).length
  return checked === 0 ? t('kit.lead.none') : t('kit.lead.some', { n: checked, all: tables.value.length })
})
/** Everything that was put away, with the way to bring it back. */
const away = computed(() => [
  ...(data.value?.tables ?? [])
    .filter(({ archived }) => archived)
    .map(({ id, name }) => ({ id, name, sort: 'tables' as const })),
  ...(data.value?.cues ?? [])
    .filter(({ archived, mayChange }) => archived && mayChange)
    .map(({ id, name }) => ({ id, name, sort: 'cues' as const })),
  ...(data.value?.ballSets ?? [])
    .filter(({ archived }) => archived)
    .map(({ id, name }) => ({ id, name, sort: 'ball-sets' as const })),
])

const cue = ref<CueRow | 'new'>()
const balls = ref<BallsRow | 'new'>()
const newTable = ref(false)

async function put(sort: 'tables' | 'cues' | 'ball-sets', id: string, archived: boolean): Promise<void> {
  await run(async () => {
    const asked = { params: { path: { id } }, body: { archived } }
    if (sort === 'tables') await answer(api.PUT('/api/v1/kit/tables/{id}/archived', asked))
    else if (sort === 'cues') await answer(api.PUT('/api/v1/kit/cues/{id}/archived', asked))
    else await answer(api.PUT('/api/v1/kit/ball-sets/{id}/archived', asked))
    await reload()
  })
}

async function check(tableId: string, cueId?: string): Promise<void> {
  await run(async () => {
    const { id } = await answer(
      api.POST('/api/v1/kit/checks', { body: { tableId, ...(cueId ? { cueId } : {}) } }),
    )
    await router.push(`/kit/checks/${id}`)
  })
}

async function done(): Promise<void> {
  cue.value = balls.value = undefined
  newTable.value = false
  await reload()
}

/** How the numbers came to be, and the cloth. */
function known({ source, since, clothName }: (typeof tables.value)[number]): string {
  return [
    source === 'PRESET' ? '' : `${words.source(source, since)}.`,
    clothName ? `${t('kit.cloth')}: ${clothName}.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}
</script>

<template>
  <main class="page">
    <h1>{{ t('kit.title') }}</h1>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p>{{ lead }}</p>
      <p v-for="one in waitingChecks" :key="one.checkId" role="status" class="bare">
        <RouterLink :to="`/kit/checks/${one.checkId}`">{{
          t('kit.waiting', { n: one.tries }, one.tries)
        }}</RouterLink>
      </p>
      <p v-if="notDone" role="alert" class="problem">{{ notDone }}</p>
      <section>
        <h2>{{ t('kit.tables') }}</h2>
        <ul class="bare rows">
          <li v-for="table in tables" :key="table.id">
            <RouterLink class="name" :to="`/kit/tables/${table.id}`">{{ table.name }}</RouterLink>
            <span>
              {{ table.verdict ? words.verdict(table.verdict) : t('kit.neverChecked') }}
              <span class="small quiet">
                {{ known(table) }}
              </span>
            </span>
            <Button
              v-if="isCoach"
              severity="secondary"
              :label="t('kit.check')"
              :disabled="working"
              :aria-label="`${t('kit.check')}: ${table.name}`"
              @click="check(table.id)"
            />
          </li>
        </ul>
        <Button
          v-if="isCoach"
          text
          severity="secondary"
          :label="t('kit.add.table')"
          @click="newTable = true"
        />
      </section>
      <section>
        <h2>{{ t('kit.cues') }}</h2>
        <ul class="bare rows">
          <CueLine
            v-for="one in cues"
            :key="one.id"
            :cue="one"
            :tables="tables"
            :working="working"
            @change="cue = one"
            @check="(tableId) => check(tableId, one.id)"
          />
        </ul>
        <Button text severity="secondary" :label="t('kit.add.cue')" @click="cue = 'new'" />
      </section>
      <section>
        <h2>{{ t('kit.ballSets') }}</h2>
        <ul class="bare rows">
          <li v-for="set in ballSets" :key="set.id">
            <strong class="name">{{ set.name }}</strong>
            <span class="figures">
              {{ t('kit.cueBall') }} {{ figure(set.balls.cueBallDiameterMillimetres, 2) }} mm,
              {{ figure(1000 * set.balls.cueBallMassKilograms, 0) }} {{ t('kit.grams') }};
              {{ t('kit.objectBall') }} {{ figure(set.balls.objectBallDiameterMillimetres, 2) }} mm,
              {{ figure(1000 * set.balls.objectBallMassKilograms, 0) }} {{ t('kit.grams') }}
            </span>
            <Button
              v-if="isCoach"
              text
              severity="secondary"
              :label="t('kit.change')"
              :aria-label="`${t('kit.change')}: ${set.name}`"
              @click="balls = set"
            />
          </li>
        </ul>
        <Button v-if="isCoach" text severity="secondary" :label="t('kit.add.balls')" @click="balls = 'new'" />
      </section>
      <details v-if="away.length">
        <summary>{{ t('kit.archived', { n: away.length }) }}</summary>
        <ul class="bare rows">
          <li v-for="one in away" :key="one.id">
            <span class="name">{{ one.name }}</span>
            <span></span>
            <Button
              text
              severity="secondary"
              :label="t('kit.bringBack')"
              :disabled="working"
              @click="put(one.sort, one.id, false)"
            />
          </li>
        </ul>
      </details>
      <CueDialog
        v-if="cue"
        :cue="cue === 'new' ? undefined : cue"
        @done="done"
        @close="cue = undefined"
        @away="(id) => put('cues', id, true).then(done)"
      />
      <BallsDialog
        v-if="balls"
        :balls="balls === 'new' ? undefined : balls"
        @done="done"
        @close="balls = undefined"
        @away="(id) => put('ball-sets', id, true).then(done)"
      />
      <NewTableDialog v-if="newTable" :presets="data?.presets ?? []" @done="done" @close="newTable = false" />
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 1200px;
}
section {
  margin-top: 20px;
}
.rows :deep(li),
.rows > li {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr) auto;
  gap: 4px 16px;
  align-items: center;
  min-height: 52px;
  padding: 6px 0;
  border-top: 1px solid var(--hairline);
}
.name {
  font-weight: 600;
}
summary {
  margin-top: 20px;
}
@media (max-width: 760px) {
  .rows :deep(li),
  .rows > li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
