// What waits on this device besides attempts, which have a queue of their own: racks, tries of checks, drafts of drills.
import { computed } from 'vue'
import { askBeforeLeaving } from './askBeforeLeaving'
import { waitingDraftKeys } from './keptDrafts'
import { waitingRacks, waitsOnlyHere } from './keptRacks'
import { isOnlyInThisWindow } from './localMemory'
import { waitingTryKeys } from './pendingReadings'

/** How many, and how many of them would be lost with this window. */
export const waitingBesideAttempts = computed(() => {
  const keys = [...waitingTryKeys.value, ...waitingDraftKeys.value]
  return {
    waiting: waitingRacks.value.length + keys.length,
    onlyHere: waitingRacks.value.filter(waitsOnlyHere).length + keys.filter(isOnlyInThisWindow).length,
  }
})
askBeforeLeaving(() => waitingBesideAttempts.value.onlyHere > 0)
