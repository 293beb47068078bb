<script setup lang="ts">
import { computed } from 'vue'
import type { ShotPath } from '@/api/types'
import { pathOf, useFrame } from './tableFrame'

/** A simulated shot: sliding dashed, rolling solid, other balls thinner, contacts as small ticks. */
const props = defineProps<{ path: ShotPath; cueLabel: string }>()
const frame = useFrame()
const stretches = computed(() =>
  props.path.tracks.flatMap((track) =>
    track.stretches.map((stretch, index) => ({
      key: `${track.ball}${index}`,
      d: pathOf(frame.value, stretch.points, false),
      kind: [
        track.ball === props.cueLabel ? 'cue' : 'other',
        stretch.phase === 'SLIDING' ? 'sliding' : 'rolling',
      ],
    })),
  ),
)
const contacts = computed(() => props.path.contacts.map((contact) => frame.value.tableToSvg(contact.place)))
const ends = computed(() =>
  props.path.tracks
    .filter((track) => track.stretches.length > 0 && !track.pocket)
    .map((track) => ({ ...frame.value.tableToSvg(track.end), cue: track.ball === props.cueLabel })),
)
const END_RADIUS_MILLIMETRES = 28
</script>

<template>
  <g class="path">
    <path v-for="stretch in stretches" :key="stretch.key" :d="stretch.d" :class="stretch.kind" />
    <circle v-for="(at, i) in contacts" :key="`c${i}`" :cx="at.x" :cy="at.y" r="7" class="contact" />
    <circle
      v-for="(at, i) in ends"
      :key="`e${i}`"
      :cx="at.x"
      :cy="at.y"
      :r="END_RADIUS_MILLIMETRES"
      :class="['end', { cue: at.cue }]"
    />
  </g>
</template>

<style scoped>
path {
  fill: none;
  stroke-linejoin: round;
}
.cue {
  stroke: var(--chalk);
  stroke-width: 7;
}
.other {
  stroke: var(--object-path);
  stroke-width: 4;
}
.sliding {
  stroke-dasharray: 16 12;
}
.contact {
  fill: var(--amber-lit);
}
.end {
  fill: none;
  stroke: var(--object-path);
  stroke-width: 4;
}
.end.cue {
  stroke: var(--chalk);
  fill: var(--chalk);
  fill-opacity: 0.35;
}
</style>
