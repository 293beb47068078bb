<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { remember, remembered } from '@/device/localMemory'

/** A page that came over plain http records as any other, and lacks a few things of the browser. Said once on each device. */
const TOLD = 'amber-plain-http-told'
const shown = ref(!window.isSecureContext && !remembered(TOLD))

function understood(): void {
  shown.value = false
  remember(TOLD, 'yes')
}
</script>

<template>
  <aside v-if="shown" class="note" :aria-label="$t('plainHttp.title')">
    <p>
      <strong>{{ $t('plainHttp.title') }}</strong> {{ $t('plainHttp.lacks') }} {{ $t('plainHttp.how') }}
      <code>./amber serve --tls</code>
    </p>
    <Button :label="$t('plainHttp.understood')" severity="secondary" @click="understood" />
  </aside>
</template>

<style scoped>
.note {
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 10px 24px;
  background: var(--paper-raised);
  border-bottom: 1px solid var(--hairline);
}
p {
  flex: 1;
  margin: 0;
  max-width: 90ch;
}
@media (max-width: 620px) {
  .note {
    flex-wrap: wrap;
    padding: 8px 12px;
    font-size: 15px;
  }
}
</style>
