// The unit in which places are typed on the bench: one choice for balls and zones, remembered on this device.
import { ref } from 'vue'
import type { Point, TableGeometry } from '@/api/types'
import { remember, remembered } from '@/device/localMemory'

export const PLACE_UNITS = ['mm', 'cm', 'in', 'sights', 'balls'] as const
export type PlaceUnit = (typeof PLACE_UNITS)[number]
export type Axis = 'x' | 'y'

const MILLIMETRES = { mm: 1, cm: 10, in: 25.4 }
const UNIT_KEY = 'amber-bench-unit'
const isUnit = (word: string | undefined): word is PlaceUnit => PLACE_UNITS.some((unit) => unit === word)
const kept = remembered(UNIT_KEY)
const unit = ref<PlaceUnit>(isUnit(kept) ? kept : 'mm')

export function usePlaceUnit() {
  function choose(next: PlaceUnit | undefined): void {
    unit.value = next ?? 'mm'
    remember(UNIT_KEY, unit.value)
  }
  return { unit, choose }
}

/** Distance from the W (x) or S (y) cushion in a unit; ball widths are free cloth beyond the nose, which a ball's centre keeps away from. */
export function reading(
  table: TableGeometry,
  place: Point,
  axis: Axis,
  unit: PlaceUnit,
  noseMillimetres: number,
): number {
  const millimetres = axis === 'x' ? place.xMillimetres : place.yMillimetres
  switch (unit) {
    case 'sights':
      return millimetres / sight(table, axis)
    case 'balls':
      return (millimetres - noseMillimetres) / table.objectBall.diameterMillimetres
    default:
      return millimetres / MILLIMETRES[unit]
  }
}

/** The place with one of its distances as it was typed. */
export function typedPlace(
  table: TableGeometry,
  place: Point,
  axis: Axis,
  unit: PlaceUnit,
  noseMillimetres: number,
  value: number,
): Point {
  const millimetres =
    unit === 'sights'
      ? value * sight(table, axis)
      : unit === 'balls'
        ? noseMillimetres + value * table.objectBall.diameterMillimetres
        : value * MILLIMETRES[unit]
  return axis === 'x' ? { ...place, xMillimetres: millimetres } : { ...place, yMillimetres: millimetres }
}

function sight(table: TableGeometry, axis: Axis): number {
  return axis === 'x' ? table.lengthMillimetres / 8 : table.widthMillimetres / 4
}
