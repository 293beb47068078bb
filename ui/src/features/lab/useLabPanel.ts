// One panel of the lab: its dials in the address, so that a link restores it, and its rows asked anew as they turn.
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { sentence } from '@/api/problem'
import type { LabStrokes } from '@/api/types'
import { askLab, PANELS, type Kind, type LabAnswer, type LabKit, type Panel, type Row } from './panels'

const KINDS: Kind[] = ['POOL', 'SNOOKER', 'PUB']
/** The address follows the dials after a pause; browsers refuse to have it changed with every frame. */
const ADDRESS_PAUSE_MS = 300

export function useLabPanel(usualKind: Kind) {
  const { query } = useRoute()
  const router = useRouter()
  const panel = ref<Panel>(PANELS.find((one) => one.key === query.panel) ?? PANELS[0]!)
  const kind = ref<Kind>(KINDS.find((one) => one === query.kind) ?? usualKind)
  const values = ref<Record<string, number>>(dialled(panel.value, (name) => Number(query[name] ?? NaN)))
  const kit = ref<LabKit>({ tableId: textOf(query.tableId), cueId: textOf(query.cueId) })
  watch(kind, () => (kit.value = { ...kit.value, tableId: undefined }))
  const answers = useAnswers(panel, kind, values, kit)
  let timer: ReturnType<typeof setTimeout> | undefined

  function open(key: Panel['key']): void {
    const found = PANELS.find((one) => one.key === key)
    if (!found) return
    answers.clear()
    panel.value = found
    // A distance that was set stays when the next question has one too.
    values.value = dialled(found, (name) => values.value[name] ?? NaN)
  }

  const address = computed(() => ({
    panel: panel.value.key,
    kind: kind.value,
    ...kit.value,
    ...Object.fromEntries(Object.entries(values.value).map(([name, value]) => [name, String(value)])),
  }))
  watch(
    [panel, kind, values, kit],
    () => {
      void answers.ask()
      clearTimeout(timer)
      timer = setTimeout(() => void router.replace({ query: address.value }), ADDRESS_PAUSE_MS)
    },
    { immediate: true, deep: true },
  )

  const { found, rows, strokes, problem } = answers
  return { panel, kind, kit, values, found, rows, strokes, problem, open }
}

function textOf(given: unknown): string | undefined {
  return typeof given === 'string' ? given : undefined
}

/** Each dial where it was set, if that is possible on it. */
function dialled(panel: Panel, given: (name: string) => number): Record<string, number> {
  return Object.fromEntries(
    panel.dials.map(({ name, min, max, usual }) => {
      const value = given(name)
      return [name, value >= min && value <= max ? value : usual]
    }),
  )
}

/** One question at a time, the latest next. */
function useAnswers(
  panel: Ref<Panel>,
  kind: Ref<Kind>,
  values: Ref<Record<string, number>>,
  kit: Ref<LabKit>,
) {
  const found = shallowRef<LabAnswer>()
  const rows = computed<Row[] | undefined>(
    () => found.value && (('strokes' in found.value ? found.value.strokes : found.value.rows) as Row[]),
  )
  /** Where the engine played it: balls and paths to draw. */
  const strokes = computed<LabStrokes | undefined>(() =>
    found.value && 'strokes' in found.value ? found.value : undefined,
  )
  const problem = ref('')
  let asking = false
  let again = false

  function clear(): void {
    found.value = undefined
  }

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
        const answered = await askLab(asked, kind.value, values.value, kit.value)
        if (asked === panel.value) found.value = answered
        problem.value = ''
      } catch (error) {
        problem.value = sentence(error)
      }
    } while (again)
    asking = false
  }

  return { found, rows, strokes, problem, ask, clear }
}
