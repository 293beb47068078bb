<script setup lang="ts">
import Button from 'primevue/button'
import { useTrouble } from './useTrouble'

/** Stands above the rail until somebody has read it. */
const trouble = useTrouble()

function reload(): void {
  window.location.reload()
}
</script>

<template>
  <div v-if="trouble.said || trouble.broken" class="trouble" role="alert">
    <p>{{ trouble.broken ? $t('error.unexpected') : trouble.said }}</p>
    <Button v-if="trouble.broken" :label="$t('error.reload')" @click="reload" />
    <Button :label="$t('error.close')" severity="secondary" @click="trouble.clear" />
  </div>
</template>

<style scoped>
.trouble {
  position: fixed;
  inset: auto 0 var(--rail-height) 0;
  z-index: 9;
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 10px 24px;
  border-left: 6px solid var(--brick);
  background: var(--paper-raised);
  color: var(--ink);
  box-shadow: 0 -2px 8px var(--shade);
}
p {
  flex: 1;
  margin: 0;
}
</style>
