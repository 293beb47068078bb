// Keeps the app's files on the device, after the first page is there: the first visit is not held up by it.
export function keepOnDevice(): void {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return
  window.addEventListener('load', () => {
    // Refused in a private window, for one: the app then needs its server to open, as any page does.
    navigator.serviceWorker.register('/sw.js').catch(() => undefined)
  })
}
