// Drafts of drills that the server has not taken yet, kept on the device: a key each, for whoever drew them and nobody else.
import { computed } from 'vue'
import type { DrillDocument } from '@/shared/drillFile/drillDocument'
import { forgetRemembered, remember, rememberedJson, rememberedKeys } from './localMemory'
import { ownNames } from './ownNames'

export interface KeptDraft {
  /** The server's, upon which it was drawn. */
  revision: number
  drill: DrillDocument
}

const prefix = () => ownNames('bench')

/** Where a drill's draft is kept, for whoever is signed in now: asked at once, for they may be signed out before it is put there. */
export function draftKey(drillId: string): string {
  return prefix() + drillId
}

export function keptDraft(key: string): KeptDraft | undefined {
  return rememberedJson<KeptDraft>(key)
}

export function keepDraft(key: string, draft: KeptDraft): void {
  remember(key, JSON.stringify(draft))
}

export function forgetDraft(key: string): void {
  forgetRemembered(key)
}

/** The drill has gone on without it: kept in a place of its own, where nothing that is drawn next is written over it. */
export function putAside(key: string): void {
  const draft = keptDraft(key)
  if (!draft) return
  keepDraft(`${key} ${draft.revision}`, draft)
  forgetDraft(key)
}

/** Where drafts of this drill are that were put aside. */
export function asideOf(key: string): string[] {
  return rememberedKeys(`${key} `)
}

/** The names under which drafts wait on this device. */
export const waitingDraftKeys = computed(() => rememberedKeys(prefix()))

/** Drills of which a draft waits on this device. */
export const waitingDrafts = computed(() => {
  const titles = new Map<string, string>()
  for (const key of waitingDraftKeys.value) {
    const drillId = key.slice(prefix().length).split(' ')[0] ?? ''
    titles.set(drillId, keptDraft(key)?.drill.title ?? '')
  }
  return [...titles].map(([drillId, title]) => ({ drillId, title }))
})
