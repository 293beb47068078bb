<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted } from 'vue'
import { answer, api } from '@/api/client'
import type { Person } from '@/api/types'
import AddPerson from '@/shared/AddPerson.vue'
import OneTimeLinks from '@/shared/OneTimeLinks.vue'
import { useLoad } from '@/shared/useLoad'
import { useStartDrill } from '@/shared/useStartDrill'

/** A club's first evening: a student, a drill, the first shot. Gone as soon as something is recorded. */
const props = defineProps<{ students: Person[] }>()
defineEmits<{ added: [] }>()
const { starting, problem, start } = useStartDrill()
const library = useLoad(async () => (await answer(api.GET('/api/v1/drills'))).drills)
onMounted(library.reload)

const student = computed(() => props.students[0])
const addStudent = (name: string) => answer(api.POST('/api/v1/students', { body: { name } }))

/** The easiest drill of each of the first three skills that a student learns. */
const FIRST_SKILLS = ['POTTING', 'STUN', 'FOLLOW'] as const
const drills = computed(() => {
  const easiest = (library.data.value ?? [])
    .filter(({ drill, grades }) => drill.explore === undefined && grades !== undefined)
    .sort((a, b) => (a.grades?.easiest ?? 0) - (b.grades?.easiest ?? 0))
  return FIRST_SKILLS.flatMap((skill) => easiest.find(({ drill }) => drill.skill === skill) ?? [])
})
</script>

<template>
  <section class="first">
    <h2>{{ $t('today.first.title') }}</h2>
    <ol>
      <li :class="{ done: student }">
        <h3>{{ $t('today.first.student') }}</h3>
        <p v-if="student">{{ $t('today.first.studentDone', { name: student.name }) }}</p>
        <AddPerson
          v-else
          :label="$t('today.studentName')"
          :action="$t('today.addStudent')"
          :add="addStudent"
          @added="$emit('added')"
        />
      </li>
      <li :class="{ waits: !student }">
        <h3>{{ $t('today.first.drill') }}</h3>
        <p class="small quiet">{{ $t('today.first.drillHow') }}</p>
        <ul v-if="student" class="bare drills">
          <li v-for="{ drill } in drills" :key="drill.id">
            <Button
              :label="$t('today.first.start', { drill: drill.title })"
              :disabled="starting"
              @click="start({ id: student.id, name: student.name }, drill.id)"
            />
            <span class="small">{{ $t(`skill.${drill.skill}`) }}</span>
          </li>
        </ul>
        <p v-if="student" class="small">
          <RouterLink :to="{ path: '/drills', query: { student: student.id } }">{{
            $t('today.first.others')
          }}</RouterLink>
        </p>
        <p v-if="problem || library.problem.value" role="alert">{{ problem || library.problem.value }}</p>
      </li>
      <li class="waits">
        <h3>{{ $t('today.first.shot') }}</h3>
        <p class="small quiet">{{ $t('today.first.shotHow') }}</p>
      </li>
    </ol>
    <OneTimeLinks />
  </section>
</template>

<style scoped>
.first {
  max-width: 720px;
  margin: 12px 0 24px;
}
ol {
  list-style: none;
  padding: 0;
  counter-reset: step;
}
ol > li {
  counter-increment: step;
  position: relative;
  padding: 12px 0 12px 56px;
  border-top: 1px solid var(--hairline);
}
ol > li::before {
  content: counter(step);
  position: absolute;
  left: 0;
  top: 12px;
  width: 36px;
  height: 36px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  border: 2px solid var(--amber);
  font-weight: 700;
}
ol > li.done::before {
  content: '✓';
}
.waits {
  color: var(--ink-second);
}
h3 {
  margin: 4px 0 8px;
}
.drills {
  display: grid;
  gap: 8px;
}
.drills li {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
