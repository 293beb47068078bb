<script setup lang="ts">
import Button from 'primevue/button'
import { computed, toRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSignedIn } from '@/device/useSignedIn'
import GradeLadder from './GradeLadder.vue'
import { useGrades } from './useGrades'

/** How hard a drill's stations are on this table, and the work on it. */
const props = defineProps<{ drillId: string; tableId: string; names: string[] }>()
const { t } = useI18n()
const signedIn = useSignedIn()
const { grades, problem, begin, cancel } = useGrades(toRef(props, 'drillId'), toRef(props, 'tableId'))
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
</script>

<template>
  <section v-if="grades">
    <h2>{{ t('grades.title') }}</h2>
    <GradeLadder :names="names" :grades="grades.stations" />
    <p v-if="grades.state === 'WORKING'" role="status" class="no-print">
      {{ t('grades.working', { share: Math.round(100 * grades.shareDone) }) }}
      <progress :value="grades.shareDone" max="1" :aria-label="t('grades.title')" />
      <button type="button" class="link" @click="cancel">{{ t('grades.cancel') }}</button>
    </p>
    <p v-else-if="grades.state !== 'DONE'" class="no-print">
      {{ t(`grades.job.${grades.state}`) }}
      <Button v-if="isCoach" :label="t('grades.begin')" severity="secondary" @click="begin" />
    </p>
    <details class="small">
      <summary>{{ t('grades.why') }}</summary>
      <p>{{ t('grades.whyWords') }}</p>
    </details>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 8px 0 0;
}
p {
  margin: 6px 0;
}
summary {
  color: var(--amber-text);
}
progress {
  accent-color: var(--amber);
}
</style>
