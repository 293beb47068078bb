<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'
import type { Field } from '@/shared/field'
import FieldRow from '@/shared/FieldRow.vue'
import type { DraftRule, DraftStation } from '@/shared/drillFile/drillDocument'
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

function setRule(part: Record<string, unknown>): void {
  if (!station.value) return
  const rule = { ...station.value.rule, ...part }
  // Keep what cannot be met from being typed by halves: a cap below what is asked grows with it.
  const block = 'outOf' in rule && rule.kind !== 'of-the-last' ? rule.outOf : undefined
  const least = block ?? ('successes' in rule ? rule.successes : 1)
  set({ rule: { ...rule, capTries: Math.max(rule.capTries, least) } })
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

const count = (name: string, most?: number): Field => ({
  name,
  label: t(`bench.ruleNumber.${name}`),
  min: 1,
  max: most,
  whole: true,
})
const fields = computed(() =>
  Object.entries(station.value?.rule ?? {})
    .filter(([, value]) => typeof value === 'number')
    .map(([name]) => count(name, name === 'capTries' ? 200 : undefined)),
)
const backFields = computed(() => {
  const back = station.value?.stepBack
  return [count('failures', back?.outOf), { ...count('outOf', 50), min: back?.failures }]
})
</script>

<template>
  <section v-if="station" class="rule">
    <label class="name">
      {{ t('bench.stationNameLabel') }}
      <InputText
        maxlength="80"
        :model-value="station.name"
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
    <FieldRow :key="station.rule.kind" :fields="fields" :values="station.rule" @change="setRule" />
    <RuleStrictness
      :rule="station.rule"
      :both-sides="(bench.drill.value?.mirror ?? 'after_the_original') !== 'none'"
    />
    <label class="check">
      <Checkbox
        :model-value="station.stepBack !== undefined"
        binary
        @update:model-value="
          set({
            stepBack: ($event.target as HTMLInputElement).checked ? { failures: 4, outOf: 5 } : undefined,
          })
        "
      />
      {{ t('bench.stepBack') }}
    </label>
    <FieldRow
      v-if="station.stepBack"
      :fields="backFields"
      :values="station.stepBack"
      @change="(part) => set({ stepBack: { ...station!.stepBack!, ...part } })"
    />
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
