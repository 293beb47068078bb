// The only place that talks to the server.
import createClient from 'openapi-fetch'
import type { paths } from './schema'
import { Problem, Unreachable } from './problem'
import type { ProblemBody } from './types'

const STALE_PAGE = 'STALE_PAGE'

let whenSignedOut: () => void = () => undefined

/** Called when an answer says that the sign-in has ended. */
export function onSignedOut(callback: () => void): void {
  whenSignedOut = callback
}

/** The cookie is read anew for each request: signing in changes it. */
function csrfToken(): string {
  const match = /(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(document.cookie)
  return match?.[1] ? decodeURIComponent(match[1]) : ''
}

async function send(request: Request): Promise<Response> {
  const attempt = request.clone()
  attempt.headers.set('X-XSRF-TOKEN', csrfToken())
  try {
    return await fetch(attempt)
  } catch {
    throw new Unreachable()
  }
}

/** Sends, and once more if the page's token was out of date (the answer to the first brought a new one). */
async function sendWithToken(request: Request): Promise<Response> {
  const response = await send(request)
  if (response.status !== 403) return response
  const body = (await response
    .clone()
    .json()
    .catch(() => ({}))) as Partial<ProblemBody>
  return body.code === STALE_PAGE ? send(request) : response
}

export const api = createClient<paths>({ baseUrl: '/', fetch: sendWithToken })

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer, or a thrown {@link Problem}. */
export async function answer<T>(call: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await call
  if (!response.ok) {
    if (response.status === 401 && (error as Partial<ProblemBody>)?.code === 'SIGNED_OUT') whenSignedOut()
    throw new Problem(response.status, error ?? {})
  }
  return data as T
}
