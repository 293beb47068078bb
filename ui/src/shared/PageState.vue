<script setup lang="ts">
import Button from 'primevue/button'

/** Waiting, or what went wrong and a way to try again; the page itself otherwise. */
defineProps<{ busy: boolean; problem: string; ready: boolean }>()
defineEmits<{ retry: [] }>()
</script>

<template>
  <p v-if="problem" role="alert" class="problem">
    {{ problem }}
    <Button :label="$t('error.retry')" severity="secondary" @click="$emit('retry')" />
  </p>
  <slot v-else-if="ready" />
  <p v-else-if="busy" class="quiet waiting" aria-live="polite">{{ $t('app.loading') }}</p>
</template>

<style scoped>
.problem {
  color: var(--ink);
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 24px;
  border-left: 4px solid var(--brick);
  background: var(--paper-raised);
}
.waiting {
  padding: 24px;
}
</style>
