// Readings that the server has not answered yet, kept on the device: one key each, so that two windows do not write over each other.
import { forgetRemembered, remember, rememberedJson, rememberedKeys } from '@/device/localMemory'
import { PERSONAL } from '@/device/useSignedIn'
import type { KitCheck, ReadingBody } from '@/api/types'

export interface Pending {
  id: string
  body: ReadingBody
  /** Why the server would not take it; it stays to be changed or taken out. */
  refused?: string
}

const prefixOf = (checkId: string) => `${PERSONAL}reading ${checkId} `
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
