// Trying something on a drill's page: balls moved, a stroke turned, a way chosen. The drill stays as it is written.
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { Point, Shot, ShotPath, SimulateRequest, TableDrawing } from '@/api/types'
import { onBed } from '@/table/onBed'
import { metresPerSecondToPace, paceToMetresPerSecond } from '@/shared/pace'
import { useShotPath } from './useShotPath'
import { useUsualStroke, type WrittenShot } from './useUsualStroke'

/** The usual cue (answers.md, "Strike and pace"). */
const USUAL_ELEVATION_DEGREES = 3

export function useTriedStroke(
  written: Ref<Shot | undefined>,
  tableId: Ref<string | undefined>,
  drawing: Ref<TableDrawing | undefined>,
  place: Ref<WrittenShot | undefined>,
) {
  const balls = useMovedBalls(written, drawing)
  const { shot } = balls
  /** A way chosen from the recipes, drawn in place of the stroke that the sliders try. */
  const shownWay = shallowRef<ShotPath>()
  watch(written, () => (shownWay.value = undefined))
  const pace = ref(3)
  const height = ref(0)
  const side = ref(0)
  const { usual, problem: usualProblem } = useUsualStroke(place, ({ stroke: found }) => {
    height.value = Math.round(2 * found.tipHeightMillimetres) / 2
    side.value = found.tipSideMillimetres
    // Last: each is asked of the engine at once, and soft with the old height may not pot.
    pace.value = Math.round(10 * metresPerSecondToPace(found.paceMetresPerSecond)) / 10
  })
  const request = computed(() => {
    if (!shot.value || !tableId.value) return undefined
    const stroke = {
      paceMetresPerSecond: paceToMetresPerSecond(pace.value),
      tipHeightMillimetres: height.value,
      tipSideMillimetres: side.value,
      elevationDegrees: USUAL_ELEVATION_DEGREES,
    }
    return asked(tableId.value, shot.value, stroke, place.value?.preset === true)
  })
  const { path, problem: pathProblem, askedAt } = useShotPath(request)
  watch([pace, height, side], () => (shownWay.value = undefined))
  const problem = computed(() => pathProblem.value || usualProblem.value)

  return { ...balls, shownWay, pace, height, side, usual, path, problem, askedAt }
}

/** Balls moved to try something; the drill itself stays as it is written. */
function useMovedBalls(written: Ref<Shot | undefined>, drawing: Ref<TableDrawing | undefined>) {
  const moved = ref<Record<string, Point>>({})
  watch(written, () => (moved.value = {}))
  const isMoved = computed(() => Object.keys(moved.value).length > 0)
  const shot = computed(() => {
    const asked = written.value
    if (!asked || !isMoved.value) return asked
    const balls = asked.balls.map((ball) => ({
      ...ball,
      at: { ...ball.at, place: moved.value[ball.label] ?? ball.at.place },
    }))
    return { ...asked, balls }
  })

  function moveBall(label: string, to: Point): void {
    if (!drawing.value) return
    const on = onBed(drawing.value, to)
    if (on.kind === 'bed') moved.value = { ...moved.value, [label]: on.place }
  }

  return { shot, moved, isMoved, moveBall }
}

/** Nothing to ask where the shot pots nothing. */
function asked(
  tableId: string,
  { pot, balls }: Shot,
  stroke: SimulateRequest['stroke'],
  preset: boolean,
): SimulateRequest | undefined {
  const object = balls.find((ball) => ball.role === 'OBJECT')
  if (!pot || !object) return undefined
  return {
    tableId,
    balls: balls.map(({ label, role, at }) => ({ label, cueBall: role === 'CUE', ...at.place })),
    stroke,
    pot: { ball: object.label, pocket: pot.pocket },
    preset,
  }
}

export type TriedStroke = ReturnType<typeof useTriedStroke>
