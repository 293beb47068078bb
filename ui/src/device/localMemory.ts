// Small things that a device remembers. A browser may refuse (private window, full, switched off): then this window remembers them, and nothing throws.

import { ref } from 'vue'

const inThisWindow = new Map<string, string>()

/** Raised with every change, in this window or another: whoever shows what is remembered looks again. */
const changes = ref(0)
window.addEventListener('storage', () => (changes.value += 1))

export function remembered(key: string): string | undefined {
  // A full browser keeps the older value: what it refused since is newer.
  if (inThisWindow.has(key)) return inThisWindow.get(key)
  try {
    return localStorage.getItem(key) ?? undefined
  } catch {
    return undefined
  }
}

/** Whether the browser refused the latest value of this name, so that it goes when the window is closed. */
export function isOnlyInThisWindow(key: string): boolean {
  return inThisWindow.has(key)
}

export function remember(key: string, value: string): void {
  try {
    localStorage.setItem(key, value)
    inThisWindow.delete(key)
  } catch {
    inThisWindow.set(key, value)
  }
  changes.value += 1
}

export function forgetRemembered(key: string): void {
  inThisWindow.delete(key)
  try {
    localStorage.removeItem(key)
  } catch {
    // A browser that refuses to be asked has kept nothing either.
  }
  changes.value += 1
}

/** Everything that this application remembers under names that begin so. */
export function rememberedKeys(prefix: string): string[] {
  void changes.value
  try {
    return [...new Set([...Object.keys(localStorage), ...inThisWindow.keys()])].filter((key) =>
      key.startsWith(prefix),
    )
  } catch {
    return [...inThisWindow.keys()].filter((key) => key.startsWith(prefix))
  }
}

/** What was written as JSON; undefined where there is nothing or nothing that can be read. */
export function rememberedJson<T>(key: string): T | undefined {
  try {
    const text = remembered(key)
    return text === undefined ? undefined : (JSON.parse(text) as T)
  } catch {
    return undefined
  }
}
