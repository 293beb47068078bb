// What somebody changed by hand for the next shot: another ball or pocket, the place of the cue ball, balls that dropped too or lie elsewhere now.
import { computed, ref, watch } from 'vue'
import type { LaidBall, Point, RackPocket, RackShotBody } from '@/api/types'
import type { RackState } from './rackState'

export const CUE = 'cue'
export type BreakOut = NonNullable<RackShotBody['breakOut']>

export function useByHand(state: () => RackState | undefined) {
  const ball = ref<string>()
  const pocket = ref<RackPocket>()
  const placed = ref<Point>()
  const also = ref<string[]>([])
  const moved = ref<LaidBall[]>([])
  const breakOut = ref<BreakOut>()
  const balls = computed(() =>
    (state()?.balls ?? []).map((one) => moved.value.find(({ id }) => id === one.id) ?? one),
  )

  // A new moment of the rack: nothing of the last one is left.
  watch(
    () => JSON.stringify(state()),
    () => {
      ball.value = pocket.value = placed.value = breakOut.value = undefined
      also.value = []
      moved.value = []
    },
  )

  function choose(id: string): void {
    if (id === CUE) return
    ball.value = id
    pocket.value = undefined
  }

  function toggleAlso(id: string): void {
    also.value = also.value.includes(id) ? also.value.filter((one) => one !== id) : [...also.value, id]
  }

  function toggleBreakOut(how: BreakOut): void {
    breakOut.value = breakOut.value === how ? undefined : how
  }

  function move(id: string, to: Point): void {
    if (id === CUE) placed.value = to
    else moved.value = [...moved.value.filter((one) => one.id !== id), { id, place: to }]
  }

  return { ball, pocket, placed, also, moved, breakOut, balls, choose, toggleAlso, toggleBreakOut, move }
}
