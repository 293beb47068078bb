<template>
  <main class="page">
    <h1>{{ $t('rail.table') }}</h1>
    <p>{{ $t('recording.nothing') }}</p>
    <p>
      <RouterLink to="/table/begin">{{ $t('recording.begin.several') }}</RouterLink>
    </p>
    <p>
      <RouterLink to="/racks">{{ $t('racks.link') }}</RouterLink>
    </p>
    <RouterLink to="/drills" class="action">{{ $t('recording.toDrills') }}</RouterLink>
  </main>
</template>

<style scoped>
.page {
  padding: 24px;
}
.action {
  display: inline-block;
  padding: 14px 20px;
  background: var(--amber-lit);
  color: var(--on-amber);
  border-radius: 6px;
  text-decoration: none;
  font-weight: 600;
}
</style>
