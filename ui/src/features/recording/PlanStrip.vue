<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Recording } from './useRecording'
import { type LineAtTable, usePlanAtTable } from './usePlanAtTable'

/** Quietly above the cloth: the lines of today's plan with what is left of each; a press goes there, and what is done is ticked. */
const props = defineProps<{ sessionId: string; recording: Recording }>()
const { t } = useI18n()
const { plan, lines, next, group, changeGroup } = usePlanAtTable(props.sessionId, props.recording)
const { turn, store } = props.recording

function isPlayable({ drillId }: LineAtTable): boolean {
  return store.detail.value?.session.drills.some(({ id }) => id === drillId) ?? false
}

function go(line: LineAtTable): void {
  const begun = store.attempts.value.some(
    ({ body }) => body.drillId === line.drillId && body.studentId === turn.studentId.value,
  )
  const lie = turn.drillId.value === line.drillId ? undefined : turn.shots.value[0]?.balls
  props.recording.play(turn.studentId.value, line.drillId)
  if (!begun && line.station !== undefined) props.recording.goTo(line.station, false)
  if (plan.value?.mixed && lie) turn.tellMovesFrom(lie)
}

function rackAddress({ rackGame }: LineAtTable) {
  return {
    path: '/racks/new',
    query: { student: turn.studentId.value, game: rackGame, table: plan.value?.tableId },
  }
}

function mark(line: LineAtTable): string {
  if (line.left === 0) return '✓'
  return line.drillId === next.value?.drillId ? '▸' : ''
}

function words(line: LineAtTable): string {
  if (line.left === 0) return t('plan.table.enough')
  if (line.rackGame) return t('plan.table.racksLeft', { n: line.left }, line.left)
  const tries = t('plan.table.left', { n: line.left }, line.left)
  return line.drillId === turn.drillId.value && line.minutesLeft !== undefined && line.minutesLeft > 0
    ? `${tries}, ${t('plan.table.minutes', { n: line.minutesLeft }, line.minutesLeft)}`
    : tries
}
</script>

<template>
  <nav v-if="plan" class="strip small" :aria-label="t('plan.table.strip', { title: plan.title })">
    <span class="quiet">{{ t('plan.table.strip', { title: plan.title }) }}</span>
    <template v-for="line in lines" :key="line.drillId">
      <RouterLink
        v-if="line.rackGame"
        class="line"
        :class="{ done: line.left === 0, next: line.drillId === next?.drillId }"
        :to="rackAddress(line)"
      >
        <span aria-hidden="true">{{ mark(line) }}</span>
        {{ line.title }} <span class="figures quiet">{{ words(line) }}</span>
      </RouterLink>
      <button
        v-else
        type="button"
        class="line"
        :disabled="!isPlayable(line)"
        :aria-current="line.drillId === turn.drillId.value ? 'step' : undefined"
        :class="{ done: line.left === 0, next: line.drillId === next?.drillId }"
        @click="go(line)"
      >
        <span aria-hidden="true">{{ mark(line) }}</span>
        {{ line.title }} <span class="figures quiet">{{ words(line) }}</span>
      </button>
    </template>
    <button v-if="plan.mixed" type="button" class="group" @click="changeGroup">
      {{ t('plan.table.changes', { n: group }, group) }}
    </button>
    <span class="visually-hidden" role="status">{{
      next ? t('plan.table.next', { drill: next.title }) : ''
    }}</span>
  </nav>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 8px;
  align-items: center;
  overflow-x: auto;
  white-space: nowrap;
}
.line,
.group {
  display: inline-flex;
  gap: 4px;
  align-items: center;
  min-height: 34px;
  padding: 0 10px;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  background: none;
  color: var(--ink);
  font: inherit;
  text-decoration: none;
  cursor: pointer;
}
.line:disabled {
  cursor: default;
}
.line[aria-current] {
  border-color: var(--ink);
  font-weight: 600;
}
.group {
  border-style: dashed;
}
.done {
  color: var(--ink-second);
}
.next {
  background: var(--amber-lit);
  color: var(--on-amber);
}
.next .quiet {
  color: inherit;
}
@media (pointer: coarse) {
  .line,
  .group {
    min-height: 44px;
  }
}
</style>
