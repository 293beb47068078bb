// A session as the server has it, or as this device kept it while the server is away.
import { ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { Unreachable } from '@/api/problem'
import type { SessionDetail } from '@/api/types'
import { keptSession } from '@/device/keptSession'
import { useSignedIn } from '@/device/useSignedIn'
import { partsOf, withNews } from './attemptList'

/** A device's clock may be off by less than this without a word. */
const CLOCK_OFF_MILLISECONDS = 120_000

export function useSessionState(sessionId: string) {
  const signedIn = useSignedIn()
  const detail = shallowRef<SessionDetail>()
  /** The server was away, and this is what the device had kept. */
  const fromDevice = ref(false)
  /** By how much this device's clock is behind the server's. */
  const clockBehindMilliseconds = ref(0)

  function heardFromServer(serverNow: string): void {
    fromDevice.value = false
    const behind = Date.parse(serverNow) - Date.now()
    clockBehindMilliseconds.value = Math.abs(behind) > CLOCK_OFF_MILLISECONDS ? behind : 0
  }

  async function whole(): Promise<SessionDetail> {
    try {
      const fresh = await answer(api.GET('/api/v1/sessions/{sessionId}', { params: { path: { sessionId } } }))
      heardFromServer(fresh.serverNow)
      return fresh
    } catch (error) {
      if (!(error instanceof Unreachable) || detail.value) throw error
      const kept = await keptSession(signedIn.me?.person.id ?? '', sessionId)
      if (!kept) throw error
      fromDevice.value = true
      return kept
    }
  }

  /** What others have done meanwhile: only what is new, not the whole session again, unless its drills or students have changed. */
  async function withWhatIsNew(): Promise<SessionDetail> {
    const known = detail.value
    if (!known || fromDevice.value) return await whole()
    const news = await answer(
      api.GET('/api/v1/sessions/{sessionId}/news', {
        params: { path: { sessionId }, query: { since: known.serverNow } },
      }),
    )
    heardFromServer(news.serverNow)
    if (partsOf(news.session) !== partsOf(known.session)) return await whole()
    return withNews(detail.value ?? known, news)
  }

  /** Now, as the server would say it. */
  function now(): string {
    return new Date(Date.now() + clockBehindMilliseconds.value).toISOString()
  }

  return { detail, fromDevice, clockBehindMilliseconds, whole, withWhatIsNew, now }
}
