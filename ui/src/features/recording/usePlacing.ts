// Pointing at the cloth: press shows a cross, release commits. A held finger gets the cross above it, to see past it.
import { onBeforeUnmount, ref, type Ref } from 'vue'
import type { Point, TableDrawing } from '@/api/types'
import { onBed } from '@/table/onBed'

const HELD_AFTER_MILLISECONDS = 220
const MOVED_PIXELS = 8
const FINGER_OFFSET_PIXELS = 56

interface Diagram {
  clientToTable(client: { x: number; y: number }): Point | undefined
}

export function usePlacing(
  table: Ref<TableDrawing | undefined>,
  cross: Ref<Point | undefined>,
  place: (place: Point) => void,
  refuse: (why: 'pocket' | 'off') => void,
) {
  const held = ref(false)
  let start: PointerEvent | undefined
  let timer: ReturnType<typeof setTimeout> | undefined
  let diagram: Diagram | undefined
  const pointedAt = (event: PointerEvent) => pointed(event, held.value, diagram, table.value)

  function down(event: PointerEvent, onto: Diagram | null | undefined): void {
    if (event.button !== 0 || !onto) return
    diagram = onto
    start = event
    held.value = false
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    if (event.pointerType === 'touch') timer = setTimeout(() => hold(event), HELD_AFTER_MILLISECONDS)
    else hold(event)
  }

  function hold(event: PointerEvent): void {
    held.value = true
    const at = pointedAt(event)
    cross.value = at?.kind === 'bed' ? at.place : undefined
  }

  function move(event: PointerEvent): void {
    if (!start) return
    const moved = Math.hypot(event.clientX - start.clientX, event.clientY - start.clientY)
    if (held.value || moved > MOVED_PIXELS) hold(event)
  }

  function up(event: PointerEvent): void {
    if (!start) return
    const at = pointedAt(event)
    cancel()
    if (at?.kind === 'bed') place(at.place)
    else if (at) refuse(at.kind)
  }

  function cancel(): void {
    clearTimeout(timer)
    start = undefined
    held.value = false
    cross.value = undefined
  }

  onBeforeUnmount(() => clearTimeout(timer))
  return { down, move, up, cancel }
}

/** What lies under the pointer; under a held finger, a little above it. */
function pointed(
  event: PointerEvent,
  held: boolean,
  diagram: Diagram | undefined,
  table: TableDrawing | undefined,
) {
  const lift = held && event.pointerType === 'touch' ? FINGER_OFFSET_PIXELS : 0
  const point = diagram?.clientToTable({ x: event.clientX, y: event.clientY - lift })
  return point && table ? onBed(table, point) : undefined
}
