<script setup lang="ts">
/** The drawing with its keys on the left, the words beside it; below one another where there is no room. */
</script>

<template>
  <div class="parts">
    <section class="left">
      <slot name="above" />
      <div class="drawing"><slot name="drawing" /></div>
      <slot name="keys" />
    </section>
    <aside><slot name="beside" /></aside>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(270px, 2fr);
  gap: 20px;
  margin-top: 8px;
}
.left {
  display: grid;
  gap: 8px;
  align-content: start;
}
.drawing {
  height: min(59vh, 570px);
}
.left :deep(.keys) {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.left :deep(.keys button) {
  min-height: 48px;
}
.parts :deep(h2) {
  margin-bottom: 6px;
}
.left :deep(summary) {
  min-height: 44px;
  cursor: pointer;
}
@media (width <= 900px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
