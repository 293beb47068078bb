<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import SelectField from '@/shared/SelectField.vue'
import { useAction } from '@/shared/useAction'
import { useTables } from '@/shared/useTables'
import TableDiagram from '@/table/TableDiagram.vue'
import CheckArrow from './CheckArrow.vue'
import CueFoundRows from './CueFoundRows.vue'
import EffectList from './EffectList.vue'
import FoundRows from './FoundRows.vue'
import TryChoices from './TryChoices.vue'
import TryForm from './TryForm.vue'
import TryList from './TryList.vue'
import { mediumDay } from '@/shared/days'
import { useCheck } from './useCheck'
import { useKitWords } from './useKitWords'
import { useNextTry, useTryWords } from './useNextTry'
import { useTableDrawing } from '@/shared/useTableDrawing'

/** A check at the table: what to do next, the stopwatch, what the tries tell. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const router = useRouter()
const words = useKitWords()
const check = useCheck(props.id)
const { busy, problem: notDone, run } = useAction()
const { tables } = useTables()
const view = check.view
const drawing = useTableDrawing(computed(() => view.value?.tableId))
const tried = useNextTry(view)
const { place, stroke, next } = tried
const tryWords = useTryWords(tried)
const open = computed(() => view.value?.closedAt === undefined)
const told = computed(() => view.value?.table?.anythingTold ?? view.value?.cue?.told ?? false)

function print(): void {
  window.print()
}

async function take(): Promise<void> {
  const now = view.value
  if (!now) return
  await run(async () => {
    const asked = { params: { path: { id: props.id } }, body: { version: now.thingVersion } }
    check.show(await answer(api.POST('/api/v1/kit/checks/{id}/take', asked)))
    await router.push(now.cueId ? '/kit' : `/kit/tables/${now.tableId}`)
  })
}
async function leave(): Promise<void> {
  const now = view.value
  await run(async () => {
    await answer(api.POST('/api/v1/kit/checks/{id}/leave', { params: { path: { id: props.id } } }))
    await router.push(now && !now.cueId ? `/kit/tables/${now.tableId}` : '/kit')
  })
}
const otherTable = ref<string>()
async function move(): Promise<void> {
  const tableId = otherTable.value
  if (!tableId) return
  await run(async () => {
    const asked = { params: { path: { id: props.id } }, body: { tableId } }
    check.show(await answer(api.PUT('/api/v1/kit/checks/{id}/table', asked)))
    otherTable.value = undefined
  })
}
</script>

<template>
  <main class="page">
    <PageState
      :busy="view === undefined"
      :problem="check.problem.value"
      :ready="view !== undefined"
      @retry="check.reload"
    >
      <template v-if="view">
        <h1>
          {{
            view.cueName
              ? t('kit.checkPage.cueTitle', { cue: view.cueName, name: view.tableName })
              : t('kit.checkPage.title', { name: view.tableName })
          }}
        </h1>
        <p v-if="check.away.value" role="status" class="bare away">
          {{ t('kit.checkPage.waiting', { n: check.pending.value.length }) }}
        </p>
        <p v-if="!open" class="bare">
          {{
            t(`kit.checkPage.${view.taken ? 'closedTaken' : 'closed'}`, {
              day: mediumDay(view.closedAt ?? ''),
            })
          }}
        </p>
        <div class="parts" :class="{ open }">
          <section v-if="open && place" class="doing no-print">
            <p v-if="view.table && !next" class="bare good">
              {{ t('kit.checkPage.enough') }} <span class="quiet">{{ t('kit.checkPage.moreAnyway') }}</span>
            </p>
            <p v-else-if="view.cue?.goodEnough" class="bare good">{{ t('kit.checkPage.enough') }}</p>
            <TryChoices :tried="tried" :words="tryWords" />
            <p class="bare task">{{ tryWords.task.value }}</p>
            <div v-if="drawing" class="drawing">
              <TableDiagram :table="drawing" :label="t('kit.checkPage.drawing')">
                <CheckArrow :place="place" :table="drawing" />
              </TableDiagram>
            </div>
            <p class="bare small quiet">{{ tryWords.mark.value }} {{ tryWords.why.value }}</p>
          </section>
          <section v-if="open && place" class="timing no-print">
            <TryForm
              :place="place"
              :tip-side-millimetres="stroke?.tipSideMillimetres"
              @write="(body) => check.write(body).then(tried.written)"
            />
          </section>
          <section class="told">
            <h2>{{ t('kit.checkPage.found') }}</h2>
            <p v-if="!told" class="bare quiet">{{ t('kit.checkPage.nothing') }}</p>
            <p v-else-if="view.table" class="bare verdict">{{ words.verdict(view.table.verdict) }}</p>
            <FoundRows v-if="view.table" :numbers="view.table.numbers" />
            <CueFoundRows v-if="view.cue" :found="view.cue" />
            <template v-if="told && open && view.mayTake">
              <template v-if="view.table">
                <h3>{{ t('kit.effects') }}</h3>
                <EffectList :effects="view.table.effects" />
              </template>
              <p v-if="notDone" role="alert" class="bare problem">{{ notDone }}</p>
              <Button class="no-print" :label="t('kit.checkPage.take')" :disabled="busy" @click="take" />
            </template>
          </section>
          <section class="written">
            <h2>{{ t('kit.checkPage.tries') }}</h2>
            <p v-if="!view.readings.length && !check.pending.value.length" class="bare quiet">
              {{ t('kit.checkPage.noTries') }}
            </p>
            <TryList
              :readings="view.readings"
              :pending="check.pending.value"
              :open="open"
              @change="(id, body) => check.write(body, id)"
              @again="check.again"
              @drop="check.drop"
            />
            <p v-if="view.people.length" class="small quiet">
              {{ t('kit.checkPage.together', { names: view.people.join(', ') }) }}
            </p>
            <Button
              class="no-print start"
              text
              severity="secondary"
              :label="t('kit.checkPage.print')"
              @click="print"
            />
            <details v-if="open" class="no-print">
              <summary>{{ t('kit.checkPage.other') }}</summary>
              <SelectField
                v-model="otherTable"
                :label="t('kit.tables')"
                :options="tables.filter(({ id: one }) => one !== view?.tableId)"
              />
              <Button
                text
                severity="secondary"
                :label="t('kit.checkPage.move')"
                :disabled="!otherTable || busy"
                @click="move"
              />
            </details>
            <Button
              v-if="open"
              class="no-print"
              text
              severity="secondary"
              :label="t('kit.checkPage.leave')"
              :disabled="busy"
              @click="leave"
            />
          </section>
        </div>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
}
h2 {
  margin-top: 8px;
}
.parts {
  margin-top: 8px;
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 16px 32px;
  align-items: start;
}
/* The stopwatch and what it tells stand together beside what is to be done. */
@media (min-width: 901px) {
  .open {
    grid-template-rows: auto auto 1fr;
  }
  .open .doing {
    grid-area: 1 / 1 / 3 / 2;
  }
  .open .timing {
    grid-area: 1 / 2;
  }
  .open .told {
    grid-area: 2 / 2 / 4 / 3;
  }
  .open .written {
    grid-area: 3 / 1;
  }
}
.doing,
.timing,
.told,
.written {
  display: grid;
  gap: 10px;
}
.task {
  font-size: 18px;
}
.good {
  color: var(--amber-text);
  font-weight: 600;
}
.drawing {
  height: min(42vh, 420px);
}
.away {
  padding: 8px 12px;
  border-left: 4px solid var(--amber);
}
.verdict {
  font-size: 18px;
}
h3 {
  margin: 8px 0 0;
  font-size: 16px;
}
@media (max-width: 900px) {
  .page {
    padding: 12px;
  }
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
  .drawing {
    height: 200px;
  }
}
</style>
