<script setup lang="ts">
import type { Waiting } from '@/device/useSignedIn'
import OpenPage from './OpenPage.vue'

/** In place of a page that cannot be opened before the server has answered. */
const { why } = defineProps<{ why: Waiting }>()
</script>

<template>
  <div role="status">
    <OpenPage v-if="why === 'SLOW'" :title="$t('error.slowTitle')" :lead="$t('error.slow')" />
    <OpenPage v-else :title="$t('error.awayTitle')" :lead="$t('error.away')" />
  </div>
</template>
