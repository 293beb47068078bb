// Under which names this device keeps what somebody wrote until the server has it.
import { useSignedIn } from './useSignedIn'

/**
 * The beginning of all names of one sort, for whoever is signed in now. Not among what goes at sign-out: what was not sent stays for whoever wrote it, and
 * for nobody else.
 */
export function ownNames(sort: 'bench' | 'rack' | 'reading'): string {
  return `amber-${sort} ${useSignedIn().me?.person.id ?? 'nobody'} `
}
