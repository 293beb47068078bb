// The shot that comes next at the table: ball and pocket as planned or as tapped, where the cue ball is played from, and what else happened to balls.
import { computed, type ComputedRef } from 'vue'
import type { Point, RackOutcome, RackPocket, RackShotBody, RackStep } from '@/api/types'
import type { KeptRack } from '@/device/keptRacks'
import { onBalls } from './rackRules'
import type { RackState } from './rackState'
import { useByHand } from './useByHand'

/** Nearer is the same place. */
const SAME_PLACE_MILLIMETRES = 1
type Shot = Omit<RackShotBody, 'number' | 'withdrawn'>

export function useShotToWrite(
  state: () => RackState | undefined,
  kept: () => KeptRack | undefined,
  steps: () => RackStep[],
) {
  const hand = useByHand(state)
  const { balls, also, moved, placed } = hand
  const step = computed(() => steps()[0])
  const on = computed(() => {
    const game = kept()?.game
    return game ? onBalls(game, state()?.stage, balls.value) : []
  })
  /** The plan as it was begun, for the balls that are still there: away from the network it must do. */
  const planned = computed(() => kept()?.body.plan.find(({ ball }) => on.value.includes(ball)))
  const ball = computed(() => hand.ball.value ?? step.value?.ball ?? planned.value?.ball ?? on.value[0])
  const pocket = computed(() => hand.pocket.value ?? pocketOf(ball.value, step.value, planned.value))
  const cue: ComputedRef<Point | undefined> = computed(() => placed.value ?? state()?.cue)
  const asProposed = computed(() => {
    const one = step.value
    return (
      one !== undefined && one.ball === ball.value && one.pocket === pocket.value && isFrom(one, cue.value)
    )
  })
  const following = computed(() => {
    const rest = kept()?.body.plan.find(
      (one) => one.ball !== ball.value && balls.value.some(({ id }) => id === one.ball),
    )
    return asProposed.value ? steps()[1]?.ball : rest?.ball
  })

  function written(outcome: RackOutcome, landing?: Point): Shot {
    const pot = outcome === 'POTTED' && ball.value ? [ball.value] : []
    const down = [...new Set([...pot, ...also.value])]
    return {
      outcome,
      down,
      moved: moved.value.filter(({ id }) => !down.includes(id)),
      ...(ball.value ? { ball: ball.value } : {}),
      ...(pocket.value ? { pocket: pocket.value } : {}),
      ...(hand.breakOut.value ? { breakOut: hand.breakOut.value } : {}),
      ...(placed.value ? { from: placed.value } : {}),
      ...(landing ? { landing } : {}),
      ...(following.value ? { next: following.value } : {}),
      ...(asProposed.value && step.value ? proposal(step.value) : {}),
    }
  }

  return { hand, balls, on, ball, pocket, cue, step, asProposed, written }
}

/** A stroke goes with the place that it was planned from. */
function isFrom({ from }: RackStep, cue: Point | undefined): boolean {
  if (!cue) return true
  return (
    Math.hypot(from.xMillimetres - cue.xMillimetres, from.yMillimetres - cue.yMillimetres) <
    SAME_PLACE_MILLIMETRES
  )
}

function pocketOf(
  ball: string | undefined,
  step: RackStep | undefined,
  planned: { ball: string; pocket?: RackPocket } | undefined,
): RackPocket | undefined {
  if (step && step.ball === ball) return step.pocket
  return planned && planned.ball === ball ? planned.pocket : undefined
}

const [LEAST_MILLIMETRES, MOST_MILLIMETRES] = [50, 2000]

/** What was meant, for the review. */
function proposal({ stroke, landing, landingRadiusMillimetres }: RackStep): Pick<Shot, 'stroke' | 'planned'> {
  const radiusMillimetres = Math.min(MOST_MILLIMETRES, Math.max(LEAST_MILLIMETRES, landingRadiusMillimetres))
  return { stroke, planned: { centre: landing, radiusMillimetres } }
}
