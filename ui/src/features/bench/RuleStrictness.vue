<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import { useUnits } from '@/shared/units'
import type { Strictness } from '@/api/types'
import type { DraftRule } from '@/shared/drillFile/drillDocument'

/** How strict the rule is, live while it is typed: who passes by luck, and how long the others need. */
const props = defineProps<{ rule: DraftRule; bothSides: boolean }>()
const { t } = useI18n()
const { figure } = useUnits()
const rates = shallowRef<Strictness['rates']>()
const problem = ref('')
let latest = 0

async function ask(rule: DraftRule): Promise<void> {
  const mine = ++latest
  if (rule.kind === 'points-total') {
    rates.value = undefined
    return
  }
  const body = {
    kind: rule.kind.toUpperCase().replaceAll('-', '_') as 'IN_A_ROW',
    successes: 'successes' in rule ? rule.successes : undefined,
    outOf: 'outOf' in rule ? rule.outOf : undefined,
    capTries: rule.capTries,
    bothSides: props.bothSides,
  }
  try {
    const said = await answer(api.POST('/api/v1/rules/strictness', { body }))
    if (mine !== latest) return
    rates.value = said.rates
    problem.value = ''
  } catch (error) {
    if (mine === latest) problem.value = sentence(error)
  }
}
watch(
  () => [props.rule, props.bothSides] as const,
  ([rule]) => void ask(rule),
  { immediate: true },
)
</script>

<template>
  <div class="strictness">
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-else-if="rule.kind === 'points-total'" class="quiet small">{{ t('strictness.points') }}</p>
    <table v-else-if="rates" class="figures">
      <caption>
        {{
          t(bothSides ? 'strictness.titleBoth' : 'strictness.title', { cap: rule.capTries })
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">{{ t('strictness.player') }}</th>
          <th scope="col">{{ t('strictness.passes') }}</th>
          <th scope="col">{{ t('strictness.needs') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="rate in rates" :key="rate.successRate">
          <th scope="row">{{ figure(100 * rate.successRate, 0) }} %</th>
          <td>
            {{ figure(100 * rate.passProbability, 0) }} %
            <span v-if="rate.successRate === 0.5" class="quiet">{{ t('strictness.luck') }}</span>
          </td>
          <td>
            {{ rate.medianAttempts ? t('strictness.tries', rate.medianAttempts) : t('strictness.never') }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.strictness {
  flex-basis: 100%;
}
table {
  border-collapse: collapse;
}
caption {
  text-align: left;
  font-weight: 600;
  font-size: 14px;
}
th,
td {
  text-align: left;
  padding: 2px 18px 2px 0;
  font-weight: 400;
}
thead th {
  font-size: 14px;
  color: var(--ink-second);
}
p {
  margin: 0;
}
</style>
