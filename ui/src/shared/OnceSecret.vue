<script setup lang="ts">
import Button from 'primevue/button'
import { ref, watch } from 'vue'

/** Something that is shown once: to be copied now, or written down where a browser has no clipboard for pages. */
const props = defineProps<{ lead: string; text: string }>()
const copied = ref(false)
const refused = ref(false)
watch(
  () => props.text,
  () => {
    copied.value = false
    refused.value = false
  },
)

async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(props.text)
    copied.value = true
  } catch {
    // Over plain http a browser has no clipboard for pages; the text stands there to be selected.
    refused.value = true
  }
}
</script>

<template>
  <div class="once" role="status">
    <p class="bare">
      <strong>{{ lead }}</strong>
    </p>
    <p class="bare">
      <code>{{ text }}</code>
    </p>
    <p class="bare">
      <Button size="small" :label="$t(copied ? 'share.copied' : 'share.copy')" @click="copy" />
      <span v-if="refused" class="small">{{ $t('people.copyByHand') }}</span>
    </p>
  </div>
</template>

<style scoped>
.once {
  display: grid;
  gap: 8px;
  margin: 10px 0;
  padding: 10px 14px;
  border-left: 4px solid var(--amber);
  background: var(--paper-raised);
}
code {
  overflow-wrap: anywhere;
}
</style>
