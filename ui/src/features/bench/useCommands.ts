// Every command on the draft, however it was given: key, button or menu.
import { shallowRef } from 'vue'
import type { Point } from '@/api/types'
import type { DraftBall, DraftDemand, DraftPosition, Role } from '@/shared/drillFile/drillDocument'
import * as edit from './edits'
import { freePlace } from './geometry/freePlace'
import type { Draft } from './useDraft'
import type { Shown } from './useShown'

const COPY_ASIDE_MILLIMETRES = 80

/** Balls copied on any drill's bench, for pasting on any other. */
const clipboard = shallowRef<{ ball: DraftBall; place: Point }[]>([])

export function useCommands(draft: Draft, shown: Shown) {
  const { history } = draft
  return {
    ...ballCommands(draft, shown),
    ...clipboardCommands(draft, shown),
    ...demandCommands(draft),
    undo: history.undo,
    redo: history.redo,
  }
}

function ballCommands({ shot, selection, geometry, changeShot, select }: Draft, { places }: Shown) {
  return {
    nudge: (dx: number, dy: number) => {
      if (selection.value.size === 0) return
      const gesture = `nudge ${[...selection.value].join()}`
      changeShot((one, table) => edit.moveBalls(table, one, selection.value, dx, dy), gesture)
    },
    placeBall: (label: string, position: DraftPosition) => {
      changeShot((one) => edit.withBall(one, label, (ball) => ({ ...ball, position })))
    },
    addBall: (role: Role) => {
      const table = geometry.value
      if (!table) return
      const label = edit.freeLabel(shot.value?.balls ?? [], role)
      changeShot((one) => edit.addBall(table, one, role, freePlace(table, [...places.value.values()])))
      select([label])
    },
    mirror: () => {
      const some = selection.value.size > 0 ? selection.value : undefined
      changeShot((one) => edit.mirroredShot(one, some))
    },
    selectAll: () => select((shot.value?.balls ?? []).map((ball) => ball.label)),
  }
}

function clipboardCommands({ shot, selection, changeShot, select }: Draft, { places }: Shown) {
  return {
    copy: () => {
      clipboard.value = (shot.value?.balls ?? []).flatMap((ball) => {
        const place = places.value.get(ball.label)
        return selection.value.has(ball.label) && place ? [{ ball, place }] : []
      })
    },
    paste: () => {
      if (clipboard.value.length === 0) return
      let labels: string[] = []
      changeShot((one, table) => {
        const pasted = edit.copyBalls(table, one, clipboard.value, COPY_ASIDE_MILLIMETRES)
        labels = pasted.labels
        return pasted.shot
      })
      select(labels)
    },
  }
}

function demandCommands({ shot, selection, demandIndex, changeShot, select }: Draft) {
  return {
    changeDemand: (index: number, demand: DraftDemand, gesture?: string) => {
      changeShot((one) => edit.withDemand(one, index, demand), gesture)
    },
    addDemand: (demand: DraftDemand) => {
      selection.value = new Set()
      demandIndex.value = shot.value?.demands?.length ?? 0
      changeShot((one) => ({ ...one, demands: [...(one.demands ?? []), demand] }))
    },
    /** The demand that is chosen, or the selected balls. */
    remove: () => {
      if (demandIndex.value !== undefined) {
        const index = demandIndex.value
        demandIndex.value = undefined
        changeShot((one) => ({ ...one, demands: one.demands?.filter((_, i) => i !== index) ?? [] }))
      } else if (selection.value.size > 0) {
        const labels = selection.value
        select([])
        changeShot((one, table) => edit.removeBalls(table, one, labels))
      }
    },
  }
}
