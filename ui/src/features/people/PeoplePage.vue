<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, onMounted, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Invited, Person, RosterEntry } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'
import AddPerson from '@/shared/AddPerson.vue'
import OneTimeLink from '@/shared/OneTimeLink.vue'

const signedIn = useSignedIn()
const head = computed(() => signedIn.me?.person.headCoach ?? false)
const invited = ref<Invited>()
const { problem: refusal, run } = useAction()

async function load(): Promise<{ coaches: Person[]; roster: RosterEntry[] }> {
  const coaches = await answer(api.GET('/api/v1/coaches'))
  if (head.value) return { coaches, roster: await answer(api.GET('/api/v1/roster')) }
  const own = await answer(api.GET('/api/v1/students'))
  return { coaches, roster: own.map(({ id, name }) => ({ id, name, coachIds: [] })) }
}

const { data, busy, problem, reload } = useLoad(load)
onMounted(reload)

function coachName(id: string): string {
  return data.value?.coaches.find((coach) => coach.id === id)?.name ?? ''
}

function others(entry: RosterEntry): Person[] {
  return data.value?.coaches.filter((coach) => !entry.coachIds.includes(coach.id)) ?? []
}

async function change(call: () => Promise<unknown>): Promise<void> {
  if (await run(call)) await reload()
}

const pair = (id: string, coachId: string) => ({ params: { path: { id, coachId } } })
const assign = (id: string, coachId: string) =>
  change(() => answer(api.PUT('/api/v1/students/{id}/coaches/{coachId}', pair(id, coachId))))
const release = (id: string, coachId: string) =>
  change(() => answer(api.DELETE('/api/v1/students/{id}/coaches/{coachId}', pair(id, coachId))))
const newLink = (id: string) =>
  change(async () => {
    invited.value = await answer(api.POST('/api/v1/people/{id}/link', { params: { path: { id } } }))
  })
const addCoach = (name: string) => answer(api.POST('/api/v1/coaches', { body: { name } }))
</script>

<template>
  <main class="page">
    <h1>{{ $t('people.title') }}</h1>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="refusal" role="alert" class="refusal">{{ refusal }}</p>
      <OneTimeLink v-if="invited" :invited="invited" />
      <h2>{{ $t('people.coaches') }}</h2>
      <ul>
        <li v-for="coach in data?.coaches" :key="coach.id">
          <strong>{{ coach.name }}</strong>
          <span class="quiet">
            {{ coach.headCoach ? $t('people.head') : '' }}
            {{ coach.canSignIn ? '' : $t('people.noPassword') }}
          </span>
          <Button
            v-if="head"
            :label="$t('people.newLink')"
            severity="secondary"
            size="small"
            @click="newLink(coach.id)"
          />
        </li>
      </ul>
      <AddPerson
        v-if="head"
        :label="$t('people.coachName')"
        :action="$t('people.addCoach')"
        :add="addCoach"
        @added="reload"
      />
      <h2>{{ $t('people.students') }}</h2>
      <ul>
        <li v-for="entry in data?.roster" :key="entry.id">
          <strong>{{ entry.name }}</strong>
          <span v-for="coachId in entry.coachIds" :key="coachId" class="coach">
            {{ coachName(coachId) }}
            <button
              v-if="entry.coachIds.length > 1"
              type="button"
              class="link"
              @click="release(entry.id, coachId)"
            >
              {{ $t('people.release') }}
            </button>
          </span>
          <Select
            v-if="head && entry.coachIds.length < 2 && others(entry).length"
            :options="others(entry)"
            option-label="name"
            option-value="id"
            :placeholder="$t('people.handOver')"
            :aria-label="$t('people.handOver')"
            @update:model-value="(coachId: string) => assign(entry.id, coachId)"
          />
          <Button
            :label="$t('people.newLink')"
            severity="secondary"
            size="small"
            @click="newLink(entry.id)"
          />
        </li>
      </ul>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 20px 24px;
  max-width: 980px;
}
h2 {
  margin: 28px 0 8px;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  gap: 6px 16px;
  align-items: center;
  flex-wrap: wrap;
  padding: 8px 0;
  border-top: 1px solid var(--hairline);
}
strong {
  min-width: 180px;
}
.refusal {
  color: var(--brick-text);
  font-weight: 600;
}
</style>
