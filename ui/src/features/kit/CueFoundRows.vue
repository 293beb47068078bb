<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { KitCheck } from '@/api/types'
import { useUnits } from '@/shared/units'

/** What strokes with side tell of a cue. */
defineProps<{ found: NonNullable<KitCheck['cue']> }>()
const { t } = useI18n()
const { figure } = useUnits()
</script>

<template>
  <dl class="found">
    <div>
      <dt>{{ t('kit.ratio') }}</dt>
      <dd class="figures">
        {{ figure(found.endMassRatio.figure, 1) }}
        <span class="small quiet">
          {{
            t('kit.interval', {
              lower: figure(found.endMassRatio.lower, 1),
              upper: figure(found.endMassRatio.upper, 1),
            })
          }}
        </span>
      </dd>
    </div>
    <div>
      <dt>{{ t('kit.elevation') }}</dt>
      <dd class="figures">
        {{ figure(found.elevationDegrees.figure, 1) }}°
        <span class="small quiet">
          {{
            t('kit.interval', {
              lower: figure(found.elevationDegrees.lower, 1),
              upper: `${figure(found.elevationDegrees.upper, 1)}°`,
            })
          }}
        </span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.found {
  display: grid;
  gap: 8px;
  margin: 0;
}
dt {
  font-weight: 600;
}
dd {
  margin: 0;
}
</style>
