// Balls put on the drawing: each tap places the one that comes next, a drag corrects it.
import { computed, ref } from 'vue'
import type { LaidBall, Point, RackGame, RackLayout, RackOrigin, TableDrawing } from '@/api/types'
import { snapped } from './snapping'

export function useBallPlacing(game: () => RackGame | undefined, drawing: () => TableDrawing | undefined) {
  const balls = ref<LaidBall[]>([])
  const next = ref<string>()
  const origin = ref<RackOrigin>('BREAK')
  const missing = computed(
    () =>
      game()
        ?.balls.map(({ id }) => id)
        .filter((id) => !balls.value.some((ball) => ball.id === id)) ?? [],
  )
  const following = computed(() =>
    next.value && missing.value.includes(next.value) ? next.value : missing.value[0],
  )

  function clear(): void {
    balls.value = []
    next.value = undefined
    origin.value = 'BREAK'
  }

  /** What came from elsewhere and was changed by hand is placed by hand. */
  function touched(now: LaidBall[]): void {
    balls.value = now
    if (origin.value !== 'BREAK') origin.value = 'PLACED'
  }

  function place(at: Point): void {
    const id = following.value
    const table = drawing()
    if (!id || !table) return
    touched([...balls.value, { id, place: snapped(table, at, balls.value) }])
    next.value = undefined
  }

  function move(id: string, to: Point): void {
    const table = drawing()
    if (!table) return
    const others = balls.value.filter((ball) => ball.id !== id)
    touched(balls.value.map((ball) => (ball.id === id ? { id, place: snapped(table, to, others) } : ball)))
  }

  function takeOff(id: string): void {
    touched(balls.value.filter((ball) => ball.id !== id))
    next.value = id
  }

  function take(taken: RackLayout, from: RackOrigin): void {
    balls.value = taken.balls
    origin.value = from
  }

  return { balls, next, origin, missing, following, clear, place, move, takeOff, take }
}
