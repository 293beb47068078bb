<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Rule, Shot } from '@/api/types'
import { useUnits } from '@/shared/units'
import DemandWords from '@/shared/DemandWords.vue'
import { useBallFraction } from '@/shared/useBallFraction'

/** What a shot asks, when a student steps up, and the pot in figures. */
defineProps<{ shot: Shot; rule: Rule }>()
const { t } = useI18n()
const { length, figure } = useUnits()
const fraction = useBallFraction()
</script>

<template>
  <section>
    <h2>{{ t('drills.ask') }}</h2>
    <ul>
      <DemandWords v-for="(demand, index) in shot.demands" :key="index" :demand="demand" :shot="shot" />
      <li v-if="shot.bridge !== 'HAND'">{{ t(`bridge.${shot.bridge}`) }}</li>
      <li>
        <strong>{{
          t(`rule.${rule.kind}`, {
            successes: rule.successes,
            outOf: rule.outOf ?? 0,
          })
        }}</strong>, {{ t('rule.cap', { cap: rule.capTries }) }}
      </li>
    </ul>
    <ul v-if="shot.pot" class="small">
      <li>
        {{
          t('drills.cut', {
            degrees: figure(Math.abs(shot.pot.cutDegrees), 1),
            fraction: fraction(shot.pot.coveredFraction),
          })
        }}
      </li>
      <li>{{ t('drills.toGhost', { length: length(shot.pot.cueDistanceMillimetres) }) }}</li>
      <li>{{ t('drills.toPocket', { length: length(shot.pot.objectDistanceMillimetres) }) }}</li>
      <li>
        {{
          t('drills.aimAllowed', {
            mm: `${figure((shot.pot.allowedAimMilliradians * shot.pot.cueDistanceMillimetres) / 1000, 1)} mm`,
            mrad: figure(shot.pot.allowedAimMilliradians, 1),
          })
        }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 4px;
}
ul {
  margin: 0 0 8px;
  padding-left: 18px;
}
</style>
