// The server's advice on the last shot, asked once it is stored; spoken aloud where that is wanted.
import { ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { remember, remembered } from '@/device/localMemory'
import type { Advice } from '@/api/types'
import type { LocalAttempt } from './attemptOrder'

const VOICE = 'amber-voice'

export function useAdvice(sessionId: string, attempt: Ref<LocalAttempt | undefined>) {
  const advice = shallowRef<{ of: string; said: Advice }>()
  let latest = ''

  async function ask(id: string, revision: number): Promise<void> {
    latest = `${id} ${revision}`
    const mine = latest
    try {
      const said = await answer(
        api.GET('/api/v1/sessions/{sessionId}/attempts/{id}/advice', { params: { path: { sessionId, id } } }),
      )
      if (mine === latest) advice.value = { of: mine, said }
    } catch {
      // No advice is given while the server is away; the read-out stands by itself.
      if (mine === latest) advice.value = undefined
    }
  }

  watch(
    () => {
      const now = attempt.value
      return now?.judged && now.judged.attempt.revision === now.body.revision
        ? ([now.id, now.body.revision] as const)
        : undefined
    },
    (now, before) => {
      if (!now) advice.value = undefined
      else if (now[0] !== before?.[0] || now[1] !== before[1]) void ask(...now)
    },
    { immediate: true },
  )

  const voice = ref(remembered(VOICE) === 'yes')
  watch(voice, (on) => remember(VOICE, on ? 'yes' : 'no'))

  /** With the browser's own speech; the last sentence matters, an older one is cut short. */
  function speak(words: string): void {
    if (!voice.value || !('speechSynthesis' in window) || !words) return
    window.speechSynthesis.cancel()
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(words))
  }

  return { advice, voice, speak }
}
