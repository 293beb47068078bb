<script setup lang="ts">
import { useAboutStudent } from '@/shared/useAboutStudent'

/** The views of progress; the group is for coaches. */
const { isCoach } = useAboutStudent()
</script>

<template>
  <nav class="tabs no-print" :aria-label="$t('progress.views')">
    <RouterLink v-if="isCoach" to="/progress/group">{{ $t('progress.group.tab') }}</RouterLink>
    <RouterLink to="/progress">{{ $t('progress.student') }}</RouterLink>
    <RouterLink to="/progress/template">{{ $t('progress.template.tab') }}</RouterLink>
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
