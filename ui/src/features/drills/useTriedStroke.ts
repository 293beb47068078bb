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
  /** Balls moved to try something; the drill itself stays as it is written. */
  const moved = ref<Record<string, Point>>({})
  watch(written, () => {
    moved.value = {}
    shownWay.value = undefined
  })
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
  /** A way chosen from the recipes, drawn in place of the stroke that the sliders try. */
  const shownWay = shallowRef<ShotPath>()
  const pace = ref(3)
  const height = ref(0)
  const side = ref(0)
  const { usual, problem: usualProblem } = useUsualStroke(place, ({ stroke: found }) => {
    height.value = Math.round(2 * found.tipHeightMillimetres) / 2
    side.value = found.tipSideMillimetres
    // Last: each is asked of the engine at once, and soft with the old height may not pot.
    pace.value = Math.round(10 * metresPerSecondToPace(found.paceMetresPerSecond)) / 10
  })
  const stroke = computed<SimulateRequest | undefined>(() => {
    const pot = shot.value?.pot
    const object = shot.value?.balls.find((ball) => ball.role === 'OBJECT')
    if (!shot.value || !tableId.value || !pot || !object) return undefined
    return {
      tableId: tableId.value,
      balls: shot.value.balls.map((ball) => ({
        label: ball.label,
        cueBall: ball.role === 'CUE',
        ...ball.at.place,
      })),
      stroke: {
        paceMetresPerSecond: paceToMetresPerSecond(pace.value),
        tipHeightMillimetres: height.value,
        tipSideMillimetres: side.value,
        elevationDegrees: USUAL_ELEVATION_DEGREES,
      },
      pot: { ball: object.label, pocket: pot.pocket },
    }
  })
  const { path, problem: pathProblem, askedAt } = useShotPath(stroke)
  watch([pace, height, side], () => (shownWay.value = undefined))

  return {
    shot,
    moved,
    isMoved,
    moveBall,
    shownWay,
    pace,
    height,
    side,
    usual,
    path,
    problem: computed(() => pathProblem.value || usualProblem.value),
    askedAt,
  }
}

export type TriedStroke = ReturnType<typeof useTriedStroke>
