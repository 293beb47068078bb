// The usual way to play a shot, as every other screen has it; the stroke sliders begin there.
import { shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { UsualWay } from '@/api/types'

/** Which shot, on which side of which table. */
export interface WrittenShot {
  drillId: string
  tableId: string
  station: number
  shot: number
  mirrored: boolean
  /** With the numbers that are usual for this kind of table, and not those that were measured. */
  preset: boolean
}

export function useUsualStroke(written: Ref<WrittenShot | undefined>, begin: (usual: UsualWay) => void) {
  const usual = shallowRef<UsualWay>()
  const problem = shallowRef('')
  let latest = 0

  async function ask({ drillId, ...query }: WrittenShot): Promise<void> {
    const mine = ++latest
    try {
      const found = await answer(
        api.GET('/api/v1/drills/{id}/usual-way', { params: { path: { id: drillId }, query } }),
      )
      if (mine !== latest) return
      usual.value = found.usual
      if (found.usual) begin(found.usual)
    } catch (error) {
      if (mine === latest) problem.value = sentence(error)
    }
  }

  watch(
    written,
    (asked, before) => {
      if (asked && before && JSON.stringify(asked) === JSON.stringify(before)) return
      usual.value = undefined
      problem.value = ''
      if (asked) void ask(asked)
    },
    { immediate: true },
  )
  return { usual, problem }
}
