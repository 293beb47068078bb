<script setup lang="ts">
import { computed } from 'vue'
import { useAboutStudent } from '@/shared/useAboutStudent'

/** The views of progress; the group is for coaches. */
const { isCoach, studentId } = useAboutStudent()
/** The student goes along from view to view. */
const query = computed(() => (isCoach.value && studentId.value ? { student: studentId.value } : {}))
</script>

<template>
  <nav class="tabs no-print" :aria-label="$t('progress.views')">
    <RouterLink v-if="isCoach" to="/progress/group">{{ $t('progress.group.tab') }}</RouterLink>
    <RouterLink :to="{ path: '/progress', query }">{{ $t('progress.student') }}</RouterLink>
    <RouterLink :to="{ path: '/progress/periods', query }">{{ $t('progress.periods.tab') }}</RouterLink>
    <RouterLink :to="{ path: '/racks', query }">{{ $t('racks.title') }}</RouterLink>
    <RouterLink :to="{ path: '/progress/template', query }">{{ $t('progress.template.tab') }}</RouterLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 10px;
}
a {
  min-height: 44px;
  padding: 9px 16px;
  border-radius: 8px;
  border: 1.5px solid var(--edge);
  color: var(--ink);
  text-decoration: none;
}
.router-link-exact-active {
  background: var(--slate);
  color: var(--paper);
}
</style>
