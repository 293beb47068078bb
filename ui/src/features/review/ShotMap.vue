<script setup lang="ts">
import type { Attempt, Review } from '@/api/types'
import LandingMark from '@/table/LandingMark.vue'
import ShotMarks from '@/table/ShotMarks.vue'
import SpreadMarks from '@/table/SpreadMarks.vue'
import TableDiagram from '@/table/TableDiagram.vue'
import type { Point } from '@/api/types'

/** The landings with their spread, on the whole table or close up. */
defineProps<{
  review: Review
  shown: Attempt[]
  chosenId?: string
  closeUp?: { centre: Point; sideMillimetres: number }
  label: string
}>()
defineEmits<{ choose: [string] }>()
</script>

<template>
  <TableDiagram :table="review.table" :label="label" :close-up="closeUp">
    <ShotMarks :shot="review.shot" :faint="true" />
    <SpreadMarks :dispersion="review.dispersion" />
    <g v-for="attempt in shown" :key="attempt.id" @click="$emit('choose', attempt.id)">
      <LandingMark
        v-if="attempt.attempt.landing"
        :place="attempt.attempt.landing"
        :outcome="attempt.attempt.outcome"
        :foul="attempt.attempt.foul"
        :state="
          attempt.id === chosenId
            ? 'chosen'
            : attempt.attempt.outcome.startsWith('MISSED')
              ? 'faint'
              : 'plain'
        "
      />
    </g>
  </TableDiagram>
</template>
