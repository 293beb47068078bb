// The only place that talks to the server.
import createClient from 'openapi-fetch'
import { patienceMilliseconds } from './patience'
import type { paths } from './schema'
import { Problem, Unreachable } from './problem'
import type { ProblemBody } from './types'

const STALE_PAGE = 'STALE_PAGE'
/** What a proxy says when the server behind it is down or does not answer. */
const AWAY = [502, 503, 504]

let whenSignedOut: () => void = () => undefined
let accountId: string | undefined

/** Called when an answer says that the sign-in has ended. */
export function onSignedOut(callback: () => void): void {
  whenSignedOut = callback
}

/** Whose requests these are: the server refuses them if the browser is signed in as somebody else by now. */
export function speakFor(account: string | undefined): void {
  accountId = account
}

/** The cookie is read anew for each request: signing in changes it. */
function csrfToken(): string {
  const match = /(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(document.cookie)
  return match?.[1] ? decodeURIComponent(match[1]) : ''
}

async function send(request: Request): Promise<Response> {
  const attempt = request.clone()
  attempt.headers.set('X-XSRF-TOKEN', csrfToken())
  if (accountId && !signsIn(request)) attempt.headers.set('X-Amber-Account', accountId)
  let response: Response
  try {
    response = await fetch(attempt, { signal: AbortSignal.timeout(patienceMilliseconds(request)) })
  } catch (error) {
    throw new Unreachable(error instanceof DOMException && error.name === 'TimeoutError')
  }
  if (AWAY.includes(response.status)) throw new Unreachable()
  return response
}

/** Coming in and going out are about whoever it will be, not about whoever it was. */
function signsIn(request: Request): boolean {
  return /\/api\/v1\/(sign-in|sign-out|club|invitations)/.test(request.url)
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

/** The data of an answer, or a thrown {@link Problem}; {@link Unreachable} where none came, or none of this server's. */
export async function answer<T>(call: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await whole(call)
  if (!response.ok) {
    if (response.status === 401 && (error as Partial<ProblemBody>)?.code === 'SIGNED_OUT') whenSignedOut()
    throw new Problem(response.status, isProblem(error) ? error : {})
  }
  return data as T
}

/** An answer that breaks off half-way, or that a hall's own sign-in page put in the server's place, is none. */
async function whole<T>(call: Promise<Answer<T>>): Promise<Answer<T>> {
  try {
    return await call
  } catch (error) {
    if (error instanceof DOMException || error instanceof TypeError || error instanceof SyntaxError)
      throw new Unreachable()
    throw error
  }
}

function isProblem(body: unknown): body is Partial<ProblemBody> {
  return typeof body === 'object' && body !== null
}
