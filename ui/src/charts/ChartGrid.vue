<template>
  <!-- Small charts side by side, as many as the window has room for. -->
  <div class="chart-grid"><slot /></div>
</template>

<style scoped>
.chart-grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 330px), 1fr));
  gap: 14px 28px;
}
.chart-grid :deep(h3) {
  margin: 0 0 4px;
  font-size: 18px;
}
.chart-grid :deep(h3::first-letter) {
  text-transform: uppercase;
}
.chart-grid :deep(article > p) {
  margin: 2px 0 4px;
}
</style>
