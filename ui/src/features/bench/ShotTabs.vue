<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { withStation } from './edits'
import { nextShot } from './patternShot'
import { useBench } from './useBench'

/** The shots of a pattern; most stations have one. */
const bench = useBench()
const { t } = useI18n()
const MOST_SHOTS = 16
const shots = computed(() => bench.station.value?.shots ?? [])

function open(shot: number): void {
  bench.at.value = { ...bench.at.value, shot }
  bench.select([])
  bench.demandIndex.value = undefined
}

/** The pattern goes on from the shot in hand. */
function add(): void {
  const { drill, at, shot, geometry } = bench
  if (!drill.value || !shot.value || !geometry.value) return
  const next = nextShot(geometry.value, shot.value)
  const index = at.value.shot + 1
  bench.change(
    withStation(drill.value, at.value.station, (station) => ({
      ...station,
      shots: [...station.shots.slice(0, index), next, ...station.shots.slice(index)],
    })),
  )
  open(index)
}

function remove(): void {
  const { drill, at } = bench
  if (!drill.value || shots.value.length < 2) return
  bench.change(
    withStation(drill.value, at.value.station, (station) => ({
      ...station,
      shots: station.shots.filter((_, i) => i !== at.value.shot),
    })),
  )
  open(Math.max(0, at.value.shot - 1))
}
</script>

<template>
  <div class="shots">
    <template v-if="shots.length > 1">
      <button
        v-for="(_, index) in shots"
        :key="index"
        type="button"
        :aria-pressed="index === bench.at.value.shot"
        @click="open(index)"
      >
        {{ t('bench.shotNumber', { n: index + 1 }) }}
      </button>
      <button type="button" @click="remove">{{ t('bench.removeShot') }}</button>
    </template>
    <button type="button" :disabled="shots.length >= MOST_SHOTS" @click="add">
      {{ t('bench.addShot') }}
    </button>
  </div>
</template>

<style scoped>
.shots {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
