import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import { remember, rememberedJson } from '@/device/localMemory'
import { PERSONAL } from '@/device/useSignedIn'

interface Hand {
  studentId?: string
  studentName?: string
  sessionId?: string
  tableId?: string
}

const KEY = `${PERSONAL}hand`

/** The student in hand and their session: what the rail shows and where "Table" leads. */
export const useHand = defineStore('hand', () => {
  const hand = ref<Hand>(rememberedJson<Hand>(KEY) ?? {})
  watch(hand, (now) => remember(KEY, JSON.stringify(now)), { deep: true })

  function take(change: Hand): void {
    hand.value = { ...hand.value, ...change }
  }

  function drop(): void {
    hand.value = {}
  }

  return { hand, take, drop }
})
