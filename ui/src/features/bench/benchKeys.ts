// The bench by keyboard: every command and its keys, in one list that the page also shows.
import { onScopeDispose } from 'vue'
import { ARROW_WAYS } from '@/table/tableFrame'
import type { Bench } from './useBench'

export interface BenchKey {
  keys: string
  /** Its words in the dictionary. */
  words: string
}

export const BENCH_KEYS: BenchKey[] = [
  { keys: 'Tab', words: 'next' },
  { keys: '← ↑ → ↓', words: 'nudge' },
  { keys: '⇧ ← ↑ → ↓', words: 'nudgeFine' },
  { keys: 'Ctrl Z', words: 'undo' },
  { keys: 'Ctrl ⇧ Z', words: 'redo' },
  { keys: 'Ctrl A', words: 'all' },
  { keys: 'Ctrl C, Ctrl V', words: 'copy' },
  { keys: 'O, N, B', words: 'add' },
  { keys: 'M', words: 'mirror' },
  { keys: 'Del', words: 'remove' },
  { keys: 'S', words: 'snap' },
  { keys: 'PgUp, PgDn', words: 'station' },
  { keys: 'Esc', words: 'nothing' },
  { keys: '?', words: 'keys' },
]

const STEP_MILLIMETRES = 10
const FINE_STEP_MILLIMETRES = 1

export function useBenchKeys(bench: Bench, toggleKeys: () => void): void {
  const plain: Record<string, () => void> = {
    o: () => bench.addBall('object'),
    n: () => bench.addBall('next'),
    b: () => bench.addBall('blocker'),
    m: bench.mirror,
    s: () => (bench.snapping.value = !bench.snapping.value),
    Delete: bench.remove,
    Backspace: bench.remove,
    Escape: () => {
      bench.select([])
      bench.demandIndex.value = undefined
    },
    PageDown: () => step(1),
    PageUp: () => step(-1),
    '?': toggleKeys,
  }
  const withControl: Record<string, () => void> = {
    z: bench.undo,
    y: bench.redo,
    a: bench.selectAll,
    c: bench.copy,
    v: bench.paste,
    d: () => {
      bench.copy()
      bench.paste()
    },
  }

  function step(by: number): void {
    const to = bench.at.value.station + by
    if (bench.drill.value?.stations[to]) bench.at.value = { station: to, shot: 0 }
  }

  function key(event: KeyboardEvent): void {
    const target = event.target as HTMLElement
    if (target.closest('input, textarea, select, [role=dialog]')) return
    const run = command(event)
    if (!run) return
    event.preventDefault()
    run()
  }

  function command(event: KeyboardEvent): (() => void) | undefined {
    const name = event.key.length === 1 ? event.key.toLowerCase() : event.key
    if (event.ctrlKey || event.metaKey) {
      return name === 'z' && event.shiftKey ? bench.redo : withControl[name]
    }
    const way = ARROW_WAYS[name]
    if (way) {
      const size = event.shiftKey ? FINE_STEP_MILLIMETRES : STEP_MILLIMETRES
      return bench.selection.value.size > 0 ? () => bench.nudge(size * way[0], size * way[1]) : undefined
    }
    return event.altKey ? undefined : plain[name]
  }

  window.addEventListener('keydown', key)
  onScopeDispose(() => window.removeEventListener('keydown', key))
}
