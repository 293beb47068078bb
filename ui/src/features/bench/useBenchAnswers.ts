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

interface Asked {
  tableId: string
  drill: DrillDocument
}

export function useBenchAnswers(
  drill: Ref<DrillDocument | undefined>,
  tableId: Ref<string | undefined>,
  at: Ref<Spot>,
  held: Ref<boolean>,
) {
  const asked = (): Asked | undefined =>
    drill.value && tableId.value && !held.value ? { tableId: tableId.value, drill: drill.value } : undefined
  const { check, broken, ask: askCheck } = useCheck(asked)
  const { usual, ask: askUsual } = useUsual(asked, at)
  const { grades, ask: askGrades } = useGrades(asked)
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

function useCheck(asked: () => Asked | undefined) {
  const check = shallowRef<About<BenchCheck>>()
  /** What is wrong with the draft as a whole, so that no shot of it can be looked at. */
  const broken = ref('')
  const ask = latest(CHECK_PAUSE_MS, async () => {
    const body = asked()
    if (!body) return
    try {
      check.value = { draft: body.drill, answer: await answer(api.POST('/api/v1/bench/check', { body })) }
      broken.value = ''
    } catch (error) {
      broken.value = sentence(error)
    }
  })
  return { check, broken, ask }
}

function useUsual(asked: () => Asked | undefined, at: Ref<Spot>) {
  const usual = shallowRef<About<UsualStroke | undefined>>()
  const ask = latest(USUAL_PAUSE_MS, async () => {
    const body = asked()
    const shot = body && shotAt(body.drill, at.value)
    if (!body || !shot || usual.value?.draft === shot) return
    try {
      const said = await answer(api.POST('/api/v1/bench/usual', { body: { ...body, ...at.value } }))
      usual.value = { draft: shot, answer: said.usual }
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      // It cannot be set up: the check says why.
      usual.value = undefined
    }
  })
  return { usual, ask }
}

function useGrades(asked: () => Asked | undefined) {
  const grades = shallowRef<About<RoughGrade[]>>()
  const ask = latest(GRADES_PAUSE_MS, async () => {
    const body = asked()
    if (!body || grades.value?.draft === body.drill.stations) return
    try {
      const said = await answer(api.POST('/api/v1/bench/grades', { body }))
      grades.value = { draft: body.drill.stations, answer: said.stations }
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      grades.value = undefined
    }
  })
  return { grades, ask }
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
