/** Asks whoever closes a window while it holds what would be lost with it. */
export function askBeforeLeaving(wouldLose: () => boolean): void {
  window.addEventListener('beforeunload', (leaving) => {
    if (wouldLose()) leaving.preventDefault()
  })
}
