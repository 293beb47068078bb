import { defineStore } from 'pinia'
import { ref, watch } from 'vue'

interface Hand {
  studentId?: string
  studentName?: string
  sessionId?: string
  tableId?: string
}

const KEY = 'amber-hand'

function stored(): Hand {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Hand
  } catch {
    return {}
  }
}

/** The student in hand and their session: what the rail shows and where "Table" leads. */
export const useHand = defineStore('hand', () => {
  const hand = ref<Hand>(stored())
  watch(hand, (now) => localStorage.setItem(KEY, JSON.stringify(now)), { deep: true })

  function take(change: Hand): void {
    hand.value = { ...hand.value, ...change }
  }

  function drop(): void {
    hand.value = {}
  }

  return { hand, take, drop }
})
