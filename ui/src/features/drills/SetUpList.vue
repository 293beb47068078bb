<script setup lang="ts">
import type { Place, Shot, TableDrawing } from '@/api/types'
import { useUnits } from '@/shared/units'
import { useI18n } from 'vue-i18n'

/** Every position as sights and by tape from the two nearest cushions. */
defineProps<{ shot: Shot; table: TableDrawing }>()
const { t } = useI18n()
const { length } = useUnits()

function sights(place: Place): string {
  return t('drills.sights', { along: place.sightsAlong.toFixed(2), across: place.sightsAcross.toFixed(2) })
}
</script>

<template>
  <table class="figures">
    <caption class="small quiet">
      {{
        t('drills.fromCushions')
      }}
    </caption>
    <tbody>
      <tr v-for="ball in shot.balls" :key="ball.label">
        <th scope="row">{{ t(`drills.ball.${ball.role}`, { label: ball.label }) }}</th>
        <td>{{ length(ball.at.fromShortMillimetres) }} {{ t(`cushion.${ball.at.shortCushion}`) }}</td>
        <td>{{ length(ball.at.fromLongMillimetres) }} {{ t(`cushion.${ball.at.longCushion}`) }}</td>
        <td class="quiet">{{ sights(ball.at) }}</td>
      </tr>
      <tr v-if="shot.zone">
        <th scope="row">{{ t('drills.ring') }}</th>
        <td>
          {{ length(shot.zone.centre.fromShortMillimetres) }}
          {{ t(`cushion.${shot.zone.centre.shortCushion}`) }}
        </td>
        <td>
          {{ length(shot.zone.centre.fromLongMillimetres) }}
          {{ t(`cushion.${shot.zone.centre.longCushion}`) }}
        </td>
        <td class="quiet">{{ sights(shot.zone.centre) }}</td>
      </tr>
    </tbody>
  </table>
  <p v-if="table.sights.length === 0" class="small quiet">{{ t('drills.noSights') }}</p>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}
caption {
  text-align: left;
  caption-side: bottom;
  padding-top: 4px;
}
th,
td {
  text-align: left;
  padding: 4px 12px 4px 0;
  border-top: 1px solid var(--hairline);
  font-weight: 400;
}
th {
  font-weight: 600;
}
</style>
