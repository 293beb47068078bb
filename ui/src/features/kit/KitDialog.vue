<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useI18n } from 'vue-i18n'
import { useClosing } from '@/shared/useClosing'

/** A form about one thing of the club's: save it, or put it away. */
const props = defineProps<{ title: string; busy: boolean; problem: string; mayGo?: boolean }>()
const emit = defineEmits<{ save: []; close: []; away: [] }>()
const { t } = useI18n()
const close = useClosing(
  () => props.busy,
  () => props.problem,
  () => emit('close'),
)
</script>

<template>
  <Dialog visible modal :header="title" :style="{ width: 'min(520px, 94vw)' }" @update:visible="close">
    <form class="form" @submit.prevent="emit('save')">
      <slot />
      <p v-if="problem" role="alert" class="problem wide">{{ problem }}</p>
      <span class="keys wide">
        <Button type="submit" :label="t('kit.save')" :loading="busy" />
        <Button
          v-if="mayGo"
          text
          severity="secondary"
          type="button"
          :label="t('kit.putAway')"
          :disabled="busy"
          @click="emit('away')"
        />
      </span>
    </form>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 20px;
  align-items: end;
}
.form :deep(.wide) {
  grid-column: 1 / -1;
}
.problem {
  margin: 0;
  color: var(--brick-text);
}
.keys {
  display: flex;
  gap: 12px;
}
@media (max-width: 480px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>
