// Placing the ball with the keyboard: digits go into ninths of the table, arrows move the cross.
import { computed, ref, shallowRef, type Ref } from 'vue'
import type { Point, TableDrawing } from '@/api/types'
import { onBed } from '@/table/onBed'
import { centreOf, ninthsOf, type Region } from './ninths'

export function useKeyPlacing(
  table: Ref<TableDrawing | undefined>,
  portrait: Ref<boolean>,
  cross: Ref<Point | undefined>,
) {
  const isOn = ref(false)
  /** From the whole table to the part that the last digit chose. */
  const regions = shallowRef<Region[]>([])
  const region = computed(() => regions.value[regions.value.length - 1])
  const ninths = computed(() => (region.value ? ninthsOf(region.value, portrait.value) : []))

  function begin(at: Point | undefined): void {
    isOn.value = true
    regions.value = table.value ? [wholeOf(table.value)] : []
    cross.value = at ?? (region.value && centreOf(region.value))
  }

  function end(): void {
    isOn.value = false
    regions.value = []
    cross.value = undefined
  }

  /** Goes into one of the nine parts, 1 to 9; false if nothing is being placed by keys. */
  function digit(wanted: number): boolean {
    if (!isOn.value) return false
    const chosen = ninths.value.find((one) => one.digit === wanted)
    if (chosen) lookAt([...regions.value, chosen.region])
    return true
  }

  /** Out of the last part again; false if there is none to leave. */
  function back(): boolean {
    if (regions.value.length < 2) return false
    lookAt(regions.value.slice(0, -1))
    return true
  }

  function lookAt(now: Region[]): void {
    regions.value = now
    const on = table.value && region.value && onBed(table.value, centreOf(region.value))
    if (on?.kind === 'bed') cross.value = on.place
  }

  return { isOn, ninths, begin, end, digit, back }
}

function wholeOf({ lengthMillimetres, widthMillimetres }: TableDrawing): Region {
  return { xFrom: 0, xTo: lengthMillimetres, yFrom: 0, yTo: widthMillimetres }
}
