// The one place for errors that nobody expected: what happened, what was kept, what to do.
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { Problem, sentence, Unreachable } from '@/api/problem'

export const useTrouble = defineStore('trouble', () => {
  const said = ref('')
  /** Not a sentence for people, but the page cannot be trusted as it stands. */
  const broken = ref(false)

  function report(error: unknown): void {
    const known = error instanceof Problem || error instanceof Unreachable
    if (!known) console.error('unexpected error', error)
    broken.value = !known
    said.value = known ? sentence(error) : ''
  }

  function clear(): void {
    said.value = ''
    broken.value = false
  }

  return { said, broken, report, clear }
})
