<script setup lang="ts">
import Textarea from 'primevue/textarea'
import Checkbox from 'primevue/checkbox'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Caution, Routine, SessionDetail } from '@/api/types'
import CautionList from '@/shared/CautionList.vue'
import { useAction } from '@/shared/useAction'
import { useClosing } from '@/shared/useClosing'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'
import RoutineForm from './RoutineForm.vue'
import { useSessionNote, type NoteDraft } from './useSessionNote'

/** Who takes turns, what is played, pause, note, end: everything about the session that is not a shot. */
const props = defineProps<{
  detail: SessionDetail
  studentId: string
  drillId: string
  routine: Routine
}>()
const visible = defineModel<boolean>('visible', { required: true })
const byTurns = defineModel<boolean>('byTurns', { required: true })
/** A note that the server has not taken, and what it was written over: it is there when the panel is opened again. */
const draft = defineModel<NoteDraft>('draft')
const voice = defineModel<boolean>('voice', { required: true })
const emit = defineEmits<{
  play: [studentId: string, drillId: string]
  changed: []
  routine: [routine: Routine]
}>()
const { t } = useI18n()
const signedIn = useSignedIn()
const router = useRouter()
const { busy, problem, run } = useAction()
const session = computed(() => props.detail.session)
const params = computed(() => ({ path: { id: session.value.id } }))

const library = useLoad(async () => (await answer(api.GET('/api/v1/drills'))).drills)
const students = useLoad(async () =>
  signedIn.me?.person.role === 'COACH' ? answer(api.GET('/api/v1/students')) : [],
)
onMounted(() => Promise.all([library.reload(), students.reload()]))
const otherDrills = computed(() =>
  (library.data.value ?? [])
    .map(({ drill }) => ({ id: drill.id, title: drill.title }))
    .filter(({ id }) => !session.value.drills.some((one) => one.id === id)),
)
const otherStudents = computed(() =>
  (students.data.value ?? []).filter(({ id }) => !session.value.students.some((one) => one.id === id)),
)

/** Of what is played now, and of every practice. */
const cautions = computed<Caution[]>(() => [
  ...new Set<Caution>([
    ...(props.detail.drills.find(({ drill }) => drill.id === props.drillId)?.drill.cautions ?? []),
    'REPETITION',
  ]),
])

const close = useClosing(busy, problem, () => (visible.value = false))

function putAway(): void {
  keepIfNew()
  close()
}

async function act(call: Promise<unknown>): Promise<boolean> {
  const well = await run(() => call)
  if (well) emit('changed')
  return well
}

const { note, keepIfNew } = useSessionNote(
  () => session.value.note,
  draft,
  (body) => answer(api.PUT('/api/v1/sessions/{id}/note', { params: params.value, body })),
  act,
)

const addDrill = (drillId: string) =>
  act(answer(api.POST('/api/v1/sessions/{id}/drills', { params: params.value, body: { drillId } })))
const addStudent = (studentId: string) =>
  act(answer(api.POST('/api/v1/sessions/{id}/students', { params: params.value, body: { studentId } })))
const pause = () => act(answer(api.POST('/api/v1/sessions/{id}/pause', { params: params.value })))
const goOn = () => act(answer(api.POST('/api/v1/sessions/{id}/go-on', { params: params.value })))
function keepRoutine(body: Routine): Promise<boolean> {
  const path = { id: props.studentId }
  return run(async () =>
    emit('routine', await answer(api.PUT('/api/v1/students/{id}/routine', { params: { path }, body }))),
  )
}
async function end(): Promise<void> {
  if (!(await run(() => answer(api.POST('/api/v1/sessions/{id}/close', { params: params.value }))))) return
  emit('changed')
  await router.push(`/table/${session.value.id}/end`)
}
const reopen = () => act(answer(api.POST('/api/v1/sessions/{id}/reopen', { params: params.value })))
</script>

<template>
  <Dialog
    :visible="visible"
    modal
    dismissable-mask
    :header="t('recording.session.title')"
    :style="{ width: 'min(560px, 96vw)' }"
    @update:visible="putAway"
  >
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <CautionList :cautions="cautions" />
    <p class="figures">
      {{
        t(session.coached ? 'recording.session.coached' : 'recording.session.alone', {
          table: session.tableName,
          minutes: Math.round(detail.minutes),
        })
      }}
    </p>
    <h2>{{ t('recording.session.students') }}</h2>
    <div class="choices">
      <button
        v-for="one in session.students"
        :key="one.id"
        type="button"
        class="choice-key"
        :aria-pressed="one.id === studentId"
        @click="emit('play', one.id, drillId)"
      >
        {{ one.name }}
      </button>
      <Select
        v-if="otherStudents.length && !session.closedAt"
        :options="otherStudents"
        option-label="name"
        option-value="id"
        :placeholder="t('recording.session.addStudent')"
        @update:model-value="addStudent"
      />
    </div>
    <label v-if="session.students.length > 1" class="check"
      ><Checkbox v-model="byTurns" binary /> {{ t('recording.session.byTurns') }}</label
    >
    <h2>{{ t('recording.session.drills') }}</h2>
    <div class="choices">
      <button
        v-for="one in session.drills"
        :key="one.id"
        type="button"
        class="choice-key"
        :aria-pressed="one.id === drillId"
        @click="emit('play', studentId, one.id)"
      >
        {{ one.title }}
        <span v-if="one.newerVersion" class="small">{{ t('recording.session.newer') }}</span>
      </button>
      <Select
        v-if="otherDrills.length && !session.closedAt"
        :options="otherDrills"
        option-label="title"
        option-value="id"
        filter
        :placeholder="t('recording.session.addDrill')"
        @update:model-value="addDrill"
      />
    </div>
    <label class="check"><Checkbox v-model="voice" binary /> {{ t('recording.session.voice') }}</label>
    <RoutineForm :routine="routine" :problem="problem" :save="keepRoutine" />
    <label>
      {{ t('recording.session.note') }}
      <Textarea v-model="note" fluid rows="3" maxlength="4000" @change="keepIfNew" />
    </label>
    <div class="choices">
      <template v-if="!session.closedAt">
        <Button v-if="session.paused" :label="t('recording.session.goOn')" @click="goOn" />
        <Button v-else :label="t('recording.session.pause')" severity="secondary" @click="pause" />
        <Button :label="t('recording.close')" severity="secondary" @click="end" />
      </template>
      <Button v-else :label="t('recording.reopen')" @click="reopen" />
    </div>
  </Dialog>
</template>

<style scoped>
h2 {
  margin: 12px 0 4px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
</style>
