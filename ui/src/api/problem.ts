import type { ProblemBody } from './types'

/** What the server says is wrong: a sentence, and the field it belongs to if there is one. */
export class Problem extends Error {
  readonly status: number
  readonly code: string
  readonly field: string | undefined
  /** The server's copy, where it answered with a conflict. */
  readonly current: unknown

  constructor(status: number, body: Partial<ProblemBody> & { current?: unknown }) {
    super(body.detail ?? 'The server gave an answer that this page does not understand.')
    this.status = status
    this.code = body.code ?? 'UNKNOWN'
    this.field = body.field
    this.current = body.current
  }
}

/** The server could not be reached, or did not answer in time (`slow`: it may still be getting ready). */
export class Unreachable extends Error {
  constructor(readonly slow = false) {
    super('The server cannot be reached. What you recorded is kept on this device and will be sent.')
  }
}

/** A sentence for people from whatever was thrown. */
export function sentence(error: unknown): string {
  return error instanceof Error ? error.message : String(error)
}

const SIGNED_OUT = 401
const SERVER_TROUBLE = 500

/** No network, a sign-in that has ended, a server in trouble: nothing is wrong with what was sent, which waits. */
export function isPassing(error: unknown): boolean {
  return (
    error instanceof Unreachable ||
    (error instanceof Problem && (error.status === SIGNED_OUT || error.status >= SERVER_TROUBLE))
  )
}
