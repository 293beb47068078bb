<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PlanItem, PossibleDrill } from '@/api/types'
import NumberField from '@/shared/NumberField.vue'
import { gameOfLine, useGameName } from '@/shared/useGameName'
import DrillChoice from './DrillChoice.vue'
import type { PlanDraft } from './usePlanDraft'
import { useReasonWords } from './useReasonWords'

/** The lines of a plan in their order: dragged or moved by keys, with their time, tries and why; swapped, kept and removed. */
const props = defineProps<{ plan: PlanDraft }>()
const { t } = useI18n()
const reason = useReasonWords()
const gameName = useGameName()
const dragged = ref<number>()
const over = ref<number>()
const swapping = ref<number>()

const lines = computed(() => props.plan.draft.value?.items ?? [])
const stored = computed(
  () => new Map((props.plan.stored.value?.items ?? []).map((one) => [one.item.drillId, one])),
)
const changeable = computed(() => props.plan.stored.value?.mine !== false)

function known(item: PlanItem) {
  const possible = props.plan.possible.value.get(item.drillId)
  return possible ?? stored.value.get(item.drillId)
}

function title({ drillId }: PlanItem, known?: string): string | undefined {
  const game = gameOfLine(drillId)
  return game ? gameName(game) : known
}

function address({ drillId }: PlanItem) {
  const game = gameOfLine(drillId)
  const [first] = props.plan.students.value
  const table = props.plan.draft.value?.tableId
  return game ? { path: '/racks/new', query: { game, table, student: first?.id } } : `/drills/${drillId}`
}

function triesLabel({ drillId }: PlanItem): string {
  const several = props.plan.students.value.length > 1
  if (gameOfLine(drillId)) return t(several ? 'plan.racksEach' : 'plan.racks')
  return t(several ? 'plan.triesEach' : 'plan.tries')
}

function station(item: PlanItem): string {
  // A name belongs to a place: what would be proposed now may stand elsewhere.
  const places = JSON.stringify(item.places)
  const names = [props.plan.possible.value.get(item.drillId), stored.value.get(item.drillId)].find(
    (one) => JSON.stringify(one?.item.places) === places,
  )?.stations
  const [place] = item.places
  if (!place) return ''
  return item.places.length === 1
    ? names?.[0]
      ? t('plan.station', { n: place.station + 1, name: names[0] })
      : t('plan.stationOnly', { n: place.station + 1 })
    : item.places.map((one) => `${props.plan.names.value[one.studentId] ?? ''} ${one.station + 1}`).join(', ')
}

function drop(at: number): void {
  if (dragged.value !== undefined && dragged.value !== at) props.plan.move(dragged.value, at)
  dragged.value = undefined
  over.value = undefined
}

function swap(at: number, one: PossibleDrill): void {
  props.plan.put(one, at, true)
  swapping.value = undefined
}
</script>

<template>
  <ol class="bare lines">
    <li
      v-for="(item, at) in lines"
      :key="item.drillId"
      :class="{ over: over === at }"
      @dragover.prevent="over = at"
      @drop.prevent="drop(at)"
    >
      <span
        class="grip"
        :draggable="changeable"
        aria-hidden="true"
        @dragstart="dragged = at"
        @dragend="((dragged = undefined), (over = undefined))"
        >{{ at + 1 }}</span
      >
      <div class="what">
        <p class="bare">
          <span class="role" :class="item.role">{{ t(`plan.role.${item.role}`) }}</span>
          <RouterLink v-if="title(item, known(item)?.title)" :to="address(item)">{{
            title(item, known(item)?.title)
          }}</RouterLink>
          <strong v-else class="problem">{{ item.drillId }}. {{ t('plan.missing') }}</strong>
          <span class="small quiet">{{ station(item) }}</span>
        </p>
        <p class="bare small">{{ reason(item, plan.names.value, known(item)?.skill) }}</p>
        <DrillChoice
          v-if="swapping === at"
          :plan="plan"
          :label="t('plan.swapFor', { drill: title(item, known(item)?.title) ?? item.drillId })"
          @chosen="(one) => swap(at, one)"
        />
      </div>
      <template v-if="changeable">
        <NumberField
          class="figure"
          :label="t('plan.minutesLabel')"
          :min="1"
          :max="600"
          :digits="0"
          :model-value="item.minutes"
          @update:model-value="(minutes: number) => plan.set(at, { minutes, locked: true })"
        />
        <NumberField
          class="figure"
          :label="triesLabel(item)"
          :min="1"
          :max="500"
          :digits="0"
          :model-value="item.tries"
          @update:model-value="(tries: number) => plan.set(at, { tries: Math.round(tries), locked: true })"
        />
        <div class="act">
          <Button
            size="small"
            severity="secondary"
            :label="t(item.locked ? 'plan.kept' : 'plan.keep')"
            :title="t('plan.lock')"
            :aria-pressed="item.locked"
            :class="{ kept: item.locked }"
            @click="plan.set(at, { locked: !item.locked })"
          />
          <Button
            size="small"
            severity="secondary"
            label="↑"
            :aria-label="t('plan.earlier')"
            :disabled="at === 0"
            @click="plan.move(at, at - 1)"
          />
          <Button
            size="small"
            severity="secondary"
            label="↓"
            :aria-label="t('plan.later')"
            :disabled="at === lines.length - 1"
            @click="plan.move(at, at + 1)"
          />
          <Button
            size="small"
            severity="secondary"
            :label="t('plan.swap')"
            @click="swapping = swapping === at ? undefined : at"
          />
          <Button size="small" severity="secondary" :label="t('plan.remove')" @click="plan.remove(at)" />
        </div>
      </template>
      <span v-else class="small quiet figures">{{ item.minutes }} min</span>
    </li>
  </ol>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) auto auto auto;
  gap: 8px 14px;
  align-items: center;
  padding: 12px 0;
  border-top: 1px solid var(--hairline);
}
li.over {
  border-top: 3px solid var(--amber);
}
.grip {
  display: grid;
  place-items: center;
  width: 34px;
  min-height: 44px;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  cursor: grab;
  font-weight: 600;
}
.what {
  display: grid;
  gap: 4px;
}
.what p:first-child {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
}
.what a {
  font-weight: 600;
  font-size: 18px;
}
.role {
  padding: 0 8px;
  border: 1px solid var(--edge);
  border-radius: 10px;
  font-size: 13px;
}
.role.NEW {
  background: var(--amber-lit);
  color: var(--on-amber);
}
.figure :deep(.p-inputtext) {
  width: 4em;
}
.act {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.kept {
  background: var(--amber-lit);
  color: var(--on-amber);
}
@media (max-width: 1000px) {
  li {
    grid-template-columns: 34px minmax(0, 1fr) auto;
  }
  .what {
    grid-column: 2 / -1;
  }
  .figure:nth-child(3) {
    grid-column: 2;
  }
  .act {
    grid-column: 2 / -1;
  }
}
</style>
