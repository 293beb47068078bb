<script setup lang="ts">
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { AttemptImport } from '@/api/types'
import FileField from '@/shared/FileField.vue'
import { saveAs } from '@/shared/saveAs'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import ShareLinks from './ShareLinks.vue'

/** The report on paper, every attempt as a file, and attempts from a file. */
const props = defineProps<{ studentId: string; studentName: string }>()
const emit = defineEmits<{ imported: [] }>()
const { t } = useI18n()
const note = ref('')
const { busy: working, problem, run } = useAction()
const csv = ref('')
const fileName = ref('')
/** Of the file that was chosen last: another may be chosen while one is looked at. */
const {
  data: found,
  busy: looking,
  problem: notRead,
  reload: look,
  set,
} = useLoad(async (): Promise<AttemptImport | undefined> => send(true))
const LONGEST_NOTE = 1200

async function report(paper: 'A4' | 'LETTER'): Promise<void> {
  await run(async () => {
    const pdf = await answer(
      api.POST('/api/v1/students/{id}/report', {
        params: { path: { id: props.studentId } },
        body: { note: note.value, paper },
        parseAs: 'blob',
      }),
    )
    saveAs(pdf, `${t('progress.paper.file')}.pdf`)
  })
}

/** A long file: how many of its attempts have been seen to. */
const progress = ref<{ done?: number; all?: number }>({})
const LOOK_EACH_MILLISECONDS = 700

async function lookAtProgress(): Promise<void> {
  progress.value = await answer(
    api.GET('/api/v1/attempt-import/{studentId}/progress', {
      params: { path: { studentId: props.studentId } },
    }),
  ).catch(() => ({}))
}

async function send(dryRun: boolean): Promise<AttemptImport> {
  progress.value = {}
  const looking = setInterval(() => void lookAtProgress(), LOOK_EACH_MILLISECONDS)
  const params = { path: { studentId: props.studentId }, query: { dryRun } }
  const sent = api.POST('/api/v1/attempt-import/{studentId}', { params, body: { csv: csv.value } })
  return answer(sent).finally(() => {
    clearInterval(looking)
    progress.value = {}
  })
}

async function choose(file: File): Promise<void> {
  set(undefined)
  fileName.value = file.name
  csv.value = await file.text()
  await look()
}

async function write(): Promise<void> {
  await run(async () => {
    set(await send(false))
    emit('imported')
  })
}
</script>

<template>
  <section class="no-print">
    <h2>{{ t('progress.paper.title') }}</h2>
    <div class="parts">
      <div>
        <label for="report-note">{{ t('progress.paper.note', { name: studentName }) }}</label>
        <Textarea id="report-note" v-model="note" rows="3" :maxlength="LONGEST_NOTE" fluid />
        <p class="row">
          <Button :label="t('progress.paper.a4')" :disabled="working" @click="report('A4')" />
          <Button
            severity="secondary"
            :label="t('progress.paper.letter')"
            :disabled="working"
            @click="report('LETTER')"
          />
        </p>
        <ShareLinks :student-id="studentId" :note="note" />
      </div>
      <div>
        <p>
          {{ t('review.files') }}
          <a :href="`/api/v1/students/${studentId}/attempts.csv`" download>CSV</a> ·
          <a :href="`/api/v1/students/${studentId}/attempts.json`" download>JSON</a>
        </p>
        <FileField
          :label="t('progress.import.choose')"
          accept=".csv,.json,text/csv,application/json"
          @chosen="choose"
        />
        <p v-if="progress.all" role="status">
          {{ t('progress.import.underWay', { done: progress.done ?? 0, all: progress.all }) }}
        </p>
        <div v-if="found" role="status" data-testid="import">
          <p>
            <strong>{{ fileName }}</strong>:
            {{
              t('progress.import.found', {
                attempts: found.attempts,
                sessions: found.sessions,
                here: found.alreadyHere,
              })
            }}
          </p>
          <template v-if="found.problemsInAll > 0">
            <p class="problem">{{ t('progress.import.problems', { n: found.problemsInAll }) }}</p>
            <ul class="small">
              <li v-for="one in found.problems" :key="`${one.line} ${one.column} ${one.problem}`">
                {{ t('progress.import.line', { n: one.line }) }}
                <strong v-if="one.column">{{ one.column }}</strong> {{ one.problem }}
              </li>
            </ul>
          </template>
          <p v-else-if="found.written">{{ t('progress.import.written') }}</p>
          <Button
            v-else-if="found.attempts > 0"
            :label="t('progress.import.write', { n: found.attempts })"
            :disabled="working || looking"
            @click="write"
          />
        </div>
      </div>
    </div>
    <p v-if="problem || notRead" role="alert" class="problem">{{ problem || notRead }}</p>
  </section>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 20px 40px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
label {
  font-weight: 600;
}
</style>
