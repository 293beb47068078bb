<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { CUSHIONS, type CushionName } from './drillDocument'

/** Cushions in order: each press adds one, the last can be taken back. */
defineProps<{ label: string }>()
const model = defineModel<CushionName[]>({ required: true })
const { t } = useI18n()
const MOST = 6
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <span>{{ model.map((cushion) => t(`cushion.${cushion}`)).join(' → ') || t('bench.none') }}</span>
    <span class="keys">
      <button
        v-for="cushion in CUSHIONS"
        :key="cushion"
        type="button"
        :disabled="model.length >= MOST"
        @click="model = [...model, cushion]"
      >
        + {{ t(`cushion.${cushion}`) }}
      </button>
      <button type="button" :disabled="model.length === 0" @click="model = model.slice(0, -1)">
        {{ t('bench.takeLast') }}
      </button>
    </span>
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
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
}
button {
  min-height: 32px;
  padding: 0 8px;
  border: 1px solid #8c8676;
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
