// What waits on this device besides attempts, which have a queue of their own: racks, and tries of checks.
import { computed } from 'vue'
import { askBeforeLeaving } from './askBeforeLeaving'
import { waitingRacks, waitsOnlyHere } from './keptRacks'
import { isOnlyInThisWindow } from './localMemory'
import { waitingTryKeys } from './pendingReadings'

/** How many, and how many of them would be lost with this window. */
export const waitingBesideAttempts = computed(() => ({
  waiting: waitingRacks.value.length + waitingTryKeys.value.length,
  onlyHere:
    waitingRacks.value.filter(waitsOnlyHere).length + waitingTryKeys.value.filter(isOnlyInThisWindow).length,
}))
askBeforeLeaving(() => waitingBesideAttempts.value.onlyHere > 0)
