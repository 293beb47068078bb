// Which lines the bench draws; remembered on this device.
import { reactive, watch } from 'vue'
import { remember, rememberedJson } from '@/device/localMemory'

export const OVERLAYS = ['aim', 'window', 'lines', 'fan', 'danger', 'usual', 'sights', 'grid'] as const
export type Overlay = (typeof OVERLAYS)[number]

/** Where a table has no inlaid sights, they are a computed grid, and off until somebody wants it. */
export function sightOverlay(inlaid: boolean): Overlay {
  return inlaid ? 'sights' : 'grid'
}

const KEY = 'amber-bench-overlays'

export function useOverlayChoice(): Record<Overlay, boolean> {
  const before = rememberedJson<Partial<Record<Overlay, boolean>>>(KEY) ?? {}
  const choice = reactive(
    Object.fromEntries(OVERLAYS.map((name) => [name, before[name] ?? name !== 'grid'])) as Record<
      Overlay,
      boolean
    >,
  )
  watch(choice, (now) => remember(KEY, JSON.stringify(now)))
  return choice
}
