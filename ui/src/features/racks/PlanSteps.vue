<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { RackPocket, RackStep, StrikeScale } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import { useNotation } from '@/shared/useNotation'
import { percent } from '@/shared/units'
import type { usePlanning } from './usePlanning'
import { useRackWords } from './useRackWords'

/** The plan, shot by shot; what is decided by hand is kept when the rest is planned again. */
const props = defineProps<{
  planning: ReturnType<typeof usePlanning>
  scale: StrikeScale
  /** Balls that may be played instead of the chosen step's. */
  others: string[]
}>()
const { locked, chosen, lock, anew } = props.planning
const { steps, state, complete, stop } = props.planning.plan
const { t } = useI18n()
const words = useRackWords()
const notation = useNotation()
const POCKETS: RackPocket[] = ['SW', 'S', 'SE', 'NE', 'N', 'NW']

const balls = computed(() => props.others.map((id) => ({ value: id, label: words.ball(id) })))
const pockets = computed(() => POCKETS.map((name) => ({ value: name, label: words.pocket(name) })))

function stroke(step: RackStep): string {
  const { paceMetresPerSecond, tipHeightMillimetres, tipSideMillimetres } = step.stroke
  return `${notation.pace(paceMetresPerSecond, props.scale)}, ${notation.tip(tipHeightMillimetres, tipSideMillimetres, props.scale)}`
}
function other(at: number, ball: string | undefined): void {
  if (ball) void lock(at, { ball })
}
function otherPocket(at: number, step: RackStep, pocket: RackPocket | undefined): void {
  if (pocket) void lock(at, { ball: step.ball, pocket })
}
</script>

<template>
  <section>
    <h2>{{ t('racks.plan') }}</h2>
    <p v-if="state === 'WORKING'" role="status" class="bare quiet">
      {{ t('racks.planning', { n: steps.length }) }}
      <Button text severity="secondary" size="small" :label="t('racks.stop')" @click="stop" />
    </p>
    <p v-else-if="state === 'DONE' && steps.length === 0" class="bare">{{ t('racks.noShot') }}</p>
    <ol class="steps">
      <li v-for="(step, at) in steps" :key="at" :class="{ chosen: at === chosen }">
        <button type="button" class="look" :aria-pressed="at === chosen" @click="chosen = at">
          <strong>{{ words.ball(step.ball) }}</strong> {{ words.into(step.pocket) }}
          <span class="chance">{{ percent(step.chance) }} %</span>
        </button>
        <p class="bare small quiet why">{{ words.reason(step) }}</p>
        <div v-if="at === chosen" class="more small">
          <p class="bare">{{ stroke(step) }}</p>
          <p v-if="step.also.length" class="bare">{{ t('racks.also', { balls: words.list(step.also) }) }}</p>
          <p v-if="step.second" class="bare">
            {{
              t('racks.second', {
                ball: words.ball(step.second.ball),
                pocket: words.pocket(step.second.pocket),
                share: percent(Math.min(1, step.second.value / Math.max(step.value, 1e-9))),
              })
            }}
          </p>
          <div class="choose">
            <ChoiceField
              :model-value="step.ball"
              :label="t('racks.playInstead')"
              :options="balls"
              @update:model-value="(id) => other(at, id)"
            />
            <ChoiceField
              :model-value="step.pocket"
              :label="t('racks.into')"
              :options="pockets"
              @update:model-value="(name) => otherPocket(at, step, name)"
            />
          </div>
          <p class="bare quiet">{{ t('racks.tapZone') }}</p>
        </div>
      </li>
    </ol>
    <p v-if="state === 'DONE' && steps.length > 0 && !complete" class="bare small quiet">
      {{ t('racks.planEnds') }}
    </p>
    <Button
      v-if="locked.length"
      text
      severity="secondary"
      :label="t('racks.free', { n: locked.length })"
      @click="anew"
    />
  </section>
</template>

<style scoped>
h2 {
  margin-top: 14px;
}
.steps {
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 6px;
}
.look {
  min-height: 44px;
  padding: 4px 8px;
  border: 1px solid transparent;
  border-radius: 6px;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  vertical-align: top;
  cursor: pointer;
}
.chosen > .look {
  border-color: var(--amber);
  background: var(--paper-raised);
}
.chance {
  margin-left: 8px;
  font-variant-numeric: tabular-nums;
}
.why {
  padding-left: 9px;
}
.more {
  display: grid;
  gap: 4px;
  padding: 4px 8px 8px;
}
.choose {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
</style>
