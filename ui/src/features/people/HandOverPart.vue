<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Person, RosterEntry } from '@/api/types'
import { mediumDay } from '@/shared/days'
import SelectField from '@/shared/SelectField.vue'
import LineKey from '@/shared/LineKey.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** A student goes from one coach to another; for a week it can be undone here. */
const props = defineProps<{ students: RosterEntry[]; coaches: Person[]; head: boolean; me: string }>()
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const { data, problem, reload } = useLoad(() => answer(api.GET('/api/v1/hand-overs')))
const { busy, problem: notDone, run } = useAction()
onMounted(reload)

const studentId = ref<string>()
const fromId = ref<string>()
const toId = ref<string>()
/** The head coach gives anybody's away, a coach their own. */
const mine = computed(() =>
  props.students.filter(({ coachIds }) => (props.head ? coachIds.length > 0 : coachIds.includes(props.me))),
)
const student = computed(() => mine.value.find(({ id }) => id === studentId.value))
const givers = computed(() =>
  props.coaches.filter(({ id }) =>
    props.head ? (student.value?.coachIds.includes(id) ?? false) : id === props.me,
  ),
)
const from = computed(() => givers.value.find(({ id }) => id === fromId.value) ?? givers.value[0])
const takers = computed(() => props.coaches.filter(({ id }) => id !== from.value?.id))

async function hand(): Promise<void> {
  const [id, fromCoachId, toCoachId] = [studentId.value, from.value?.id, toId.value]
  if (!id || !fromCoachId || !toCoachId) return
  const done = await run(() =>
    answer(
      api.POST('/api/v1/students/{id}/hand-over', {
        params: { path: { id } },
        body: { fromCoachId, toCoachId },
      }),
    ),
  )
  if (!done) return
  studentId.value = toId.value = undefined
  await reload()
  emit('changed')
}
async function undo(id: string): Promise<void> {
  if (!(await run(() => answer(api.DELETE('/api/v1/hand-overs/{id}', { params: { path: { id } } }))))) return
  await reload()
  emit('changed')
}
</script>

<template>
  <details :open="(data?.length ?? 0) > 0">
    <summary>{{ t('handOver.title') }}</summary>
    <p class="small quiet">{{ t('handOver.lead') }}</p>
    <form novalidate @submit.prevent="hand">
      <SelectField v-model="studentId" :label="t('handOver.student')" :options="mine" />
      <SelectField
        v-if="givers.length > 1"
        :model-value="from?.id"
        :label="t('handOver.from')"
        :options="givers"
        @update:model-value="(id) => (fromId = id)"
      />
      <SelectField v-model="toId" :label="t('handOver.to')" :options="takers" />
      <Button
        type="submit"
        severity="secondary"
        :label="t('handOver.go')"
        :loading="busy"
        :disabled="!studentId || !toId"
      />
    </form>
    <p v-if="problem || notDone" role="alert" class="problem">{{ problem || notDone }}</p>
    <ul class="bare with-keys">
      <li v-for="one in data" :key="one.id">
        {{
          t('handOver.done', {
            student: one.student,
            from: one.from,
            to: one.to,
            day: mediumDay(one.doneAt),
          })
        }}
        <LineKey
          :words="t('handOver.undo')"
          :spoken="t('handOver.undoOf', { student: one.student })"
          @click="undo(one.id)"
        />
      </li>
    </ul>
  </details>
</template>

<style scoped>
details {
  margin-top: 28px;
}
summary {
  font-weight: 600;
}
form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 240px));
  gap: 10px;
  align-items: end;
}
</style>
