// Undo and redo without limit. Documents share what did not change, so that a long history stays small.
import { computed, shallowRef, type ShallowRef } from 'vue'

interface Step<T> {
  value: T
  /** Changes of one gesture (a drag, a held key) have the same name and are undone as one. */
  gesture: string | undefined
}

export function useHistory<T>() {
  const past: ShallowRef<Step<T>[]> = shallowRef([])
  const future: ShallowRef<Step<T>[]> = shallowRef([])
  const present = shallowRef<Step<T>>()

  function begin(value: T): void {
    past.value = []
    future.value = []
    present.value = { value, gesture: undefined }
  }

  function change(value: T, gesture?: string): void {
    const before = present.value
    if (!before || before.value === value) return
    const goesOn = gesture !== undefined && before.gesture === gesture
    if (!goesOn) past.value = [...past.value, before]
    present.value = { value, gesture }
    future.value = []
  }

  function step(from: ShallowRef<Step<T>[]>, to: ShallowRef<Step<T>[]>): void {
    const next = from.value.at(-1)
    if (!next || !present.value) return
    from.value = from.value.slice(0, -1)
    to.value = [...to.value, present.value]
    present.value = { ...next, gesture: undefined }
  }

  return {
    value: computed(() => present.value?.value),
    begin,
    change,
    undo: () => step(past, future),
    redo: () => step(future, past),
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
