// Sends what a device has kept of a rack: the rack first, then its shots in order; what is refused stays with its sentence.
import { answer, api } from '@/api/client'
import { isPassing, sentence } from '@/api/problem'
import type { RackView } from '@/api/types'
import { keepRack, keptRack, withoutRefusal, type KeptRack } from '@/device/keptRacks'

export type Sent = { state: 'SENT' | 'AWAY' | 'REFUSED'; view?: RackView }

export async function sendRack(id: string): Promise<Sent> {
  let view: RackView | undefined
  try {
    for (let kept = keptRack(id); kept; kept = keptRack(id)) {
      const next = await sendNext(kept)
      if (!next) return { state: 'SENT', ...(view ? { view } : {}) }
      view = next
    }
    return { state: 'SENT' }
  } catch (error) {
    if (isPassing(error)) return { state: 'AWAY' }
    const kept = keptRack(id)
    if (kept) keepRack({ ...kept, refused: sentence(error) })
    return { state: 'REFUSED' }
  }
}

/** One piece; nothing where all is sent. What was written meanwhile is not lost: the kept rack is read again before it is changed. */
async function sendNext(kept: KeptRack): Promise<RackView | undefined> {
  const id = kept.id
  if (kept.unsent.rack) {
    const view = await answer(api.PUT('/api/v1/racks/{id}', { params: { path: { id } }, body: kept.body }))
    change(id, (now) => (same(now.body, kept.body) ? { ...now.unsent, rack: false } : now.unsent))
    return view
  }
  const shotId = kept.unsent.shots[0]
  const shot = kept.shots.find((one) => one.id === shotId)
  if (!shotId || !shot) return undefined
  const path = { id, shotId }
  const view = await answer(
    api.PUT('/api/v1/racks/{id}/shots/{shotId}', { params: { path }, body: shot.body }),
  )
  change(id, (now) => {
    const still = now.shots.find((one) => one.id === shotId)
    const changed = still && !same(still.body, shot.body)
    return changed ? now.unsent : { ...now.unsent, shots: now.unsent.shots.filter((one) => one !== shotId) }
  })
  return view
}

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other)
}

function change(id: string, unsent: (now: KeptRack) => KeptRack['unsent']): void {
  const now = keptRack(id)
  if (!now) return
  keepRack({ ...withoutRefusal(now), unsent: unsent(now) })
}
