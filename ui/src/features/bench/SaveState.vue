<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useBench } from './useBench'

/** Whether the draft is kept, and what to do where two windows changed the same drill. */
const bench = useBench()
const { t } = useI18n()
const router = useRouter()
const words = computed(() => t(`bench.save.${bench.save.state.value}`, { version: bench.save.version.value }))
const rescued = computed(() => bench.save.theirs.value ?? bench.leftBehind.value)

async function keepMineAsCopy(): Promise<void> {
  const mine = bench.leftBehind.value ?? bench.drill.value
  if (!mine) return
  const saved = await answer(api.POST('/api/v1/drills', { body: { drill: mine } }))
  if (bench.save.theirs.value) bench.takeTheirs(bench.save.theirs.value)
  bench.save.forget()
  await router.push(`/drills/${saved.id}/bench`)
}

function takeTheirs(): void {
  if (bench.save.theirs.value) bench.takeTheirs(bench.save.theirs.value)
  bench.save.forget()
  bench.leftBehind.value = undefined
}
</script>

<template>
  <div class="save">
    <span role="status" :class="['state', bench.save.state.value]">{{ words }}</span>
    <p v-if="bench.save.state.value === 'refused'" role="alert" class="problem small">
      {{ bench.save.problem.value }}
    </p>
    <p v-if="rescued" role="alert" class="problem small">
      {{ t(bench.save.theirs.value ? 'bench.conflict' : 'bench.leftBehind') }}
      <button type="button" class="link" @click="takeTheirs">{{ t('bench.takeTheirs') }}</button> ·
      <button type="button" class="link" @click="keepMineAsCopy">{{ t('bench.keepMine') }}</button>
    </p>
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
