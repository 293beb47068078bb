// The ways to play a shot, asked anew when the shot, the table or the student's level changes.
import { ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { RecipeBoardView } from '@/api/types'

export interface RecipeQuestion {
  drillId: string
  tableId: string
  station: number
  shot: number
  abilityLogits: number
  /** Whose own error sizes to reckon with, instead of a level's. */
  studentId?: string
  preset?: boolean
}

export function useRecipes(question: Ref<RecipeQuestion>) {
  const board = shallowRef<RecipeBoardView>()
  const problem = ref('')
  let latest = 0

  async function ask({ drillId, ...query }: RecipeQuestion): Promise<void> {
    const mine = ++latest
    try {
      const said = await answer(
        api.GET('/api/v1/drills/{id}/recipes', { params: { path: { id: drillId }, query } }),
      )
      if (mine === latest) board.value = said
      problem.value = ''
    } catch (error) {
      if (mine !== latest) return
      board.value = undefined
      problem.value = sentence(error)
    }
  }

  watch(question, (now) => void ask(now), { immediate: true })
  return { board, problem }
}
