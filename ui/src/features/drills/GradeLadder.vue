<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Grade } from '@/api/types'
import { useGradeWords } from '@/shared/useGradeWords'
import { BANDS } from '@/shared/bands'

/** The scale of five bands with each station where it stands; under it what the grades say in words. */
const props = defineProps<{ names: string[]; grades: Grade[] }>()
const { t } = useI18n()
const gradeWords = useGradeWords()

const WIDTH = 1000
const HEIGHT = 112
const LINE = 64
const ROOM = 24

const marks = computed(() =>
  props.grades.flatMap((grade, index) => {
    if (grade.grade === undefined) return []
    const x = Math.min(Math.max(grade.grade, 0), WIDTH)
    return [{ index, x, error: grade.standardError ?? 0, rough: grade.state === 'ROUGH' }]
  }),
)
/** Numbers of stations that stand close take turns above each other. */
const placed = computed(() => {
  let lastX = -Infinity
  let level = 0
  return [...marks.value]
    .sort((one, other) => one.x - other.x)
    .map((mark) => {
      level = mark.x - lastX < ROOM ? level + 1 : 0
      lastX = mark.x
      return { ...mark, y: LINE - 16 - (level % 3) * 18 }
    })
})

type ErrorKind = keyof NonNullable<Grade['easierBy']>

function hardest(grade: Grade): string {
  const parts = Object.entries(grade.easierBy ?? {}) as [ErrorKind, number][]
  const [first] = parts.sort((one, other) => other[1] - one[1])
  return first
    ? t('grades.hardest', { kind: t(`grades.kind.${first[0]}`), points: Math.round(first[1]) })
    : ''
}

function parts(grade: Grade): string {
  return (Object.entries(grade.easierBy ?? {}) as [ErrorKind, number][])
    .map(([kind, points]) => `${t(`grades.kind.${kind}`)} ${Math.round(points)}`)
    .join(', ')
}

function words(grade: Grade): string {
  if (grade.grade === undefined || grade.state === 'OVER_THE_SCALE' || grade.state === 'UNDER_THE_SCALE') {
    return t(`grades.state.${grade.state}`)
  }
  return t(grade.state === 'ROUGH' ? 'grades.rough' : 'grades.exact', {
    grade: gradeWords(grade.grade),
    band: t(`grades.band.${grade.band}`),
    error: Math.max(1, Math.round(grade.standardError ?? 0)),
  })
}
</script>

<template>
  <figure>
    <svg :viewBox="`-12 0 ${WIDTH + 24} ${HEIGHT}`" role="img" :aria-label="t('grades.ladder')">
      <g v-for="band in BANDS" :key="band.name">
        <rect
          :x="band.from"
          :y="LINE"
          :width="band.to - band.from"
          height="14"
          :class="['band', band.name]"
        />
        <text :x="(band.from + band.to) / 2" :y="LINE + 38" class="name">
          {{ t(`grades.band.${band.name}`) }}
        </text>
        <text :x="band.from" :y="LINE + 38" class="from">{{ band.from || '' }}</text>
      </g>
      <g v-for="mark in placed" :key="mark.index" :class="{ rough: mark.rough }">
        <path :d="`M${mark.x} ${mark.y + 4} L${mark.x} ${LINE + 14}`" class="stem" />
        <path :d="`M${mark.x - mark.error} ${LINE + 7} L${mark.x + mark.error} ${LINE + 7}`" class="error" />
        <text :x="mark.x" :y="mark.y" class="mark">{{ mark.index + 1 }}</text>
      </g>
    </svg>
    <ol class="figures">
      <li v-for="(grade, index) in grades" :key="index">
        <strong>{{ names[index] }}:</strong> {{ words(grade) }}
        <span v-if="grade.easierBy" class="quiet" :title="parts(grade)">{{ hardest(grade) }}</span>
      </li>
    </ol>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  width: 100%;
  display: block;
}
.band {
  stroke: var(--paper);
  stroke-width: 2;
}
.CHALK {
  fill: var(--band-chalk);
}
.BAIZE {
  fill: var(--band-baize);
}
.SLATE {
  fill: var(--band-slate);
}
.BRASS {
  fill: var(--band-brass);
}
.AMBER {
  fill: var(--band-amber);
}
text {
  fill: var(--ink);
  font-size: 19px;
  text-anchor: middle;
}
.from {
  font-size: 15px;
  fill: var(--ink-second);
}
.mark {
  font-weight: 700;
  font-size: 20px;
}
.stem,
.error {
  stroke: var(--ink);
  stroke-width: 2.5;
}
.error {
  stroke-width: 6;
}
.rough {
  opacity: 0.55;
}
ol {
  margin: 4px 0 0;
  padding-left: 22px;
}
</style>
