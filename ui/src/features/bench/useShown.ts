// What the bench draws: the server's answer where it is about this very draft, the browser's own arithmetic until then.
import { computed, shallowRef, watch } from 'vue'
import type { Point, ShotPath } from '@/api/types'
import type { DraftPosition } from '@/shared/drillFile/drillDocument'
import { liveShot } from './geometry/liveShot'
import { ballPlaces, placeOf } from './geometry/places'
import { gripsOf } from './grips'
import { sightOverlay, useOverlayChoice } from './overlayChoice'
import type { useBenchAnswers } from './useBenchAnswers'
import type { Draft } from './useDraft'

export type Shown = ReturnType<typeof useShown>

export function useShown(draft: Draft, answers: ReturnType<typeof useBenchAnswers>) {
  const { drill, at, shot, geometry, drawing, held, demandIndex } = draft
  const overlays = useOverlayChoice()
  const live = computed(() => geometry.value && shot.value && liveShot(geometry.value, shot.value))
  const shown = computed(() => {
    const said = answers.check.value
    const mine = live.value
    if (!mine || held.value || said?.draft !== drill.value) return mine && { ...mine, fromServer: false }
    const answered = said?.answer.stations[at.value.station]?.[at.value.shot]
    return answered?.shot
      ? { shot: answered.shot, lines: answered.lines, fromServer: true }
      : { ...mine, fromServer: false }
  })
  const usual = computed(() =>
    answers.usual.value?.draft === shot.value && !held.value ? answers.usual.value?.answer : undefined,
  )
  const showsSights = computed(() => overlays[sightOverlay((drawing.value?.sights.length ?? 0) > 0)])
  /** A way chosen among the recipes, drawn in place of the usual one until the draft changes. */
  const shownWay = shallowRef<ShotPath>()
  watch([drill, at], () => (shownWay.value = undefined))
  const places = computed(() =>
    geometry.value && shot.value ? ballPlaces(geometry.value, shot.value.balls) : new Map<string, Point>(),
  )
  const resolve = (position: DraftPosition): Point | undefined => {
    const cue = shot.value?.balls.find((ball) => ball.role === 'cue')?.label
    return geometry.value && placeOf(geometry.value, position, true, (label) => places.value.get(label), cue)
  }
  const grips = computed(() => {
    const demand = demandIndex.value === undefined ? undefined : shot.value?.demands?.[demandIndex.value]
    return geometry.value && demand ? gripsOf(geometry.value, demand, resolve) : []
  })

  return { overlays, showsSights, live, shown, usual, shownWay, places, grips }
}
