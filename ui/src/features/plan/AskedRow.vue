<script setup lang="ts">
/** What is asked for, side by side; sends nothing by itself. */
</script>

<template>
  <form class="asked no-print" @submit.prevent>
    <slot />
  </form>
</template>

<style scoped>
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: start;
  margin: 12px 0;
}
</style>
