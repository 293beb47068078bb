<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { AimCell } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import SelectField from '@/shared/SelectField.vue'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'

/** Where to aim with side, for one cue on one table: on one page of paper too. */
const { t } = useI18n()
const { figure, length } = useUnits()
const route = useRoute()
const router = useRouter()
const fromAddress = (name: string) => (typeof route.query[name] === 'string' ? route.query[name] : undefined)
const tableId = ref(fromAddress('tableId'))
const cueId = ref(fromAddress('cueId'))
const kit = useLoad(() => answer(api.GET('/api/v1/kit')))
const { data, busy, problem, reload } = useLoad(async () => {
  if (!tableId.value || !cueId.value) return undefined
  const query = { tableId: tableId.value, cueId: cueId.value }
  return await answer(api.GET('/api/v1/kit/aim-table', { params: { query } }))
})
const tables = computed(() => kit.data.value?.tables.filter(({ archived }) => !archived) ?? [])
const cues = computed(() => kit.data.value?.cues.filter(({ archived }) => !archived) ?? [])

onMounted(async () => {
  await kit.reload()
  tableId.value ??= tables.value[0]?.id
  cueId.value ??= cues.value[0]?.id
  // Where both stood in the address nothing has changed, and nobody would ask.
  if (!data.value && !busy.value) await reload()
})
watch([tableId, cueId], ([table, cue]) => {
  void router.replace({ path: '/kit/aim', query: { tableId: table, cueId: cue } })
  void reload()
})

const HALF = 0.5
const QUARTERS = 4
const FRACTIONS = ['0', '¼', '½', '¾', '1']
/** "½ tip" and so on, of this cue's own tip. */
function sideName(millimetres: number): string {
  const quarters = Math.round((QUARTERS * millimetres) / (data.value?.tipDiameterMillimetres ?? 1))
  return t('kit.aimPage.side', { tips: FRACTIONS[quarters] ?? '', mm: figure(millimetres, 1) })
}

function cell(cells: AimCell[], side: number, pace: number): AimCell | undefined {
  return cells.find((one) => one.tipSideMillimetres === side && one.paceMetresPerSecond === pace)
}

function print(): void {
  window.print()
}

/** The way in words: nothing points anywhere where it rounds to nothing. */
function aim(one?: AimCell): string {
  if (one?.leftMillimetres === undefined) return t('kit.aimPage.tooSoft')
  const left = one.leftMillimetres
  if (Math.abs(left) < HALF) return t('kit.aimPage.straight')
  return t(`kit.aimPage.${left > 0 ? 'left' : 'right'}`, { n: figure(Math.abs(left), 0) })
}

function spread(one?: AimCell): string {
  if (one?.lowerMillimetres === undefined || one.upperMillimetres === undefined) return ''
  return t('kit.aimPage.plusMinus', { n: figure((one.upperMillimetres - one.lowerMillimetres) / 2, 0) })
}
</script>

<template>
  <main class="page">
    <h1>{{ t('kit.aimPage.title') }}</h1>
    <PageState
      :busy="kit.busy.value || busy"
      :problem="kit.problem.value || problem"
      :ready="kit.data.value !== undefined"
      @retry="kit.reload"
    >
      <div class="choose no-print">
        <SelectField v-model="cueId" :label="t('kit.aimPage.cue')" :options="cues" />
        <SelectField v-model="tableId" :label="t('kit.aimPage.table')" :options="tables" />
      </div>
      <template v-if="data">
        <p>{{ t('kit.aimPage.lead', { cue: data.cueName, table: data.tableName }) }}</p>
        <div class="scroll-aside">
          <table class="lines figures">
            <thead>
              <tr>
                <th scope="col">{{ t('kit.aimPage.distance') }}</th>
                <th scope="col">{{ t('kit.aimPage.sideHead') }}</th>
                <th v-for="pace in data.pacesMetresPerSecond" :key="pace" scope="col">
                  {{ t('kit.aimPage.pace', { n: figure(pace, 1) }) }}
                </th>
              </tr>
            </thead>
            <tbody v-for="row in data.rows" :key="row.distanceMillimetres">
              <tr v-for="(side, at) in data.tipSidesMillimetres" :key="side">
                <th v-if="at === 0" scope="rowgroup" :rowspan="data.tipSidesMillimetres.length">
                  {{ length(row.distanceMillimetres) }}
                </th>
                <td>{{ sideName(side) }}</td>
                <td v-for="pace in data.pacesMetresPerSecond" :key="pace">
                  {{ aim(cell(row.cells, side, pace)) }}
                  <span class="small quiet">{{ spread(cell(row.cells, side, pace)) }}</span>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="small quiet">{{ t('kit.aimPage.basis') }}</p>
        <Button class="no-print" severity="secondary" :label="t('kit.checkPage.print')" @click="print" />
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
  max-width: 1200px;
}
.choose {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 260px));
  gap: 16px;
}
tbody {
  border-top: 2px solid var(--hairline);
}
th[scope='rowgroup'] {
  vertical-align: top;
}
.lines :is(th, td) {
  padding: 5px 12px 5px 0;
}
@media (max-width: 620px) {
  .page {
    padding: 12px;
  }
}
</style>
