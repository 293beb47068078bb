// Readings that the server has not answered yet, kept on the device: one key each, so that two windows do not write over each other.
import { computed } from 'vue'
import type { KitCheck, ReadingBody } from '@/api/types'
import { forgetRemembered, remember, rememberedJson, rememberedKeys } from './localMemory'
import { ownNames } from './ownNames'
import { PERSONAL } from './useSignedIn'

export interface Pending {
  id: string
  body: ReadingBody
  /** Why the server would not take it; it stays to be changed or taken out. */
  refused?: string
}

const ownPrefix = () => ownNames('reading')
const prefixOf = (checkId: string) => `${ownPrefix()}${checkId} `
const viewKey = (checkId: string) => `${PERSONAL}check ${checkId}`

export function pendingOf(checkId: string): Pending[] {
  return rememberedKeys(prefixOf(checkId))
    .map((key) => rememberedJson<Pending>(key))
    .filter((one): one is Pending => one !== undefined)
    .sort((a, b) => a.body.takenAt.localeCompare(b.body.takenAt))
}

export function keepPending(checkId: string, one: Pending): void {
  remember(prefixOf(checkId) + one.id, JSON.stringify(one))
}

export function forgetPending(checkId: string, id: string): void {
  forgetRemembered(prefixOf(checkId) + id)
}

/** The check as the server last said it, so that the page opens away from the network. */
export function keepView(view: KitCheck): void {
  remember(viewKey(view.id), JSON.stringify(view))
}

export function keptView(checkId: string): KitCheck | undefined {
  return rememberedJson<KitCheck>(viewKey(checkId))
}

/** The names under which tries wait on this device, whatever check they are of. */
export const waitingTryKeys = computed(() => rememberedKeys(ownPrefix()))

/** Checks of which tries wait on this device, with how many. */
export const waitingChecks = computed(() => {
  const counts = new Map<string, number>()
  for (const key of waitingTryKeys.value) {
    const checkId = key.slice(ownPrefix().length).split(' ')[0] ?? ''
    counts.set(checkId, (counts.get(checkId) ?? 0) + 1)
  }
  return [...counts].map(([checkId, tries]) => ({ checkId, tries }))
})
