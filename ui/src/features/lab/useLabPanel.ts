// One panel of the lab: its dials in the address, so that a link restores it, and its rows asked anew as they turn.
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { sentence } from '@/api/problem'
import type { LabStrokes } from '@/api/types'
import { askLab, PANELS, type Kind, type Panel, type Row } from './panels'

const KINDS: Kind[] = ['POOL', 'SNOOKER', 'PUB']
/** The address follows the dials after a pause; browsers refuse to have it changed with every frame. */
const ADDRESS_PAUSE_MS = 300

export function useLabPanel(usualKind: Kind) {
  const route = useRoute()
  const router = useRouter()
  const panel = ref<Panel>(PANELS.find((one) => one.key === route.query.panel) ?? PANELS[0]!)
  const kind = ref<Kind>(KINDS.find((one) => one === route.query.kind) ?? usualKind)
  const values = ref<Record<string, number>>(startingValues())
  const rows = shallowRef<Row[]>()
  /** Where the engine played it: balls and paths to draw. */
  const strokes = shallowRef<LabStrokes>()
  const problem = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined
  let asking = false
  let again = false

  function startingValues(): Record<string, number> {
    return Object.fromEntries(
      panel.value.dials.map((dial) => {
        const given = Number(route.query[dial.name] ?? NaN)
        const fits = Number.isFinite(given) && given >= dial.min && given <= dial.max
        return [dial.name, fits ? given : dial.usual]
      }),
    )
  }

  function open(key: Panel['key']): void {
    const found = PANELS.find((one) => one.key === key)
    if (!found) return
    rows.value = undefined
    strokes.value = undefined
    panel.value = found
    // A distance that was set stays when the next question has one too.
    values.value = Object.fromEntries(
      found.dials.map((dial) => {
        const before = values.value[dial.name]
        const keep = before !== undefined && before >= dial.min && before <= dial.max
        return [dial.name, keep ? before : dial.usual]
      }),
    )
  }

  function show(found: Row[] | LabStrokes): void {
    strokes.value = Array.isArray(found) ? undefined : found
    rows.value = Array.isArray(found) ? found : (found.strokes as unknown as Row[])
  }

  /** One question at a time, the latest next. */
  async function ask(): Promise<void> {
    if (asking) {
      again = true
      return
    }
    asking = true
    do {
      again = false
      const asked = panel.value
      try {
        const found = await askLab(asked, kind.value, values.value)
        if (asked === panel.value) show(found)
        problem.value = ''
      } catch (error) {
        problem.value = sentence(error)
      }
    } while (again)
    asking = false
  }

  const address = computed(() => ({
    panel: panel.value.key,
    kind: kind.value,
    ...Object.fromEntries(Object.entries(values.value).map(([name, value]) => [name, String(value)])),
  }))
  watch(
    [panel, kind, values],
    () => {
      void ask()
      clearTimeout(timer)
      timer = setTimeout(() => void router.replace({ query: address.value }), ADDRESS_PAUSE_MS)
    },
    { immediate: true, deep: true },
  )

  return { panel, kind, values, rows, strokes, problem, open }
}
