// A rack that is being laid out: which game by whose rules, where the balls lie, and its beginning.
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { RackBody, RackGameView, RackLayout, TableDrawing } from '@/api/types'
import { newId } from '@/device/ids'
import { keepRack } from '@/device/keptRacks'
import { onBalls } from './rackRules'
import { useBallPlacing } from './useBallPlacing'
import { useRackChoice } from './useRackChoice'

export function useNewRack(games: () => RackGameView[], drawing: () => TableDrawing | undefined) {
  const choice = useRackChoice(games)
  const { game, rules, chosen } = choice
  const placing = useBallPlacing(() => game.value, drawing)
  const { balls, origin, missing } = placing
  const breakInOff = ref(false)
  watch(choice.gameKey, placing.clear)

  const layout = computed<RackLayout | undefined>(
    () => game.value && { game: game.value.key, balls: balls.value },
  )
  const ready = computed(() => {
    const now = game.value
    return now?.stages.some(({ id }) => onBalls(now, id, balls.value).length > 0) ?? false
  })

  /** On their spots where the game begins so, else a break that the engine plays. */
  async function makeUp(tableId: string, studentId: string): Promise<void> {
    const now = chosen.value
    if (!now) return
    const seed = Math.floor(Math.random() * Number.MAX_SAFE_INTEGER)
    const body = { tableId, studentId, rules: rules.value, game: now.game.key, seed }
    const made = await answer(api.POST('/api/v1/racks/made-up', { body }))
    placing.take(made, now.standard ? 'STANDARD' : 'MADE_UP')
  }

  /** Kept on this device first; its page sends it. */
  function begin(tableId: string, studentId: string, plan: RackBody['plan']): string | undefined {
    if (!game.value || !layout.value) return undefined
    const id = newId()
    const broken =
      origin.value === 'BREAK' ? { breakDown: missing.value.length, breakInOff: breakInOff.value } : {}
    const startedAt = new Date().toISOString()
    const body: RackBody = {
      ...{ studentId, tableId, rules: rules.value, layout: layout.value, origin: origin.value },
      ...broken,
      ...{ plan, note: '', startedAt },
    }
    keepRack({ id, game: game.value, body, shots: [], unsent: { rack: true, shots: [] } })
    return id
  }

  return { ...choice, ...placing, breakInOff, layout, ready, makeUp, begin }
}
