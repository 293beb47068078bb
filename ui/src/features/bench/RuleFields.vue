<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import type { DraftRule, DraftStation } from './drillDocument'
import { withStation } from './edits'
import RuleStrictness from './RuleStrictness.vue'
import { useBench } from './useBench'

/** When a student steps up from this station, and when back. */
const bench = useBench()
const { t } = useI18n()
const station = computed(() => bench.station.value)
const RULES = ['in-a-row', 'of-a-block', 'of-the-last', 'whole-run', 'points-total'] as const
const kinds = computed(() => RULES.map((value) => ({ value, label: t(`bench.rule.${value}`) })))

function set(part: Partial<DraftStation>): void {
  if (bench.drill.value) {
    bench.change(withStation(bench.drill.value, bench.at.value.station, (one) => ({ ...one, ...part })))
  }
}

function setRule(part: Record<string, number>): void {
  if (!station.value) return
  const rule = { ...station.value.rule, ...rounded(part) }
  // Keep what cannot be met from being typed by halves: a cap below what is asked grows with it.
  const least =
    'outOf' in rule && rule.kind !== 'of-the-last' ? rule.outOf : 'successes' in rule ? rule.successes : 1
  set({ rule: { ...rule, capTries: Math.max(rule.capTries, least) } })
}

function rounded(part: Record<string, number>): Record<string, number> {
  return Object.fromEntries(Object.entries(part).map(([name, value]) => [name, Math.round(value)]))
}

function setKind(kind: DraftRule['kind'] | undefined): void {
  const capTries = station.value?.rule.capTries ?? 20
  const made: Record<DraftRule['kind'], DraftRule> = {
    'in-a-row': { kind: 'in-a-row', successes: 3, capTries },
    'of-a-block': { kind: 'of-a-block', successes: 7, outOf: 10, capTries: Math.max(10, capTries) },
    'of-the-last': { kind: 'of-the-last', successes: 4, outOf: 5, capTries },
    'whole-run': { kind: 'whole-run', capTries },
    'points-total': { kind: 'points-total', points: 10, outOf: 10, capTries: Math.max(10, capTries) },
  }
  if (kind) set({ rule: made[kind] })
}

const numbers = computed(() =>
  Object.entries(station.value?.rule ?? {}).flatMap(([name, value]) =>
    typeof value === 'number' ? [{ name, value }] : [],
  ),
)
</script>

<template>
  <section v-if="station" class="rule">
    <label class="name">
      {{ t('bench.stationNameLabel') }}
      <input
        type="text"
        class="line"
        maxlength="80"
        :value="station.name"
        @keydown.stop
        @change="
          ($event.target as HTMLInputElement).value.trim() &&
          set({ name: ($event.target as HTMLInputElement).value.trim() })
        "
      />
    </label>
    <ChoiceField
      :label="t('bench.ruleLabel')"
      :model-value="station.rule.kind"
      :options="kinds"
      @update:model-value="setKind"
    />
    <NumberField
      v-for="number in numbers"
      :key="`${station.rule.kind} ${number.name}`"
      :label="t(`bench.ruleNumber.${number.name}`)"
      :min="1"
      :max="number.name === 'capTries' ? 200 : undefined"
      :digits="0"
      :model-value="number.value"
      @update:model-value="(value: number) => setRule({ [number.name]: value })"
    />
    <RuleStrictness :rule="station.rule" />
    <label class="check">
      <input
        type="checkbox"
        :checked="station.stepBack !== undefined"
        @change="
          set({
            stepBack: ($event.target as HTMLInputElement).checked ? { failures: 4, outOf: 5 } : undefined,
          })
        "
      />
      {{ t('bench.stepBack') }}
    </label>
    <template v-if="station.stepBack">
      <NumberField
        :label="t('bench.ruleNumber.failures')"
        :min="1"
        :max="station.stepBack.outOf"
        :digits="0"
        :model-value="station.stepBack.failures"
        @update:model-value="
          (failures: number) => set({ stepBack: { ...station!.stepBack!, failures: Math.round(failures) } })
        "
      />
      <NumberField
        :label="t('bench.ruleNumber.outOf')"
        :min="station.stepBack.failures"
        :max="50"
        :digits="0"
        :model-value="station.stepBack.outOf"
        @update:model-value="
          (outOf: number) => set({ stepBack: { ...station!.stepBack!, outOf: Math.round(outOf) } })
        "
      />
    </template>
  </section>
</template>

<style scoped>
.rule {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.name {
  flex-basis: 100%;
  display: grid;
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
.check {
  flex-basis: 100%;
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
