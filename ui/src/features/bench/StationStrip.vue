<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shot } from '@/api/types'
import ShotMarks from '@/table/ShotMarks.vue'
import { useGradeWords } from '@/shared/useGradeWords'
import TableDiagram from '@/table/TableDiagram.vue'
import { copyStation, moveStation, removeStation } from './edits'
import { liveShot } from './geometry/liveShot'
import { useBench } from './useBench'

/** The stations as a strip of small drawings, in order, with what may be done to the chosen one. */
const bench = useBench()
const { t } = useI18n()
const gradeWords = useGradeWords()
const MOST_STATIONS = 20

const stations = computed(() => bench.drill.value?.stations ?? [])
const thumbnails = computed<(Shot | undefined)[]>(() =>
  stations.value.map((station, index) => {
    // While something is dragged only the station in hand changes, and that one is drawn large.
    const said = bench.answers.check.value?.answer.stations[index]?.[0]?.shot
    const first = station.shots[0]
    return said ?? (bench.geometry.value && first ? liveShot(bench.geometry.value, first).shot : undefined)
  }),
)
const grades = computed(() =>
  bench.answers.grades.value?.draft === bench.drill.value?.stations
    ? bench.answers.grades.value?.answer
    : undefined,
)
const troubled = computed(
  () => new Set((bench.answers.check.value?.answer.problems ?? []).map((problem) => problem.station)),
)

function open(index: number): void {
  bench.at.value = { station: index, shot: 0 }
  bench.select([])
  bench.demandIndex.value = undefined
}

function copy(): void {
  if (!bench.drill.value) return
  const index = bench.at.value.station
  bench.change(
    copyStation(bench.drill.value, index, t('bench.stationName', { n: stations.value.length + 1 })),
  )
  open(index + 1)
}

function remove(): void {
  if (bench.drill.value) bench.change(removeStation(bench.drill.value, bench.at.value.station))
}

function shift(by: number): void {
  if (!bench.drill.value) return
  const to = bench.at.value.station + by
  bench.change(moveStation(bench.drill.value, bench.at.value.station, by))
  if (to >= 0 && to < stations.value.length) open(to)
}

function grade(index: number): string {
  const one = grades.value?.[index]
  if (!one) return ''
  if (one.grade === undefined) return t('bench.noGrade')
  if (!one.decided) return t(one.grade > 500 ? 'bench.overScale' : 'bench.underScale')
  return t('bench.grade', { grade: gradeWords(one.grade) })
}
</script>

<template>
  <section class="strip" :aria-label="t('bench.stations')">
    <ol>
      <li v-for="(station, index) in stations" :key="index">
        <button
          type="button"
          :class="['station', { here: index === bench.at.value.station, troubled: troubled.has(index) }]"
          :aria-current="index === bench.at.value.station ? 'step' : undefined"
          @click="open(index)"
        >
          <span class="picture">
            <TableDiagram
              v-if="bench.drawing.value && thumbnails[index]"
              :table="bench.drawing.value"
              :label="t('drills.thumbnail', { title: station.name })"
            >
              <ShotMarks :shot="thumbnails[index]!" small />
            </TableDiagram>
          </span>
          <span class="name">{{ index + 1 }} · {{ station.name }}</span>
          <span class="grade quiet">
            <template v-if="grades?.[index]?.harder === false">▼ </template>{{ grade(index) }}
          </span>
        </button>
      </li>
    </ol>
    <div class="keys no-print">
      <button type="button" :disabled="stations.length >= MOST_STATIONS" @click="copy">
        {{ t('bench.copyStation') }}
      </button>
      <button type="button" :disabled="bench.at.value.station === 0" @click="shift(-1)">
        {{ t('bench.stationEarlier') }}
      </button>
      <button type="button" :disabled="bench.at.value.station >= stations.length - 1" @click="shift(1)">
        {{ t('bench.stationLater') }}
      </button>
      <button type="button" :disabled="stations.length < 2" @click="remove">
        {{ t('bench.removeStation') }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.strip {
  min-width: 0;
}
ol {
  display: flex;
  gap: 10px;
  overflow-x: auto;
  list-style: none;
  margin: 0;
  padding: 2px 2px 6px;
}
.station {
  display: grid;
  width: 148px;
  padding: 4px;
  border: 2px solid transparent;
  border-radius: 6px;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.station.here {
  border-color: var(--amber);
}
.picture {
  aspect-ratio: 1.82;
}
.name {
  font-size: 14px;
  font-weight: 600;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.troubled .name {
  color: var(--brick-text);
}
.grade {
  font-size: 13px;
  min-height: 1.4em;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
