<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useNeededList } from './useNeededList'
import { CUSHIONS, type CushionName } from '@/shared/drillFile/drillDocument'

/** Cushions in order: each press adds one, the last can be taken back. */
const props = defineProps<{
  label: string
  /** At least one is needed: an empty order waits here for its first cushion, and the drill keeps the one before. */
  needed?: boolean
}>()
const model = defineModel<CushionName[]>({ required: true })
const { chosen, isWaiting, choose } = useNeededList(model, () => props.needed ?? false)
const { t } = useI18n()
const MOST = 6
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <span>{{ chosen.map((cushion) => t(`cushion.${cushion}`)).join(' → ') || t('bench.none') }}</span>
    <span class="keys">
      <button
        v-for="cushion in CUSHIONS"
        :key="cushion"
        type="button"
        :disabled="chosen.length >= MOST"
        @click="choose([...chosen, cushion])"
      >
        + {{ t(`cushion.${cushion}`) }}
      </button>
      <button type="button" :disabled="chosen.length === 0" @click="choose(chosen.slice(0, -1))">
        {{ t('bench.takeLast') }}
      </button>
    </span>
    <p v-if="isWaiting" class="small" role="status">{{ t('bench.needsCushion') }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  padding: 0;
  font-size: 14px;
  font-weight: 600;
}
p {
  margin: 4px 0 0;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
}
button {
  min-height: 32px;
  padding: 0 8px;
  border: 1px solid var(--edge);
  border-radius: 6px;
  background: var(--paper-raised);
  color: var(--ink);
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}
button:disabled {
  opacity: 0.5;
}
</style>
