// Shipped drills are written once; what the two games call differently is said in the reader's dialect. Paper reads the same list.
import { useI18n } from 'vue-i18n'
import terms from './words/terms.json'

const PAIRS = terms as [pool: string, snooker: string][]

/** The text with each term as this dialect says it, a capital where there was one. */
export function inDialect(text: string, dialect: string): string {
  const [from, to] = dialect === 'snooker' ? [0, 1] : [1, 0]
  const known = new Map(PAIRS.map((pair) => [pair[from] ?? '', pair[to] ?? '']))
  const pattern = new RegExp(`\\b(${[...known.keys()].join('|')})\\b`, 'gi')
  return text.replace(pattern, (found) => {
    const other = known.get(found.toLowerCase()) ?? found
    const isCapital = found.charAt(0) !== found.charAt(0).toLowerCase()
    return isCapital ? other.charAt(0).toUpperCase() + other.slice(1) : other
  })
}

const OWN = 'own-'

/** For texts of drills that come with the program; what somebody wrote themselves stays as they wrote it. */
export function useDrillText() {
  const { locale } = useI18n()
  return (text: string, drillId: string): string =>
    drillId.startsWith(OWN) ? text : inDialect(text, locale.value)
}
