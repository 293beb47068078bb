<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useSignedIn } from '@/device/useSignedIn'
import { mediumDay } from '@/shared/days'
import PageState from '@/shared/PageState.vue'
import { useAction } from '@/shared/useAction'
import { useOneTimeLinks } from '@/shared/useOneTimeLinks'
import { useLoad } from '@/shared/useLoad'
import EraseForm from './EraseForm.vue'
import KeptTable from './KeptTable.vue'
import PersonPart from './PersonPart.vue'
import TrailPart from './TrailPart.vue'

/** What the club keeps about a person: told, handed out as a file, erased. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const router = useRouter()
const signedIn = useSignedIn()
const path = computed(() => ({ id: props.id }))
const { data, busy, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/people/{id}/data', { params: { path: path.value } })),
)
const { problem: notDone, run } = useAction()
onMounted(reload)
watch(() => props.id, reload)

const own = computed(() => signedIn.me?.person.id === props.id)
const head = computed(() => own.value && signedIn.me?.person.headCoach === true)
const mayReadTrail = computed(() => own.value || signedIn.me?.person.headCoach === true)
const title = computed(() => {
  if (!data.value) return t('data.title')
  return own.value ? t('data.titleOwn') : t('data.titleOf', { name: data.value.name })
})
const records = (kind: string) => data.value?.kept.find((one) => one.kind === kind)?.records ?? 0
const first = computed(() => {
  const [attempts, sessions] = [records('ATTEMPTS'), records('SESSIONS')]
  return attempts || sessions ? t('data.first', { attempts, sessions }) : t('data.nothing')
})
const asked = computed(() => {
  const erasure = data.value?.erasure
  if (!erasure || !data.value) return ''
  return t(erasure.way === 'ERASE' ? 'data.erase.asked' : 'data.erase.askedNameless', {
    name: data.value.name,
    day: mediumDay(erasure.dueAt),
    on: mediumDay(erasure.askedAt),
    by: erasure.askedBy,
  })
})

async function callOff(): Promise<void> {
  if (await run(() => answer(api.DELETE('/api/v1/people/{id}/erasure', { params: { path: path.value } }))))
    await reload()
}
/** Whoever is gone has no page any more. */
async function erased(now: boolean): Promise<void> {
  if (!now) return reload()
  useOneTimeLinks().putAside(props.id)
  if (own.value) await signedIn.signOut()
  await router.push(own.value ? '/sign-in' : '/people')
}
</script>

<template>
  <main class="page">
    <h1>{{ title }}</h1>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <template v-if="data">
        <p class="bare first">{{ first }}</p>
        <p v-if="asked" role="status" class="asked">
          <strong>{{ asked }}</strong>
          <Button severity="secondary" :label="t('data.erase.callOff')" @click="callOff" />
        </p>
        <p v-if="notDone" role="alert" class="problem">{{ notDone }}</p>
        <p v-if="data.mayDownload">
          <a class="choice-key" :href="`/api/v1/people/${id}/data.zip`" download>{{ t('data.download') }}</a>
          <span class="small quiet hint">{{ t('data.downloadHint') }}</span>
        </p>
        <KeptTable :kept="data.kept" />
        <p v-if="data.sharedSessions" class="small quiet">
          {{ t('data.shared', { n: data.sharedSessions }, data.sharedSessions) }}
        </p>
        <PersonPart v-if="data.role === 'STUDENT'" :id="id" :name="data.name" @changed="reload" />
        <TrailPart v-if="mayReadTrail" :id="id" />
        <TrailPart v-if="mayReadTrail && data.role === 'COACH'" :id="id" by-them />
        <EraseForm v-if="!asked && !head" :id="id" :student="data.role === 'STUDENT'" @erased="erased" />
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 980px;
}
.first {
  margin-top: 6px;
  font-size: 20px;
  font-weight: 600;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding: 10px 16px;
  border-left: 4px solid var(--amber);
  background: var(--paper-raised);
}
.hint {
  margin-left: 12px;
}
</style>
