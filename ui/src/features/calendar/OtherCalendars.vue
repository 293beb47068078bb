<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import BusyFile from './BusyFile.vue'
import SecretFeed from './SecretFeed.vue'

/** This calendar in others, and others in this one. */
defineProps<{ busyTimes: number }>()
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
</script>

<template>
  <details class="others no-print">
    <summary>{{ t('calendar.other.title') }}</summary>
    <div class="both">
      <SecretFeed />
      <BusyFile :busy-times="busyTimes" @changed="emit('changed')" />
    </div>
  </details>
</template>

<style scoped>
summary {
  font-weight: 600;
}
.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 20px 40px;
}
</style>
