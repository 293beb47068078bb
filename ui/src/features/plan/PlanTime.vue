<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useUnits } from '@/shared/units'
import { gameOfLine } from '@/shared/useGameName'
import type { PlanDraft } from './usePlanDraft'

/** How the time is shared: against what there is, and by skill. */
const props = defineProps<{ plan: PlanDraft }>()
const { t } = useI18n()
const { figure } = useUnits()

const items = computed(() => props.plan.draft.value?.items ?? [])
const minutes = computed(() => props.plan.draft.value?.minutes ?? 0)
const used = computed(() => items.value.reduce((sum, one) => sum + one.minutes, 0))
const left = computed(() => minutes.value - used.value)
const stored = computed(
  () => new Map((props.plan.stored.value?.items ?? []).map((one) => [one.item.drillId, one.skill])),
)

const skills = computed(() => {
  const shares = new Map<string, number>()
  for (const { drillId, minutes: each } of items.value) {
    const skill = props.plan.possible.value.get(drillId)?.skill ?? stored.value.get(drillId)
    const label = gameOfLine(drillId) ? t('plan.racksAsSkill') : skill && t(`skill.${skill}`)
    if (label) shares.set(label, (shares.get(label) ?? 0) + each)
  }
  return [...shares.entries()].sort((a, b) => b[1] - a[1])
})
const most = computed(() => Math.max(1, ...skills.value.map(([, each]) => each)))
</script>

<template>
  <section>
    <p class="bare">
      <strong class="figures">{{
        t('plan.time', { used: figure(used, 0), minutes: figure(minutes, 0) })
      }}</strong>
    </p>
    <p v-if="left >= 1 && items.length > 0" class="bare small quiet">
      {{ t('plan.timeLeft', { n: Math.round(left) }, Math.round(left)) }}
    </p>
    <p v-else-if="left <= -1" class="bare small problem" role="status">
      {{ t('plan.timeOver', { n: Math.round(-left) }, Math.round(-left)) }}
    </p>
    <h2 class="small">{{ t('plan.bySkill') }}</h2>
    <ul class="bare small">
      <li v-for="[skill, each] in skills" :key="skill">
        <span>{{ skill }}</span>
        <span class="bar" :style="{ width: `${(100 * each) / most}px` }" aria-hidden="true"></span>
        <span class="figures">{{ figure(each, 0) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: 12px 0 6px;
  font-size: 15px;
}
li {
  display: grid;
  grid-template-columns: 80px auto 1fr;
  gap: 8px;
  align-items: center;
}
.bar {
  height: 12px;
  background: var(--amber);
}
</style>
