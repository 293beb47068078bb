<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { KEY_FOUL, KEY_IN_OFF, KEY_MIRROR, KEY_NOT_SEEN } from './keys'

/** Every key of the recording screen. */
defineProps<{ letters: string }>()
const visible = defineModel<boolean>('visible', { required: true })
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('recording.help.title')" dismissable-mask>
    <dl>
      <dt>{{ letters }}</dt>
      <dd>{{ $t('recording.help.outcome') }}</dd>
      <dt>{{ KEY_FOUL }}</dt>
      <dd>{{ $t('recording.help.foul') }}</dd>
      <dt>{{ KEY_IN_OFF }}</dt>
      <dd>{{ $t('recording.help.inOff') }}</dd>
      <dt>{{ KEY_NOT_SEEN }}</dt>
      <dd>{{ $t('recording.help.notSeen') }}</dd>
      <dt>Enter</dt>
      <dd>{{ $t('recording.help.place') }}</dd>
      <dt>← ↑ ↓ →</dt>
      <dd>{{ $t('recording.help.move') }}</dd>
      <dt>⌫</dt>
      <dd>{{ $t('recording.help.undo') }}</dd>
      <dt>[ ]</dt>
      <dd>{{ $t('recording.help.station') }}</dd>
      <dt>{{ KEY_MIRROR }}</dt>
      <dd>{{ $t('recording.help.mirror') }}</dd>
      <dt>Esc</dt>
      <dd>{{ $t('recording.help.cancel') }}</dd>
      <dt>?</dt>
      <dd>{{ $t('recording.help.help') }}</dd>
    </dl>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 20px;
  margin: 0;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
</style>
