<script setup lang="ts">
import Button from 'primevue/button'

/** The small key at the end of a line: its words are short, whoever hears the page is told which line it belongs to. */
defineProps<{ words: string; spoken: string }>()
</script>

<template>
  <Button severity="secondary" size="small" :label="words" :aria-label="spoken" />
</template>
