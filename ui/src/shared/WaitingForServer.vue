<script setup lang="ts">
/** In place of a page that cannot be opened before the server has answered. */
const { why } = defineProps<{ why: 'SLOW' | 'AWAY' }>()
</script>

<template>
  <main class="page" role="status">
    <h1>{{ why === 'SLOW' ? $t('error.slowTitle') : $t('error.awayTitle') }}</h1>
    <p>{{ why === 'SLOW' ? $t('error.slow') : $t('error.away') }}</p>
  </main>
</template>

<style scoped>
.page {
  padding: 24px;
}
</style>
