<script setup lang="ts">
import { computed } from 'vue'
import type { Invited } from '@/api/types'

const props = defineProps<{ invited: Invited }>()
const link = computed(() => window.location.origin + props.invited.linkPath)
</script>

<template>
  <p class="link" role="status">
    {{ $t('today.linkFor', { name: invited.name }) }}<br />
    <code>{{ link }}</code>
  </p>
</template>

<style scoped>
.link {
  flex-basis: 100%;
  margin: 0;
  padding: 12px 16px;
  background: var(--paper-raised);
  border-left: 4px solid var(--amber);
}
code {
  user-select: all;
  overflow-wrap: anywhere;
}
</style>
