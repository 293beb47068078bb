// The usual recipe of a shot as the engine finds it; the stroke sliders begin there.
import { shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { Recipe, Shot } from '@/api/types'

export function useUsualStroke(
  shot: Ref<Shot | undefined>,
  tableId: Ref<string | undefined>,
  sideAllowed: Ref<boolean>,
  begin: (recipe: Recipe) => void,
) {
  const usual = shallowRef<Recipe>()
  const problem = shallowRef('')
  let latest = 0

  async function ask(asked: Shot, table: string): Promise<void> {
    const object = asked.balls.find((ball) => ball.role === 'OBJECT')
    if (!asked.pot || !object) return
    const mine = ++latest
    const circle = asked.zone?.radiusMillimetres
    try {
      const { recipes } = await answer(
        api.POST('/api/v1/shots/recipes', {
          body: {
            tableId: table,
            balls: asked.balls.map((ball) => ({
              label: ball.label,
              cueBall: ball.role === 'CUE',
              ...ball.at.place,
            })),
            pot: { ball: object.label, pocket: asked.pot.pocket },
            zone:
              asked.zone && circle ? { ...asked.zone.centre.place, radiusMillimetres: circle } : undefined,
            sideAllowed: sideAllowed.value,
          },
        }),
      )
      if (mine !== latest) return
      usual.value = recipes.find((recipe) => recipe.usual)
      if (usual.value) begin(usual.value)
    } catch (error) {
      if (mine === latest) problem.value = sentence(error)
    }
  }

  watch(
    [shot, tableId],
    ([asked, table]) => {
      usual.value = undefined
      problem.value = ''
      if (asked && table) void ask(asked, table)
    },
    { immediate: true },
  )
  return { usual, problem }
}
