// What the server says of a draft: how it lies, what does not work, the usual stroke, the grades. One question of each kind at a time.
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { Problem, sentence } from '@/api/problem'
import type { BenchCheck, RoughGrade, UsualStroke } from '@/api/types'
import type { DrillDocument } from '@/shared/drillFile/drillDocument'
import { shotAt, type Spot } from './edits'

const CHECK_PAUSE_MS = 120
const USUAL_PAUSE_MS = 350
const GRADES_PAUSE_MS = 1_500

/** An answer and the draft it is about. */
interface About<T> {
  draft: unknown
  answer: T
}

export function useBenchAnswers(
  drill: Ref<DrillDocument | undefined>,
  tableId: Ref<string | undefined>,
  at: Ref<Spot>,
  held: Ref<boolean>,
) {
  const check = shallowRef<About<BenchCheck>>()
  const usual = shallowRef<About<UsualStroke | undefined>>()
  const grades = shallowRef<About<RoughGrade[]>>()
  /** What is wrong with the draft as a whole, so that no shot of it can be looked at. */
  const broken = ref('')

  const body = () =>
    drill.value && tableId.value && !held.value ? { tableId: tableId.value, drill: drill.value } : undefined

  const askCheck = latest(CHECK_PAUSE_MS, async () => {
    const asked = body()
    if (!asked) return
    try {
      check.value = {
        draft: asked.drill,
        answer: await answer(api.POST('/api/v1/bench/check', { body: asked })),
      }
      broken.value = ''
    } catch (error) {
      broken.value = sentence(error)
    }
  })

  const askUsual = latest(USUAL_PAUSE_MS, async () => {
    const asked = body()
    const shot = asked && shotAt(asked.drill, at.value)
    if (!asked || !shot || usual.value?.draft === shot) return
    try {
      const said = await answer(api.POST('/api/v1/bench/usual', { body: { ...asked, ...at.value } }))
      usual.value = { draft: shot, answer: said.usual }
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      // It cannot be set up: the check says why.
      usual.value = undefined
    }
  })

  const askGrades = latest(GRADES_PAUSE_MS, async () => {
    const asked = body()
    if (!asked || grades.value?.draft === asked.drill.stations) return
    try {
      const said = await answer(api.POST('/api/v1/bench/grades', { body: asked }))
      grades.value = { draft: asked.drill.stations, answer: said.stations }
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      grades.value = undefined
    }
  })

  watch(
    [drill, tableId, held],
    () => {
      askCheck()
      askUsual()
      askGrades()
    },
    { immediate: true },
  )
  watch(at, askUsual)
  return { check, usual, grades, broken }
}

/** Runs after a pause, never twice at once; if asked meanwhile, once more with what is then the case. */
function latest(pauseMs: number, run: () => Promise<void>): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  let running = false
  let again = false

  async function go(): Promise<void> {
    if (running) {
      again = true
      return
    }
    running = true
    try {
      await run()
    } catch {
      // The server is away: the next change asks again.
    }
    running = false
    if (again) {
      again = false
      void go()
    }
  }
  onScopeDispose(() => clearTimeout(timer))
  return () => {
    clearTimeout(timer)
    timer = setTimeout(() => void go(), pauseMs)
  }
}
