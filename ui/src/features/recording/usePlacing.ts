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
    show(event)
  }

  function move(event: PointerEvent): void {
    if (!start) return
    const moved = Math.hypot(event.clientX - start.clientX, event.clientY - start.clientY)
    if (held.value || moved > MOVED_PIXELS) hold(event)
  }

  function up(event: PointerEvent): void {
    if (!start) return
    clearTimeout(timer)
    const pointed = pointedAt(event)
    start = undefined
    cross.value = undefined
    if (!pointed || !table.value) return
    if (pointed.kind === 'bed') place(pointed.place)
    else refuse(pointed.kind)
    held.value = false
  }

  function cancel(): void {
    clearTimeout(timer)
    start = undefined
    held.value = false
    cross.value = undefined
  }

  function show(event: PointerEvent): void {
    const pointed = pointedAt(event)
    cross.value = pointed?.kind === 'bed' ? pointed.place : undefined
  }

  function pointedAt(event: PointerEvent) {
    const lift = held.value && event.pointerType === 'touch' ? FINGER_OFFSET_PIXELS : 0
    const point = diagram?.clientToTable({ x: event.clientX, y: event.clientY - lift })
    return point && table.value ? onBed(table.value, point) : undefined
  }

  onBeforeUnmount(() => clearTimeout(timer))
  return { down, move, up, cancel }
}
