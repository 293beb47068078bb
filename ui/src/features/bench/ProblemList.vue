<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useGradeWords } from '@/shared/useGradeWords'
import type { Spot } from './edits'
import { useBench } from './useBench'

/** What does not work, the worst first; each leads to its place. */
const bench = useBench()
const { t } = useI18n()
const gradeWords = useGradeWords()

interface Line {
  at: Spot
  stops: boolean
  words: string
}

const lines = computed<Line[]>(() => {
  const said = bench.answers.check.value
  const found: Line[] = (said?.answer.problems ?? []).map((problem) => ({
    at: { station: problem.station, shot: problem.shot },
    stops: problem.stops,
    words: problem.sentence ?? t(`bench.problem.${problem.kind}`, { balls: problem.balls.join(', ') }),
  }))
  return [...found, ...noStroke.value, ...notHarder.value].sort(
    (one, other) => Number(other.stops) - Number(one.stops),
  )
})

/** The shot in hand has no stroke that does it. */
const noStroke = computed<Line[]>(() => {
  const usual = bench.answers.usual.value
  const asks = (bench.shot.value?.demands?.length ?? 0) > 0
  return usual && usual.draft === bench.shot.value && !usual.answer && asks
    ? [{ at: bench.at.value, stops: false, words: t('bench.problem.NO_STROKE') }]
    : []
})

const notHarder = computed<Line[]>(() => {
  const grades = bench.answers.grades.value
  if (!grades || grades.draft !== bench.drill.value?.stations) return []
  return grades.answer.flatMap((grade, station) =>
    grade.harder === false
      ? [
          {
            at: { station, shot: 0 },
            stops: false,
            words: t('bench.problem.NOT_HARDER', {
              now: gradeWords(grade.grade ?? 0),
              before: gradeWords(grades.answer[station - 1]?.grade ?? 0),
            }),
          },
        ]
      : [],
  )
})

function place(at: Spot): string {
  const station = bench.drill.value?.stations[at.station]
  const shots = station?.shots.length ?? 1
  return shots > 1
    ? t('bench.placeShot', { station: at.station + 1, shot: at.shot + 1 })
    : t('bench.placeStation', { station: at.station + 1 })
}
</script>

<template>
  <section role="status" class="problems">
    <p v-if="bench.answers.broken.value" class="stops">{{ bench.answers.broken.value }}</p>
    <ul v-if="lines.length > 0" class="bare">
      <li v-for="(line, index) in lines" :key="index" :class="{ stops: line.stops }">
        <button type="button" class="link" @click="bench.at.value = line.at">{{ place(line.at) }}</button>
        {{ line.words }}
      </li>
    </ul>
    <p v-else-if="bench.answers.check.value && !bench.answers.broken.value" class="quiet small">
      {{ t('bench.noProblems') }}
    </p>
  </section>
</template>

<style scoped>
li {
  border-left: 4px solid var(--amber);
  padding: 2px 0 2px 10px;
  margin-bottom: 4px;
}
.stops {
  border-left-color: var(--brick);
  color: var(--brick-text);
  font-weight: 600;
}
li :deep(.link) {
  padding: 2px 0;
}
p {
  margin: 0;
}
</style>
