<script setup lang="ts">
import Textarea from 'primevue/textarea'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** A free note on one attempt. */
const props = defineProps<{ note: string }>()
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ keep: [note: string] }>()
const { t } = useI18n()
const text = ref('')
watch(visible, (open) => open && (text.value = props.note), { immediate: true })

/** However it is put away: a finger beside it must not lose what was typed. */
function keep(): void {
  if (text.value !== props.note) emit('keep', text.value)
  visible.value = false
}
</script>

<template>
  <Dialog :visible="visible" modal dismissable-mask :header="t('recording.noteTitle')" @update:visible="keep">
    <form @submit.prevent="keep">
      <Textarea
        v-model="text"
        fluid
        rows="3"
        maxlength="1000"
        autofocus
        :aria-label="t('recording.noteTitle')"
      />
      <Button type="submit" :label="t('recording.keepNote')" fluid />
    </form>
  </Dialog>
</template>

<style scoped></style>
