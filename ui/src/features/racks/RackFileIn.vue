<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import FileField from '@/shared/FileField.vue'
import { useAction } from '@/shared/useAction'

/** A file of racks or layouts, read by the server; what it refuses is said line by line. */
const props = defineProps<{
  label: string
  /** Sends what the file holds and says in a sentence what came of it, then each line that was refused. */
  send: (content: object) => Promise<{ sentence: string; refused: string[] }>
}>()
const emit = defineEmits<{ done: [] }>()
const { t } = useI18n()
const { problem, run } = useAction()
const read = ref<{ sentence: string; refused: string[] }>()

async function chosen(file: File): Promise<void> {
  read.value = undefined
  problem.value = ''
  const content = parsed(await file.text())
  if (!content) {
    problem.value = t('racks.file.notJson')
    return
  }
  const well = await run(async () => {
    read.value = await props.send(content)
  })
  if (well) emit('done')
}

function parsed(text: string): object | undefined {
  try {
    const content: unknown = JSON.parse(text)
    return typeof content === 'object' && content !== null ? content : undefined
  } catch {
    // Said to whoever chose the file.
    return undefined
  }
}
</script>

<template>
  <FileField :label="label" accept=".json,application/json" @chosen="chosen" />
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  <template v-if="read">
    <p role="status" class="bare">{{ read.sentence }}</p>
    <ul v-if="read.refused.length" class="small">
      <li v-for="(line, at) in read.refused" :key="at">{{ line }}</li>
    </ul>
  </template>
</template>
