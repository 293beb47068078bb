// Balls that are dragged: one catches on things, several move as they lie.
import { ref, shallowRef } from 'vue'
import type { Point } from '@/api/types'
import * as edit from './edits'
import { snapped, type Snap } from './geometry/snapping'
import type { Draft } from './useDraft'
import type { Shown } from './useShown'

export function useDragging({ shot, selection, changeShot }: Draft, { places }: Shown) {
  const snapping = ref(true)
  const caught = shallowRef<Snap['caught']>()

  function dragBall(
    label: string,
    to: Point,
    reachMillimetres: number,
    free: boolean,
    gesture: string,
  ): void {
    const from = places.value.get(label)
    if (!from) return
    if (selection.value.size > 1 && selection.value.has(label)) dragSelected(from, to, gesture)
    else dragOne(label, to, snapping.value && !free ? reachMillimetres : 0, gesture)
  }

  function dragSelected(from: Point, to: Point, gesture: string): void {
    const dx = to.xMillimetres - from.xMillimetres
    const dy = to.yMillimetres - from.yMillimetres
    caught.value = undefined
    changeShot((one, table) => edit.moveBalls(table, one, selection.value, dx, dy), gesture)
  }

  function dragOne(label: string, to: Point, reach: number, gesture: string): void {
    const ball = shot.value?.balls.find((one) => one.label === label)
    if (!ball) return
    changeShot((one, table) => {
      const snap =
        reach > 0
          ? snapped(table, one, places.value, ball, to, reach)
          : snapped(table, { ...one, balls: [], demands: [] }, new Map(), ball, to, 0)
      caught.value = reach > 0 ? snap.caught : undefined
      return edit.withBall(one, label, (old) => ({ ...old, position: snap.position }))
    }, gesture)
  }

  return { snapping, caught, dragBall }
}
