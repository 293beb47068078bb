// What one window of this browser learns and the others must know: the server's answers to attempts that another window recorded.
import type { AttemptWritten } from '@/api/types'

export type News =
  | { kind: 'WRITTEN'; accountId: string; sessionId: string; written: AttemptWritten }
  | { kind: 'REFUSED'; accountId: string; sessionId: string; attemptId: string; code: string }

const channel = 'BroadcastChannel' in window ? new BroadcastChannel('amber-answers') : undefined

export function tellWindows(news: News): void {
  channel?.postMessage(news)
}

export function hearWindows(heard: (news: News) => void): void {
  channel?.addEventListener('message', (event: MessageEvent<News>) => heard(event.data))
}
