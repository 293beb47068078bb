<script setup lang="ts">
/** A file to be read, with what it is beside it. */
defineProps<{ label: string; accept: string }>()
const emit = defineEmits<{ chosen: [file: File] }>()

function choose(event: Event): void {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) emit('chosen', file)
}
/** The same file may be chosen again after it was corrected. */
function forget(event: Event): void {
  const input = event.target as HTMLInputElement
  input.value = ''
}
</script>

<template>
  <label class="file">
    {{ label }}
    <input type="file" :accept="accept" @click="forget" @change="choose" />
  </label>
</template>

<style scoped>
.file {
  display: grid;
  gap: 6px;
  font-weight: 600;
}
</style>
