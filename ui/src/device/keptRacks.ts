// Racks that are played on this device, kept here until the server has all of them: one key each, so that two windows do not write over each other.
import { computed } from 'vue'
import type { RackBody, RackGame, RackShotBody } from '@/api/types'
import { isOnlyInThisWindow, remember, rememberedJson, rememberedKeys } from './localMemory'
import { ownNames } from './ownNames'

export interface WrittenShot {
  id: string
  body: RackShotBody
}

export interface KeptRack {
  id: string
  game: RackGame
  body: RackBody
  shots: WrittenShot[]
  /** What the server has not taken yet: the rack itself, and the ids of shots. */
  unsent: { rack: boolean; shots: string[] }
  /** Why the server would not take it. */
  refused?: string
}

const prefix = () => ownNames('rack')

export function keptRack(id: string): KeptRack | undefined {
  return rememberedJson<KeptRack>(prefix() + id)
}

export function keepRack(rack: KeptRack): void {
  remember(prefix() + rack.id, JSON.stringify(rack))
}

export function isUnsent({ unsent }: KeptRack): boolean {
  return unsent.rack || unsent.shots.length > 0
}

/** What waits of it goes when this window is closed: the browser refused to store it. */
export function waitsOnlyHere(rack: KeptRack): boolean {
  return isUnsent(rack) && isOnlyInThisWindow(prefix() + rack.id)
}

/** Racks of which something waits on this device. */
export const waitingRacks = computed(() =>
  rememberedKeys(prefix())
    .map((key) => rememberedJson<KeptRack>(key))
    .filter((rack): rack is KeptRack => rack !== undefined && isUnsent(rack)),
)

/** Changed or sent again, it has not been refused yet. */
export function withoutRefusal(rack: KeptRack): KeptRack {
  const rest = { ...rack }
  delete rest.refused
  return rest
}
