<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { ImportPreview } from '@/api/types'
import FileField from '@/shared/FileField.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** Takes drills from a file, after a look at what will change. */
const visible = defineModel<boolean>({ required: true })
const emit = defineEmits<{ done: [] }>()
const { t } = useI18n()
const text = ref('')
/** Of the file that was chosen last: another may be chosen while one is looked at. */
const {
  data: preview,
  problem: notRead,
  reload: look,
  set,
} = useLoad(async (): Promise<ImportPreview | undefined> =>
  answer(api.POST('/api/v1/drill-import/preview', { body: { text: text.value } })),
)
const { busy, problem, run } = useAction()
const taking = computed(() => preview.value?.entries.filter((entry) => entry.effect !== 'SAME').length ?? 0)

async function choose(file: File): Promise<void> {
  forget()
  text.value = await file.text()
  await look()
}

async function take(): Promise<void> {
  await run(async () => {
    set(await answer(api.POST('/api/v1/drill-import', { body: { text: text.value } })))
  })
  if (preview.value?.done) emit('done')
}

function forget(): void {
  set(undefined)
  problem.value = ''
}

function close(): void {
  visible.value = false
  forget()
}
</script>

<template>
  <Dialog
    :visible="visible"
    modal
    :header="t('library.importTitle')"
    :style="{ width: 'min(640px, 94vw)' }"
    @update:visible="close"
  >
    <FileField :label="t('library.importChoose')" accept=".json,application/json" @chosen="choose" />
    <p v-if="problem || notRead" role="alert" class="problem">
      {{ problem || notRead }} {{ t('library.importNothing') }}
    </p>
    <template v-if="preview">
      <div v-if="preview.problems.length > 0" role="alert" class="problem">
        {{ t('library.importProblems') }}
        <ul>
          <li v-for="(one, index) in preview.problems" :key="index">{{ one.sentence }}</li>
        </ul>
        {{ t('library.importNothing') }}
      </div>
      <p v-else-if="preview.done" role="status">{{ t('library.importDone', taking) }}</p>
      <template v-else>
        <ul class="entries">
          <li v-for="(entry, index) in preview.entries" :key="index">
            <strong>{{ entry.title }}</strong>
            <span class="quiet">
              {{ t('drills.stationCount', entry.stations) }} –
              {{ t(`library.effect.${entry.effect}`, { changes: entry.changes.join(', ') }) }}
            </span>
            <span v-for="warning in entry.warnings" :key="warning" class="problem small">{{ warning }}</span>
          </li>
        </ul>
        <Button v-if="taking > 0" :label="t('library.importDo', taking)" :loading="busy" @click="take" />
        <p v-else>{{ t('library.importSame') }}</p>
      </template>
    </template>
    <p class="end">
      <Button :label="t('library.close')" severity="secondary" @click="close" />
    </p>
  </Dialog>
</template>

<style scoped>
.entries {
  list-style: none;
  padding: 0;
  max-height: 45vh;
  overflow-y: auto;
}
.entries li {
  display: grid;
  padding: 6px 0;
  border-top: 1px solid var(--hairline);
}
.end {
  text-align: right;
  margin: 12px 0 0;
}
</style>
