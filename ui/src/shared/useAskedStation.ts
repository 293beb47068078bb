// The station that an address names: from 1 there, as people count, and from 0 in the program.
import { useRoute } from 'vue-router'

/** Where the page was opened at; undefined where the address names none. */
export function useAskedStation(): number | undefined {
  const asked = Number(useRoute().query.station)
  return Number.isInteger(asked) && asked > 0 ? asked - 1 : undefined
}
