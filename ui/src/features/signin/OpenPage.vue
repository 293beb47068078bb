<script setup lang="ts">
/** The frame of pages that need no sign-in. */
defineProps<{ title: string; lead: string }>()
</script>

<template>
  <main class="open">
    <div class="wood" aria-hidden="true">
      <svg viewBox="0 0 900 40" preserveAspectRatio="none">
        <path v-for="n in 7" :key="n" :d="`M${n * 112} 8 l10 12 l-10 12 l-10 -12 Z`" />
      </svg>
    </div>
    <section>
      <p class="name">{{ $t('app.name') }}</p>
      <h1>{{ title }}</h1>
      <p class="quiet">{{ lead }}</p>
      <slot />
    </section>
  </main>
</template>

<style scoped>
.open {
  min-height: 100dvh;
  display: grid;
  grid-template-rows: 56px 1fr;
}
.wood {
  background: linear-gradient(var(--wood-light), var(--wood-dark));
  display: grid;
  align-items: center;
}
.wood svg {
  width: 100%;
  height: 40px;
}
.wood path {
  fill: var(--bone);
}
section {
  width: min(420px, 100% - 40px);
  margin: 8vh auto 0;
}
.name {
  font-family: var(--font-title);
  font-size: 20px;
  margin: 0 0 24px;
  color: var(--amber-text);
}
</style>
