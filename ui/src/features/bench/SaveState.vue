<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { keptDraft } from '@/device/keptDrafts'
import type { DrillDocument } from '@/shared/drillFile/drillDocument'
import { useAction } from '@/shared/useAction'
import { useBench } from './useBench'

/** Whether the draft is kept, and what to do where two windows changed the same drill. */
const bench = useBench()
const { t } = useI18n()
const router = useRouter()
const words = computed(() => t(`bench.save.${bench.save.state.value}`, { version: bench.save.version.value }))
const { problem, run } = useAction()
const theirs = computed(() => bench.save.theirs.value)
const rescued = computed(() => theirs.value ?? bench.leftBehind.value)

/** In a conflict what is on the bench, else the draft that was left behind. */
function mine(): DrillDocument | undefined {
  if (theirs.value) return bench.drill.value
  return bench.leftBehind.value ? keptDraft(bench.leftBehind.value)?.drill : undefined
}

async function keepMineAsCopy(): Promise<void> {
  const drill = mine()
  if (!drill) return
  await run(async () => {
    const saved = await answer(api.POST('/api/v1/drills', { body: { drill } }))
    goOnWithTheOther()
    await router.push(`/drills/${saved.id}/bench`)
  })
}

function goOnWithTheOther(): void {
  if (theirs.value) bench.takeTheirs(theirs.value)
  else bench.settleLeftBehind()
}
</script>

<template>
  <div class="save">
    <span role="status" :class="['state', bench.save.state.value]">{{ words }}</span>
    <p v-if="bench.save.state.value === 'refused'" role="alert" class="problem small">
      {{ bench.save.problem.value }}
    </p>
    <p v-if="rescued" role="alert" class="problem small">
      {{ t(theirs ? 'bench.conflict' : 'bench.leftBehind') }}
      <button type="button" class="link" @click="goOnWithTheOther">{{ t('bench.takeTheirs') }}</button> ·
      <button type="button" class="link" @click="keepMineAsCopy">{{ t('bench.keepMine') }}</button>
    </p>
    <p v-if="problem" role="alert" class="problem small">{{ problem }}</p>
  </div>
</template>

<style scoped>
.state {
  color: var(--ink-second);
}
.refused,
.conflict,
.unreachable {
  color: var(--brick-text);
  font-weight: 600;
}
.problem {
  margin: 2px 0 0;
  color: var(--brick-text);
}
</style>
