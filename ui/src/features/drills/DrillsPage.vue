<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import { waitingDrafts } from '@/device/keptDrafts'
import { newDrill } from '@/shared/drillFile/newDrill'
import PageState from '@/shared/PageState.vue'
import { saveAs } from '@/shared/saveAs'
import { useGrowing, useGrowingAsSeen } from '@/shared/useGrowing'
import { useLoad } from '@/shared/useLoad'
import { useNarrow } from '@/shared/useNarrow'
import { useSignedIn } from '@/device/useSignedIn'
import DrillCard from './DrillCard.vue'
import DrillImport from './DrillImport.vue'
import { matches, NO_FILTER, type DrillFilter } from './drillFilter'
import LibraryFilter from './LibraryFilter.vue'
import { useShelf } from './useShelf'

const { t } = useI18n()
const router = useRouter()
const signedIn = useSignedIn()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/drills')))
onMounted(reload)
const shelf = useShelf(data, reload)

const filter = ref<DrillFilter>({ ...NO_FILTER })
const entries = computed(() => data.value?.drills ?? [])
const shown = computed(() => entries.value.filter((entry) => matches(entry, filter.value)))
const end = useTemplateRef<HTMLElement>('end')
const cards = useNarrow(620).value ? useGrowingAsSeen(shown, end) : useGrowing(shown)
const drawings = computed(
  () => new Map((data.value?.tables ?? []).map((table) => [table.presetId, table.drawing])),
)
const filtered = computed(() => shown.value.length !== entries.value.length)
const folder = computed(() => data.value?.folders.find((one) => one.id === filter.value.shelf))
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const importing = ref(false)
const naming = ref(false)
const folderName = ref('')

async function saveSet(): Promise<void> {
  const title = folder.value?.name ?? t('drills.title')
  const ids = shown.value.map((entry) => entry.drill.id)
  try {
    const file = await answer(api.POST('/api/v1/drill-set', { body: { title, ids }, parseAs: 'blob' }))
    saveAs(file, `${title}.json`)
  } catch (error) {
    shelf.problem.value = sentence(error)
  }
}

async function create(): Promise<void> {
  const table = signedIn.me?.preferences.dialect === 'SNOOKER' ? 'snooker-12ft' : 'pool-9ft'
  const drill = newDrill(t('library.untitled'), t('library.firstStation'), table)
  try {
    const saved = await answer(api.POST('/api/v1/drills', { body: { drill } }))
    await router.push(`/drills/${saved.id}/bench`)
  } catch (error) {
    shelf.problem.value = sentence(error)
  }
}

async function makeFolder(): Promise<void> {
  const made = await shelf.makeFolder(folderName.value)
  if (!made) return
  naming.value = false
  folderName.value = ''
}

async function removeFolder(): Promise<void> {
  if (!folder.value) return
  const { id } = folder.value
  filter.value = { ...filter.value, shelf: NO_FILTER.shelf }
  await shelf.removeFolder(id)
}
</script>

<template>
  <main class="page">
    <header>
      <h1>{{ t('drills.title') }}</h1>
      <p class="quiet" role="status">
        {{ t('drills.count', { n: shown.length, of: entries.length }) }}
        <button v-if="filtered" type="button" class="link" @click="filter = { ...NO_FILTER }">
          {{ t('drills.showAll') }}
        </button>
      </p>
      <span v-if="data" class="actions no-print">
        <template v-if="naming">
          <InputText
            v-model="folderName"
            :placeholder="t('library.folderName')"
            :aria-label="t('library.folderName')"
            maxlength="60"
            @keydown.enter="makeFolder"
          />
          <Button :label="t('library.addFolder')" severity="secondary" @click="makeFolder" />
        </template>
        <button v-else type="button" class="link" @click="naming = true">{{ t('library.newFolder') }}</button>
        <button v-if="folder" type="button" class="link" @click="removeFolder">
          {{ t('library.removeFolder') }}
        </button>
        <button v-if="shown.length > 0" type="button" class="link" @click="saveSet">
          {{ t('library.saveFolder') }}
        </button>
        <template v-if="isCoach">
          <button type="button" class="link" @click="importing = true">{{ t('library.import') }}</button>
          <Button :label="t('library.newDrill')" @click="create" />
        </template>
      </span>
    </header>
    <p v-if="shelf.problem.value" role="alert" class="problem">{{ shelf.problem.value }}</p>
    <p v-for="one in waitingDrafts" :key="one.drillId" role="status" class="bare">
      <RouterLink :to="`/drills/${one.drillId}/bench`">{{
        t('library.draftWaits', { title: one.title })
      }}</RouterLink>
    </p>
    <DrillImport v-model="importing" @done="reload" />
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="data?.unreadable.length" role="alert" class="problem">
        {{
          t('drills.unreadable', data.unreadable.length, {
            named: { n: data.unreadable.length, ids: data.unreadable.join(', ') },
          })
        }}
      </p>
      <LibraryFilter v-if="data" v-model="filter" :library="data" />
      <p v-if="shown.length === 0" class="quiet">
        {{ entries.length === 0 ? t('drills.empty') : t('drills.noMatch') }}
      </p>
      <ul class="cards">
        <li v-for="entry in cards" :key="entry.drill.id" v-memo="[entry, data?.folders]">
          <DrillCard
            :entry="entry"
            :table="drawings.get(entry.homeTable)"
            :folders="data?.folders ?? []"
            @favourite="(on) => shelf.setFavourite(entry, on)"
            @folder="(id, on) => shelf.setInFolder(entry, id, on)"
          />
        </li>
      </ul>
      <div ref="end"></div>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 20px;
}
header p {
  margin: 0;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  margin-left: auto;
}
.cards {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 20px 24px;
}
@media (max-width: 800px) {
  .page {
    padding: 12px;
  }
}
</style>
