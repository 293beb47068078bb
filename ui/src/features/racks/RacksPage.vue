<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { RackFile } from '@/api/types'
import ChooseStudent from '@/shared/ChooseStudent.vue'
import { mediumDay } from '@/shared/days'
import LookingAt from '@/shared/LookingAt.vue'
import PageState from '@/shared/PageState.vue'
import SelectField from '@/shared/SelectField.vue'
import { percent, useUnits } from '@/shared/units'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useLoad } from '@/shared/useLoad'
import { usePages } from '@/shared/usePages'
import { waitingRacks } from '@/device/keptRacks'
import RackFileIn from './RackFileIn.vue'
import RackReviewPart from './RackReviewPart.vue'
import { useRackHeadline } from './useRackHeadline'
import { useRackWords } from './useRackWords'

/** A student's racks: what they come to, the one thing that costs most, and each of them. */
const { t } = useI18n()
const words = useRackWords()
const { figure } = useUnits()
const { studentId } = useAboutStudent()
const game = ref<string>()
const headline = useRackHeadline()

const { first, rows, next, busy, problem, reload, more, loadingMore, noMore } = usePages(
  async (before) => {
    const id = studentId.value
    return id
      ? await answer(api.GET('/api/v1/racks', { params: { query: { studentId: id, before } } }))
      : undefined
  },
  (page) => page.racks,
)
const name = computed(() => first.value?.studentName ?? '')
const review = useLoad(async () => {
  const id = studentId.value
  if (!id) return undefined
  const query = { studentId: id, ...(game.value ? { game: game.value } : {}) }
  return await answer(api.GET('/api/v1/racks/review', { params: { query } }))
})
const games = computed(() =>
  [...new Set(rows.value.map((row) => row.game))].map((id) => ({ id, name: words.game(id) })),
)
const sentence = computed(() => {
  const found = headline.headline.value
  if (!found?.stands) return t('racks.review.noHeadline')
  const gain = found.gains.find(({ kind }) => kind === found.kind)
  return t(`racks.review.headline.${found.kind}`, {
    n: figure(gain?.racksInTen ?? 0, 1),
    error: figure(gain?.standardError ?? 0, 1),
  })
})

async function load(): Promise<void> {
  headline.forget()
  await Promise.all([reload(), review.reload()])
}
onMounted(load)
watch(studentId, load)
watch(game, () => {
  headline.forget()
  void review.reload()
})

/** The server checks every part of it and says what is wrong. */
async function readFile(content: object): Promise<{ sentence: string; refused: string[] }> {
  const read = await answer(api.POST('/api/v1/racks/import', { body: content as RackFile }))
  return {
    sentence: t('racks.file.racksRead', { n: read.racks, shots: read.shots }, read.racks),
    refused: read.refused.map(({ number, why }) => t('racks.file.refused', { n: number, why })),
  }
}
</script>

<template>
  <main class="page">
    <h1>{{ name ? t('racks.titleOf', { name }) : t('racks.title') }}</h1>
    <ChooseStudent v-if="!studentId" />
    <template v-else>
      <LookingAt v-if="name" :students="[{ id: studentId, name }]" />
      <p class="bare">
        <RouterLink class="main-key" :to="{ path: '/racks/new', query: { student: studentId } }">{{
          t('racks.begin')
        }}</RouterLink>
      </p>
      <p v-for="one in waitingRacks" :key="one.id" role="status" class="bare">
        <RouterLink :to="`/racks/${one.id}`">{{
          t('racks.waitingOne', { game: words.game(one.body.layout.game) })
        }}</RouterLink>
      </p>
      <PageState
        :busy="busy"
        :problem="problem || review.problem.value"
        :ready="first !== undefined"
        @retry="load"
      >
        <p v-if="rows.length === 0">{{ t('racks.none') }}</p>
        <template v-else>
          <SelectField
            v-if="games.length > 1"
            v-model="game"
            class="which"
            :label="t('racks.game')"
            :options="games"
            :placeholder="t('racks.allGames')"
            clears
          />
          <RackReviewPart v-if="review.data.value?.racks" :review="review.data.value" />
          <p class="bare headline">
            <Button
              v-if="headline.state.value === 'NONE'"
              severity="secondary"
              :label="t('racks.review.ask')"
              @click="headline.ask({ studentId, ...(game ? { game } : {}) })"
            />
            <span v-else-if="headline.state.value === 'WORKING'" role="status" class="quiet">{{
              t('racks.review.asking')
            }}</span>
            <strong v-else-if="headline.state.value === 'DONE'">{{ sentence }}</strong>
            <span v-else role="alert">{{ headline.problem.value || t('racks.review.stopped') }}</span>
          </p>
          <div class="scroll-aside">
            <table class="lines figures">
              <thead>
                <tr>
                  <th scope="col">{{ t('racks.column.day') }}</th>
                  <th scope="col">{{ t('racks.column.game') }}</th>
                  <th scope="col">{{ t('racks.column.table') }}</th>
                  <th scope="col">{{ t('racks.column.end') }}</th>
                  <th scope="col">{{ t('racks.column.potted') }}</th>
                  <th scope="col">{{ t('racks.column.chance') }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in rows" :key="row.id">
                  <td>
                    <RouterLink :to="{ path: `/racks/${row.id}`, query: { student: row.studentId } }">{{
                      mediumDay(row.startedAt)
                    }}</RouterLink>
                  </td>
                  <td>{{ words.game(row.game) }}</td>
                  <td>{{ row.tableName }}</td>
                  <td>{{ words.end(row.end) }}</td>
                  <td>
                    {{ row.potted }} / {{ row.balls
                    }}<template v-if="row.points"
                      >, {{ t('racks.points', { n: row.points }, row.points) }}</template
                    >
                  </td>
                  <td>
                    {{ row.chance === undefined ? t('racks.chanceLater') : `${percent(row.chance)} %` }}
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
          <Button
            v-if="next"
            severity="secondary"
            :label="t('racks.older')"
            :loading="loadingMore"
            @click="more"
          />
          <p v-if="noMore" role="alert" class="problem">{{ noMore }}</p>
          <p class="bare small">
            <a :href="`/api/v1/racks/shots.csv?studentId=${studentId}`" download>{{ t('racks.csv') }}</a>
            <a :href="`/api/v1/racks/export.json?studentId=${studentId}`" download>{{ t('racks.json') }}</a>
          </p>
        </template>
        <details class="no-print">
          <summary>{{ t('racks.file.racks') }}</summary>
          <RackFileIn :label="t('racks.file.choose')" :send="readFile" @done="load" />
        </details>
      </PageState>
    </template>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
}
.main-key {
  display: inline-block;
  margin: 8px 0;
  padding: 12px 18px;
  border-radius: 6px;
  background: var(--amber-lit);
  color: var(--on-amber);
  font-weight: 600;
  text-decoration: none;
}
.which {
  max-width: 320px;
  margin-bottom: 14px;
}
.headline {
  margin: 12px 0;
  font-size: 18px;
}
a + a {
  margin-left: 16px;
}
</style>
