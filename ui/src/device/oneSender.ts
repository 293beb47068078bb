// One window of a browser sends at a time. Web Locks where the page is a secure context, else a lease in the browser's database.
import { newId } from './ids'
import { leaseStorage } from './outboxStorage'

/** Longer than the longest time that a request may take, so that a lease does not run out under it. */
const LEASE_MILLISECONDS = 15_000
const RENEW_EVERY_MILLISECONDS = 4_000
const ASK_AGAIN_MILLISECONDS = 400

const thisWindow = newId()

/** Runs the work while no other window of this browser runs work of this name; waits for its turn. */
export async function alone(name: string, work: () => Promise<void>): Promise<void> {
  // The types say that it is always there; over plain http it is not.
  const locks = navigator.locks as LockManager | undefined
  if (locks) await locks.request(name, work)
  else await withLease(name, work)
}

async function withLease(name: string, work: () => Promise<void>): Promise<void> {
  try {
    while (!(await leaseStorage.take(name, thisWindow, LEASE_MILLISECONDS))) await pause()
  } catch {
    // A browser without a database has no queue that windows could share: each sends its own.
    return work()
  }
  const renewing = setInterval(
    () => void leaseStorage.take(name, thisWindow, LEASE_MILLISECONDS).catch(() => undefined),
    RENEW_EVERY_MILLISECONDS,
  )
  try {
    await work()
  } finally {
    clearInterval(renewing)
    // Not given back, it runs out by itself.
    await leaseStorage.release(name, thisWindow).catch(() => undefined)
  }
}

function pause(): Promise<void> {
  return new Promise((done) => setTimeout(done, ASK_AGAIN_MILLISECONDS))
}
