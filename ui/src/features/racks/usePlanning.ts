// The plan beside a layout: asked for again whenever something is decided by hand, with what was decided before it kept.
import { computed, ref } from 'vue'
import type { PlannedBall, Point } from '@/api/types'
import { useRackPlan, type RackQuestion } from './useRackPlan'

const ZONE_MILLIMETRES = 200

export function usePlanning(question: () => RackQuestion | undefined) {
  const plan = useRackPlan()
  const locked = ref<PlannedBall[]>([])
  const chosen = ref(0)
  const step = computed(() => plan.steps.value[chosen.value])

  async function ask(): Promise<void> {
    const asked = question()
    if (asked) await plan.ask({ question: asked, locked: locked.value })
  }

  async function anew(): Promise<void> {
    locked.value = []
    chosen.value = 0
    await ask()
  }

  /** Everything up to this step is decided: the steps before it as they stand. */
  async function lock(at: number, planned: PlannedBall): Promise<void> {
    const before = plan.steps.value
      .slice(0, at)
      .map((one, i) => locked.value[i] ?? { ball: one.ball, pocket: one.pocket })
    locked.value = [...before, planned]
    chosen.value = at
    await ask()
  }

  /** A tap on the cloth: where the cue ball should stop after the chosen step. */
  async function zone(centre: Point): Promise<void> {
    const now = step.value
    if (!now) return
    const { ball, pocket } = now
    await lock(chosen.value, { ball, pocket, zone: { centre, radiusMillimetres: ZONE_MILLIMETRES } })
  }

  /** As it is kept with the rack. */
  const kept = computed<PlannedBall[]>(() =>
    plan.steps.value.map(({ ball, pocket, landing, landingRadiusMillimetres }) => ({
      ball,
      pocket,
      zone: { centre: landing, radiusMillimetres: Math.max(ZONE_MILLIMETRES / 2, landingRadiusMillimetres) },
    })),
  )

  return { plan, locked, chosen, step, ask, anew, lock, zone, kept }
}
