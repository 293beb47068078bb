// Something on the table taken by a pointer: where it would lie, kept under the place where it was taken.
import { inject, ref } from 'vue'
import type { Point } from '@/api/types'
import { CLIENT_TO_TABLE } from './tableFrame'

interface Grabbed {
  name: string
  /** From the pointer to the thing's own place. */
  dx: number
  dy: number
  /** One drag is one gesture, from down to up. */
  gesture: string
}

export function useGrab() {
  const clientToTable = inject(CLIENT_TO_TABLE)
  const grabbed = ref<Grabbed>()
  let gestures = 0

  /** False if the pointer takes nothing: another button, or no drawing yet. */
  function grab(event: PointerEvent, name: string, place: Point): boolean {
    const at = clientToTable?.({ x: event.clientX, y: event.clientY })
    if (event.button !== 0 || !at) return false
    event.stopPropagation()
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    grabbed.value = {
      name,
      dx: place.xMillimetres - at.xMillimetres,
      dy: place.yMillimetres - at.yMillimetres,
      gesture: `${name} ${++gestures}`,
    }
    return true
  }

  /** Where the thing in hand lies now; nothing if none is. */
  function placeOf(event: PointerEvent): Point | undefined {
    const at = grabbed.value && clientToTable?.({ x: event.clientX, y: event.clientY })
    return (
      grabbed.value &&
      at && {
        xMillimetres: at.xMillimetres + grabbed.value.dx,
        yMillimetres: at.yMillimetres + grabbed.value.dy,
      }
    )
  }

  function release(): void {
    grabbed.value = undefined
  }

  return { grabbed, grab, placeOf, release }
}
