<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TableDrawing } from '@/api/types'
import { useNotation } from '@/shared/useNotation'
import CallPicker from './CallPicker.vue'
import { KEY_CALL } from './keys'
import type { Call } from './useArmed'

/** The stroke that is called for the next shots, in words; opens what changes it. */
const props = defineProps<{ table: TableDrawing; usual?: Call }>()
const calling = defineModel<boolean>('calling', { required: true })
const call = defineModel<Call | undefined>('call')
const { t } = useI18n()
const notation = useNotation()

const words = computed(() => {
  const called = call.value
  const scale = props.table.strike
  if (!called || !scale) return t('recording.call.noCall')
  return `${notation.pace(called.paceMetresPerSecond, scale)}, ${notation.tip(called.tipHeightMillimetres, called.tipSideMillimetres, scale)}`
})
</script>

<template>
  <button type="button" class="choice-key" :aria-pressed="call !== undefined" @click="calling = true">
    {{ t('recording.call.label') }}: {{ words }} <kbd>{{ KEY_CALL }}</kbd>
  </button>
  <CallPicker
    v-model:visible="calling"
    v-model:call="call"
    :usual="usual"
    :scale="table.strike"
    :ball-diameter-millimetres="table.cueBallDiameterMillimetres"
  />
</template>

<style scoped>
button {
  flex: none;
  padding: 0 12px;
}
</style>
