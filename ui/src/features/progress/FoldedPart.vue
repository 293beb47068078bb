<script setup lang="ts">
import { ref } from 'vue'
import { useNarrow } from '@/shared/useNarrow'

/** A part of a long page: as it is where there is room; on a phone folded under its title, and made only once it is opened. */
defineProps<{ title: string }>()
const narrow = useNarrow(620)
const opened = ref(false)

function noteOpened(event: Event): void {
  if ((event.currentTarget as HTMLDetailsElement).open) opened.value = true
}
</script>

<template>
  <details v-if="narrow" @toggle="noteOpened">
    <summary>
      <h2>{{ title }}</h2>
    </summary>
    <div v-if="opened" class="inside"><slot /></div>
  </details>
  <slot v-else />
</template>

<style scoped>
details {
  border-top: 1px solid var(--edge);
}
details:last-of-type {
  border-bottom: 1px solid var(--edge);
}
summary {
  display: list-item;
  min-height: 48px;
  padding: 10px 2px;
}
summary h2 {
  display: inline;
  margin: 0;
}
/* The title is in the fold already. */
.inside :deep(section > h2) {
  display: none;
}
</style>
