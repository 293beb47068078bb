// How long an answer is waited for. A hall's Wi-Fi dies without a word: after this time the server counts as away.

const FIRST_SCREEN = 6_000
const AT_THE_TABLE = 10_000
const USUAL = 30_000
/** Files of a year are read, reports are drawn. */
const LONG_WORK = 120_000

const PATIENCE: [pattern: RegExp, milliseconds: number][] = [
  [/\/api\/v1\/(me|club|sign-out)$/, FIRST_SCREEN],
  [/\/api\/v1\/sessions\/[^/]+(\/attempts\/[^/]+)?$/, AT_THE_TABLE],
  [/\/(attempt-import|drill-import)|\.(pdf|csv|json|zip)(\?|$)/, LONG_WORK],
]

export function patienceMilliseconds({ url }: Request): number {
  const { pathname } = new URL(url)
  return PATIENCE.find(([pattern]) => pattern.test(pathname))?.[1] ?? USUAL
}
