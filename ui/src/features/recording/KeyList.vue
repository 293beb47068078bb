<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import * as keys from './keys'

/** Every key of the recording screen. */
const props = defineProps<{ letters: string }>()
const visible = defineModel<boolean>('visible', { required: true })
const { t } = useI18n()
const list = computed(() => [
  [props.letters, 'outcome'],
  [keys.KEY_FOUL, 'foul'],
  [keys.KEY_IN_OFF, 'inOff'],
  [keys.KEY_NOT_SEEN, 'notSeen'],
  [keys.KEYS_DEMANDS.join(' '), 'demand'],
  ['1 … 8', 'observe'],
  [keys.KEY_NOTE, 'note'],
  [keys.KEY_CALL, 'call'],
  ['Enter', 'place'],
  ['1 … 9', 'ninths'],
  ['← ↑ ↓ →', 'move'],
  ['⌫', 'undo'],
  ['[ ]', 'station'],
  [keys.KEY_MIRROR, 'mirror'],
  [keys.KEY_STAY, 'stay'],
  [keys.KEY_NEXT_STUDENT, 'nextStudent'],
  [keys.KEY_NEXT_DRILL, 'nextDrill'],
  [keys.KEY_SESSION, 'session'],
  [keys.KEY_ROUTINE, 'routine'],
  ['Esc', 'cancel'],
  ['?', 'help'],
])
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="t('recording.help.title')" dismissable-mask>
    <dl>
      <template v-for="[key, words] in list" :key="words">
        <dt>{{ key }}</dt>
        <dd>{{ t(`recording.help.${words}`) }}</dd>
      </template>
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
