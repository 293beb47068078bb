<script setup lang="ts">
import Button from 'primevue/button'
import Menu from 'primevue/menu'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { CueRow, KitTableRow } from '@/api/types'
import { useUnits } from '@/shared/units'
import { useKitWords } from './useKitWords'

/** One cue in the list; it is checked on a table, so the key asks on which. */
const props = defineProps<{ cue: CueRow; tables: KitTableRow[]; working: boolean }>()
const emit = defineEmits<{ change: []; check: [tableId: string] }>()
const { t } = useI18n()
const { figure } = useUnits()
const words = useKitWords()
const menu = ref<InstanceType<typeof Menu>>()
const items = computed(() =>
  props.tables.map(({ id, name }) => ({ label: name, command: () => emit('check', id) })),
)
</script>

<template>
  <li>
    <strong class="name">{{ cue.name }}</strong>
    <span>
      {{ cue.ownerName ?? t('kit.club') }}; {{ t('kit.tip') }} {{ figure(cue.tipDiameterMillimetres, 1) }} mm;
      {{
        t('kit.squirt', {
          offset: `${figure(cue.squirtOffsetMillimetres, 0)} mm`,
          degrees: figure(cue.squirtDegrees, 1),
        })
      }}
      <span class="small quiet">{{ words.source(cue.source, cue.since) }}.</span>
    </span>
    <span class="keys">
      <RouterLink :to="`/kit/aim?cueId=${cue.id}`">{{ t('kit.aim') }}</RouterLink>
      <template v-if="cue.mayChange">
        <Button
          severity="secondary"
          :label="t('kit.checkCue')"
          :disabled="working"
          aria-haspopup="menu"
          :aria-label="`${t('kit.checkCue')}: ${cue.name}`"
          @click="menu?.toggle($event)"
        />
        <Menu ref="menu" :model="items" popup />
        <Button
          text
          severity="secondary"
          :label="t('kit.change')"
          :aria-label="`${t('kit.change')}: ${cue.name}`"
          @click="emit('change')"
        />
      </template>
    </span>
  </li>
</template>

<style scoped>
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.name {
  font-weight: 600;
}
</style>
