<script setup lang="ts">
import ChooseStudent from '@/shared/ChooseStudent.vue'
import LookingAt from '@/shared/LookingAt.vue'
import PageState from '@/shared/PageState.vue'
import ProgressTabs from './ProgressTabs.vue'

/** What the pages of one student share: the tabs, the name, and what to do while nobody is in hand. */
defineProps<{
  title: string
  studentId?: string
  studentName?: string
  busy: boolean
  problem: string
}>()
defineEmits<{ retry: [] }>()
</script>

<template>
  <main class="page">
    <ProgressTabs />
    <h1>
      {{ title }}<template v-if="studentName">: {{ studentName }}</template>
    </h1>
    <LookingAt v-if="studentId && studentName" :students="[{ id: studentId, name: studentName }]" />
    <PageState
      :busy="busy"
      :problem="problem"
      :ready="!busy || studentName !== undefined"
      @retry="$emit('retry')"
    >
      <ChooseStudent v-if="!studentId" />
      <slot v-else-if="studentName !== undefined" />
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px 24px;
}
@media (max-width: 620px) {
  .page {
    padding: 12px;
  }
}
</style>
