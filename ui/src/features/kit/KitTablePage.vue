<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, onMounted, reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { KitTablePage } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import ChoiceField from '@/shared/ChoiceField.vue'
import DateField from '@/shared/DateField.vue'
import NumberField from '@/shared/NumberField.vue'
import PageState from '@/shared/PageState.vue'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import TableDiagram from '@/table/TableDiagram.vue'
import LearntNote from './LearntNote.vue'
import KitDialog from './KitDialog.vue'
import NumberRows from './NumberRows.vue'
import { useKitWords } from './useKitWords'

/** One table of the club: what is known of it, since when, and what it was before. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const { figure } = useUnits()
const router = useRouter()
const signedIn = useSignedIn()
const words = useKitWords()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const path = computed(() => ({ id: props.id }))
const {
  data,
  busy,
  problem,
  reload,
  set: show,
} = useLoad(() => answer(api.GET('/api/v1/kit/tables/{id}', { params: { path: path.value } })))
const { busy: working, problem: notDone, run } = useAction()
onMounted(reload)

type Nap = NonNullable<KitTablePage['nap']> | 'UNKNOWN'
const NAPS: Nap[] = ['UNKNOWN', 'NONE', 'EAST', 'WEST']
const changing = ref<'measures' | 'cloth'>()
interface Draft {
  name: string
  corner: number
  side: number
  nose: number
  clothName: string
  fittedOn: string
  nap: Nap
  isNew: boolean
}
const draft = reactive<Draft>({
  name: '',
  corner: 0,
  side: 0,
  nose: 0,
  clothName: '',
  fittedOn: '',
  nap: 'UNKNOWN',
  isNew: false,
})

function open(what: 'measures' | 'cloth'): void {
  const now = data.value
  if (!now) return
  Object.assign(draft, {
    name: now.name,
    corner: now.cornerMouthMillimetres,
    side: now.sideMouthMillimetres,
    nose: now.noseHeightMillimetres,
    clothName: now.clothName ?? '',
    fittedOn: now.clothFittedOn ?? '',
    nap: now.nap ?? 'UNKNOWN',
    isNew: false,
  })
  notDone.value = ''
  changing.value = what
}

async function save(): Promise<void> {
  const well = await run(async () => show(await (changing.value === 'measures' ? measures() : cloth())))
  if (well) changing.value = undefined
}

function measures(): Promise<KitTablePage> {
  const body = {
    version: data.value?.version ?? 0,
    name: draft.name,
    cornerMouthMillimetres: draft.corner,
    sideMouthMillimetres: draft.side,
    noseHeightMillimetres: draft.nose,
  }
  return answer(api.PUT('/api/v1/kit/tables/{id}', { params: { path: path.value }, body }))
}

function cloth(): Promise<KitTablePage> {
  const body = {
    version: data.value?.version ?? 0,
    isNew: draft.isNew,
    ...(draft.clothName ? { clothName: draft.clothName } : {}),
    ...(draft.fittedOn ? { fittedOn: draft.fittedOn } : {}),
    ...(draft.nap === 'UNKNOWN' ? {} : { nap: draft.nap }),
  }
  return answer(api.PUT('/api/v1/kit/tables/{id}/cloth', { params: { path: path.value }, body }))
}

async function check(): Promise<void> {
  await run(async () => {
    const { id } = await answer(api.POST('/api/v1/kit/checks', { body: { tableId: props.id } }))
    await router.push(`/kit/checks/${id}`)
  })
}

async function useAgain(setId: string): Promise<void> {
  await run(async () => {
    const body = { version: data.value?.version ?? 0 }
    const params = { path: { id: props.id, setId } }
    show(await answer(api.POST('/api/v1/kit/tables/{id}/sets/{setId}', { params, body })))
  })
}

async function putAway(): Promise<void> {
  const well = await run(() =>
    answer(
      api.PUT('/api/v1/kit/tables/{id}/archived', {
        params: { path: path.value },
        body: { archived: !data.value?.archived },
      }),
    ),
  )
  if (well) await router.push('/kit')
}
</script>

<template>
  <main class="page">
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <template v-if="data">
        <p class="bare small">
          <RouterLink to="/kit">{{ t('kit.title') }}</RouterLink>
        </p>
        <h1>{{ data.name }}</h1>
        <p class="lead">
          {{ data.numbers.some(({ told }) => told) ? words.verdict(data.verdict) : t('kit.neverChecked') }}
        </p>
        <p v-if="notDone && !changing" role="alert" class="problem">{{ notDone }}</p>
        <div class="parts">
          <div>
            <div class="drawing">
              <TableDiagram :table="data.drawing" :label="data.name" />
            </div>
            <p v-if="data.drawing.drift" class="small quiet">
              {{ t('kit.arrow', { mm: figure(data.drawing.drift.millimetres, 0) }) }}
            </p>
            <p v-if="isCoach" class="keys no-print">
              <Button :label="t('kit.check')" :disabled="working" @click="check" />
              <Button severity="secondary" :label="t('kit.measures')" @click="open('measures')" />
              <Button severity="secondary" :label="t('kit.cloth')" @click="open('cloth')" />
              <Button
                text
                severity="secondary"
                :label="t(data.archived ? 'kit.bringBack' : 'kit.putAway')"
                :disabled="working"
                @click="putAway"
              />
            </p>
            <p class="figures">
              {{ t('kit.cornerMouth') }} {{ figure(data.cornerMouthMillimetres, 1) }} mm;
              {{ t('kit.sideMouth') }} {{ figure(data.sideMouthMillimetres, 1) }} mm;
              {{ t('kit.noseHeight') }} {{ figure(data.noseHeightMillimetres, 1) }} mm.
              <template v-if="data.clothName || data.clothFittedOn || data.nap">
                {{ t('kit.cloth') }}: {{ data.clothName
                }}<template v-if="data.clothFittedOn"
                  >, {{ t('kit.fitted', { day: data.clothFittedOn }) }}</template
                ><template v-if="data.nap">; {{ t('kit.nap') }}: {{ t(`kit.napWays.${data.nap}`) }}</template
                >.
              </template>
            </p>
          </div>
          <section>
            <h2>{{ t('kit.numbers') }}</h2>
            <NumberRows :numbers="data.numbers" />
            <p class="small quiet">{{ t('kit.levels') }}</p>
            <LearntNote v-if="isCoach" :table-id="props.id" @taken="reload" />
          </section>
        </div>
        <section v-if="data.history.length">
          <h2>{{ t('kit.history') }}</h2>
          <ol class="bare history">
            <li v-for="set in data.history" :key="set.id">
              <span>
                <strong>{{ set.since ? words.source(set.source, set.since) : t('kit.untilThen') }}</strong>
                <span v-if="set.by" class="small quiet by">{{ t('kit.by', { name: set.by }) }}</span>
                <span v-if="set.source !== 'TAKEN_BACK' && set.note" class="small quiet"
                  >: {{ set.note }}</span
                >
              </span>
              <span>{{ words.verdict(set.verdict) }}</span>
              <span class="keys">
                <RouterLink v-if="set.checkId && isCoach" :to="`/kit/checks/${set.checkId}`">{{
                  t('kit.checkPage.tries')
                }}</RouterLink>
                <span v-if="set.current" class="small quiet">{{ t('kit.current') }}</span>
                <Button
                  v-else-if="isCoach"
                  text
                  severity="secondary"
                  size="small"
                  :label="t('kit.useAgain')"
                  :disabled="working"
                  @click="useAgain(set.id)"
                />
              </span>
            </li>
          </ol>
        </section>
        <KitDialog
          v-if="changing"
          :title="t(changing === 'measures' ? 'kit.measures' : 'kit.cloth')"
          :busy="working"
          :problem="notDone"
          @save="save"
          @close="changing = undefined"
        >
          <template v-if="changing === 'measures'">
            <TextField v-model="draft.name" class="wide" :label="t('kit.name')" :most="80" fluid required />
            <NumberField
              v-model="draft.corner"
              :label="t('kit.cornerMouth')"
              unit="mm"
              :min="60"
              :max="180"
              :digits="1"
            />
            <NumberField
              v-model="draft.side"
              :label="t('kit.sideMouth')"
              unit="mm"
              :min="60"
              :max="180"
              :digits="1"
            />
            <NumberField v-model="draft.nose" :label="t('kit.noseHeight')" unit="mm" :min="25" :max="45" />
          </template>
          <template v-else>
            <TextField v-model="draft.clothName" class="wide" :label="t('kit.clothName')" :most="80" fluid />
            <DateField v-model="draft.fittedOn" :label="t('kit.fittedOn')" />
            <ChoiceField
              :model-value="draft.nap"
              :label="t('kit.nap')"
              :options="NAPS.map((value) => ({ value, label: t(`kit.napWays.${value}`) }))"
              @update:model-value="(value: Nap | undefined) => (draft.nap = value ?? 'UNKNOWN')"
            />
            <label class="wide check"><Checkbox v-model="draft.isNew" binary /> {{ t('kit.isNew') }}</label>
          </template>
        </KitDialog>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
}
.lead {
  font-size: 18px;
}
.parts {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 24px 32px;
  align-items: start;
}
.drawing {
  height: min(46vh, 430px);
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.history li {
  display: grid;
  grid-template-columns: 240px minmax(0, 1fr) auto;
  gap: 4px 16px;
  align-items: center;
  min-height: 48px;
  border-top: 1px solid var(--hairline);
}
.by {
  margin-left: 6px;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
@media (max-width: 900px) {
  .page {
    padding: 12px;
  }
  .parts,
  .history li {
    grid-template-columns: minmax(0, 1fr);
  }
  .drawing {
    height: 220px;
  }
}
</style>
