<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { KitEffect } from '@/api/types'
import { useUnits } from '@/shared/units'

/** What moves, on strokes that everybody knows; what stays within a centimetre is left out. */
const props = defineProps<{ effects: KitEffect[] }>()
const { t } = useI18n()
const { figure } = useUnits()
const MOVES_MILLIMETRES = { SOFT_ROLL: 10, LAG: 10, STRAY: 2 } as const

function said(stroke: KitEffect['stroke'], millimetres: number): string {
  return stroke === 'STRAY' ? `${figure(Math.abs(millimetres), 0)} mm` : `${figure(millimetres / 1000, 2)} m`
}

function moves(one: KitEffect): boolean {
  return Math.abs(one.afterMillimetres - one.beforeMillimetres) >= MOVES_MILLIMETRES[one.stroke]
}
</script>

<template>
  <ul class="effects">
    <li v-for="one in props.effects.filter(moves)" :key="one.stroke">
      {{
        t(`kit.effect.${one.stroke}`, {
          before: said(one.stroke, one.beforeMillimetres),
          after: said(one.stroke, one.afterMillimetres),
        })
      }}
    </li>
    <li v-if="!props.effects.some(moves)">{{ t('kit.effect.nothing') }}</li>
  </ul>
</template>

<style scoped>
.effects {
  margin: 4px 0;
  padding-left: 20px;
}
</style>
