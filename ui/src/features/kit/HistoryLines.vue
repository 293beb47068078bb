<script setup lang="ts">
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import type { FigureSource } from '@/api/types'
import { useLoad } from '@/shared/useLoad'
import { useKitWords } from './useKitWords'

/** What a cue or a ball set was, and since when. */
interface Line {
  source: FigureSource
  since?: string
  by?: string
  words: string
}
const props = defineProps<{ load: () => Promise<Line[]> }>()
const { t } = useI18n()
const words = useKitWords()
const { data, reload } = useLoad(() => props.load())
onMounted(reload)
</script>

<template>
  <details v-if="data?.length" class="wide">
    <summary>{{ t('kit.history') }}</summary>
    <ol class="bare">
      <li v-for="(line, at) in data" :key="at">
        <strong>{{ line.since ? words.source(line.source, line.since) : t('kit.untilThen') }}</strong><span
          v-if="line.by"
          class="small quiet"
          >, {{ t('kit.by', { name: line.by }) }}</span
        >: {{ line.words }}
      </li>
    </ol>
  </details>
</template>

<style scoped>
li {
  padding: 4px 0;
}
</style>
