<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Caution } from '@/api/types'

/** What may go wrong for people or cloth, short, where it matters. */
defineProps<{ cautions: Caution[] }>()
const { t } = useI18n()
</script>

<template>
  <ul v-if="cautions.length" class="cautions small" :aria-label="t('caution.title')">
    <li v-for="caution in cautions" :key="caution">{{ t(`caution.${caution}`) }}</li>
  </ul>
</template>

<style scoped>
.cautions {
  margin: 6px 0;
  padding: 4px 12px;
  list-style: none;
  border-left: 4px solid var(--brick-text);
}
</style>
