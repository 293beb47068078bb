<template>
  <main class="page">
    <h1>{{ $t('error.missingPage') }}</h1>
    <RouterLink to="/today">{{ $t('error.toToday') }}</RouterLink>
  </main>
</template>

<style scoped>
.page {
  padding: 24px;
}
</style>
