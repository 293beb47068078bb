<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { CushionName } from '@/shared/drillFile/drillDocument'
import { useBallFraction } from '@/shared/useBallFraction'
import { useNotation } from '@/shared/useNotation'
import { useUnits } from '@/shared/units'
import { useBench } from './useBench'

/** What the lines on the cloth come to, in figures. */
const bench = useBench()
const { t } = useI18n()
const { figure } = useUnits()
const lines = computed(() => bench.shown.value?.lines)
const usual = computed(() => bench.usual.value)
const notation = useNotation()
const stroke = computed(() => {
  const scale = bench.drawing.value?.strike
  const found = usual.value?.stroke
  if (!scale || !found) return { pace: '', tip: '' }
  return {
    pace: notation.fullPace(found.paceMetresPerSecond, scale),
    tip: notation.tip(found.tipHeightMillimetres, found.tipSideMillimetres, scale),
  }
})

const WHYS = ['cut', 'window', 'aim', 'roll', 'danger', 'usual']
/** Where a line meets a rail. */
const place = (at: { cushion: CushionName; sights: number }) =>
  t('bench.railAt', { name: t(`cushion.${at.cushion}`), sights: figure(at.sights, 1) })
const ballFraction = useBallFraction()
const fraction = computed(() => ballFraction(lines.value?.coveredFraction ?? 0))
/** For tests that hold the browser's arithmetic to the server's: what is drawn, and who worked it out. */
const drawn = computed(() => (bench.held.value ? '' : JSON.stringify({ live: bench.live.value })))
</script>

<template>
  <section class="figures" :data-from-server="bench.shown.value?.fromServer ?? false">
    <dl v-if="lines">
      <dt>{{ t('bench.figure.cut') }}</dt>
      <dd>
        {{ figure(Math.abs(lines.cutDegrees), 1) }}°
        {{ lines.cutDegrees >= 0 ? t('bench.toLeft') : t('bench.toRight') }}, {{ fraction }}
        {{ t('bench.ofBall') }}
      </dd>
      <dt>{{ t('bench.figure.window') }}</dt>
      <dd>
        {{ figure(lines.openingMillimetres, 0) }} mm,
        {{ figure(lines.windowUpperDegrees - lines.windowLowerDegrees, 1) }}°
        {{ lines.windowIsClean ? '' : t('bench.mouthOnly') }}
      </dd>
      <dt>{{ t('bench.figure.aim') }}</dt>
      <dd>
        {{ figure(lines.allowedAimMillimetres, 1) }} mm ({{ figure(lines.allowedAimMilliradians, 1) }} mrad)
      </dd>
      <dt>{{ t('bench.figure.roll') }}</dt>
      <dd>
        {{ place(lines.naturalRoll)
        }}<template v-if="lines.tangent">; {{ t('bench.figure.stun') }} {{ place(lines.tangent) }}</template>
      </dd>
      <template v-if="lines.dangers.length > 0">
        <dt class="danger">{{ t('bench.figure.danger') }}</dt>
        <dd>
          <span v-for="danger in lines.dangers" :key="danger.pocket" class="one">
            {{ t(`pocket.${danger.pocket}`) }}: {{ t(`bench.danger.${danger.leads}`) }}
          </span>
        </dd>
      </template>
    </dl>
    <p v-else class="quiet small">{{ t('bench.noLines') }}</p>
    <p v-if="usual" class="small usual">
      {{
        t('bench.usual', {
          way: t(`drills.way.${usual.way}`),
          cushions: t('drills.byCushions', usual.cushions.length),
          pace: stroke.pace,
          tip: stroke.tip,
          share: figure(100 * usual.successProbability, 0),
        })
      }}
    </p>
    <details v-if="lines" class="small">
      <summary>{{ t('grades.why') }}</summary>
      <p v-for="key in WHYS" :key="key">{{ t(`bench.figureWhy.${key}`) }}</p>
    </details>
    <output class="visually-hidden" data-live aria-hidden="true">{{ drawn }}</output>
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 2px 12px;
  margin: 0;
}
dt {
  color: var(--ink-second);
}
dd {
  margin: 0;
}
.danger {
  color: var(--brick-text);
  font-weight: 600;
}
.one {
  display: block;
}
.usual {
  margin: 6px 0 0;
}
p {
  margin: 0;
}
</style>
