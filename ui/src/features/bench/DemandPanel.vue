<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import DemandWords from '@/shared/DemandWords.vue'
import ChoiceField from '@/shared/ChoiceField.vue'
import DemandFields from './DemandFields.vue'
import { BRIDGES, type Bridge, type DraftDemand } from '@/shared/drillFile/drillDocument'
import { withShot } from './edits'
import { DEMAND_KINDS, newDemand } from './newDemand'
import { useBench } from './useBench'

/** What the shot asks: one line a demand; the chosen one opens for editing, here and on the cloth. */
const bench = useBench()
const { t } = useI18n()
const demands = computed(() => bench.shot.value?.demands ?? [])
const options = computed(() => DEMAND_KINDS.map((value) => ({ value, label: t(`bench.demand.${value}`) })))

function add(kind: DraftDemand['kind'] | undefined): void {
  if (kind && bench.shot.value) bench.addDemand(newDemand(kind, bench.shot.value))
}

const bridges = computed(() => BRIDGES.map((value) => ({ value, label: t(`bridge.${value.toUpperCase()}`) })))

function guide(bridge: Bridge | undefined): void {
  const drill = bench.drill.value
  if (drill && bridge) bench.change(withShot(drill, bench.at.value, (shot) => ({ ...shot, bridge })))
}

function choose(index: number): void {
  bench.select([])
  bench.demandIndex.value = bench.demandIndex.value === index ? undefined : index
}
</script>

<template>
  <section class="demands">
    <ul>
      <li
        v-for="(demand, index) in demands"
        :key="index"
        :class="{ open: bench.demandIndex.value === index }"
      >
        <button
          type="button"
          class="head"
          :aria-expanded="bench.demandIndex.value === index"
          @click="choose(index)"
        >
          <DemandWords
            v-if="bench.shown.value?.shot.demands[index]"
            tag="span"
            :demand="bench.shown.value.shot.demands[index]"
            :shot="bench.shown.value.shot"
          />
        </button>
        <div v-if="bench.demandIndex.value === index" class="body">
          <DemandFields :demand="demand" :index="index" />
          <button type="button" class="link" @click="bench.remove()">{{ t('bench.removeDemand') }}</button>
        </div>
      </li>
    </ul>
    <p v-if="demands.length === 0" class="quiet small">{{ t('bench.noDemands') }}</p>
    <ChoiceField
      v-if="demands.length < 12"
      :key="demands.length"
      :label="t('bench.addDemand')"
      :placeholder="t('bench.chooseDemand')"
      :model-value="undefined"
      :options="options"
      @update:model-value="add"
    />
    <ChoiceField
      :label="t('bench.bridge')"
      :model-value="bench.shot.value?.bridge ?? 'hand'"
      :options="bridges"
      @update:model-value="guide"
    />
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
li {
  border-top: 1px solid var(--hairline);
}
.head {
  width: 100%;
  min-height: 40px;
  padding: 6px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.open .head {
  font-weight: 600;
}
.body {
  padding: 0 0 8px 12px;
  border-left: 3px solid var(--amber);
}
</style>
