// Keeps the screen on while somebody records; the browser lets go of it when the page is hidden, so it is taken again.
import { onBeforeUnmount, onMounted } from 'vue'

export function useWakeLock(): void {
  let lock: WakeLockSentinel | undefined

  async function take(): Promise<void> {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
    try {
      lock = await navigator.wakeLock.request('screen')
    } catch {
      // Refused while the battery is low: the screen then goes dark as it always does.
      lock = undefined
    }
  }

  const retake = () => void take()
  onMounted(() => {
    document.addEventListener('visibilitychange', retake)
    retake()
  })
  onBeforeUnmount(() => {
    document.removeEventListener('visibilitychange', retake)
    void lock?.release()
  })
}
