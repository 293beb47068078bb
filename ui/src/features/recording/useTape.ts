// A place as a tape measures it: from the two nearest cushions.
import { useI18n } from 'vue-i18n'
import type { Point, TableDrawing } from '@/api/types'
import { useUnits } from '@/shared/units'

export interface Tape {
  short: string
  shortCushion: string
  long: string
  longCushion: string
}

export function useTape() {
  const { t } = useI18n()
  const { length } = useUnits()
  return (table: TableDrawing, { xMillimetres: x, yMillimetres: y }: Point): Tape => {
    const west = x <= table.lengthMillimetres / 2
    const south = y <= table.widthMillimetres / 2
    return {
      short: length(west ? x : table.lengthMillimetres - x),
      shortCushion: t(`cushion.${west ? 'W' : 'E'}`),
      long: length(south ? y : table.widthMillimetres - y),
      longCushion: t(`cushion.${south ? 'S' : 'N'}`),
    }
  }
}
