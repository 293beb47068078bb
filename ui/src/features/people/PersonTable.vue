<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Person, RosterEntry } from '@/api/types'
import { dateOf } from '@/shared/days'
import type { PeopleChanges } from './usePeopleChanges'

/** People, one line each: who coaches them, how they come in, and what can be done about it. */
const props = defineProps<{
  people: RosterEntry[]
  coaches: Person[]
  /** For the names of coaches who have left. */
  everybody: RosterEntry[]
  head: boolean
  /** The id of whoever is signed in. */
  me: string
  changes: PeopleChanges
}>()
const MOST_COACHES = 2
const withCoaches = computed(() => props.people.some(({ role }) => role === 'STUDENT'))

/** Of somebody who has left, too, where the list has them. */
function coachName(id: string): string {
  return [...props.coaches, ...props.everybody].find((one) => one.id === id)?.name ?? ''
}

function day(moment: string): string {
  return dateOf(moment).toLocaleDateString(undefined, { day: 'numeric', month: 'long' })
}

interface Action {
  /** Its key among the words; with "Of", for screen readers, whom it is about. */
  words: string
  go: (id: string) => Promise<void>
}

function actionsOf(entry: RosterEntry): Action[] {
  const { newLink, endLink, archive, bringBack } = props.changes
  if (entry.archived) return [{ words: 'bringBack', go: bringBack }]
  return [
    { words: entry.canSignIn ? 'resetPassword' : 'newLink', go: newLink },
    ...(entry.linkUntil ? [{ words: 'endLink', go: endLink }] : []),
    ...(entry.headCoach ? [] : [{ words: 'archive', go: archive }]),
  ]
}

/** A coach at their students', everybody at their own, the head coach at how much there is of everybody. */
function mayLook({ id, coachIds }: RosterEntry): boolean {
  return props.head || id === props.me || coachIds.includes(props.me)
}

function others(entry: RosterEntry): Person[] {
  return props.coaches.filter((coach) => !entry.coachIds.includes(coach.id))
}
</script>

<template>
  <table class="lines">
    <thead>
      <tr>
        <th scope="col" class="name">{{ $t('people.name') }}</th>
        <th v-if="withCoaches" scope="col" class="coached">{{ $t('people.coachedBy') }}</th>
        <th scope="col" class="sign-in">{{ $t('people.comesIn') }}</th>
        <th scope="col">{{ $t('people.actions') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="entry in people" :key="entry.id">
        <th scope="row">
          {{ entry.name }}
          <span v-if="entry.headCoach" class="small quiet">{{ $t('people.head') }}</span>
        </th>
        <td v-if="withCoaches">
          <div class="coaches">
            <span v-for="coachId in entry.coachIds" :key="coachId">
              {{ coachName(coachId) }}
              <Button
                v-if="head && entry.coachIds.length > 1 && !entry.archived"
                :label="$t('people.release')"
                :aria-label="$t('people.releaseOf', { coach: coachName(coachId), name: entry.name })"
                severity="secondary"
                size="small"
                @click="changes.removeCoach(entry.id, coachId)"
              />
            </span>
            <Select
              v-if="
                head &&
                entry.role === 'STUDENT' &&
                !entry.archived &&
                entry.coachIds.length < MOST_COACHES &&
                others(entry).length
              "
              :options="others(entry)"
              option-label="name"
              option-value="id"
              :placeholder="$t('people.handOver')"
              :aria-label="$t('people.handOverOf', { name: entry.name })"
              size="small"
              @update:model-value="(coachId: string) => changes.addCoach(entry.id, coachId)"
            />
          </div>
        </td>
        <td>
          {{ $t(entry.canSignIn ? 'people.signsIn' : 'people.noPassword') }}
          <span v-if="entry.linkUntil" class="small quiet">
            {{ $t('people.linkUntil', { day: day(entry.linkUntil) }) }}
          </span>
        </td>
        <td>
          <div class="actions">
            <Button
              v-for="action in actionsOf(entry)"
              :key="action.words"
              :label="$t(`people.${action.words}`)"
              :aria-label="$t(`people.${action.words}Of`, { name: entry.name })"
              severity="secondary"
              size="small"
              @click="action.go(entry.id)"
            />
            <RouterLink
              v-if="mayLook(entry)"
              :to="`/people/${entry.id}/data`"
              :aria-label="$t('people.dataOf', { name: entry.name })"
              >{{ $t('people.data') }}</RouterLink
            >
          </div>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  table-layout: fixed;
  margin-bottom: 12px;
}
thead th {
  font-size: 14px;
  color: var(--ink-second);
}
.name {
  width: 20%;
}
.coached {
  width: 32%;
}
.sign-in {
  width: 18%;
}
.coaches,
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
@media (max-width: 760px) {
  table,
  tbody,
  tr,
  th,
  td {
    display: block;
    padding: 2px 0;
    border: 0;
  }
  thead {
    display: none;
  }
  tr {
    border-top: 1px solid var(--hairline);
    padding: 10px 0;
  }
}
</style>
