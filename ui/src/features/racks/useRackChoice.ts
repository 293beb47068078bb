// Which game is played by whose rules; the device remembers the last ones.
import { computed, ref, watch } from 'vue'
import type { RackGameView, RackRules } from '@/api/types'
import { remember, rememberedJson } from '@/device/localMemory'
import { PERSONAL } from '@/device/useSignedIn'

const RULES_KEY = `${PERSONAL}rack-rules`
const GAME_KEY = `${PERSONAL}rack-game`
const USUAL: RackRules = { breakPotsCount: true, cueBallBehindLine: false, foulEnds: true }

export function useRackChoice(games: () => RackGameView[]) {
  const gameKey = ref(rememberedJson<string>(GAME_KEY))
  const rules = ref<RackRules>(rememberedJson<RackRules>(RULES_KEY) ?? USUAL)
  const chosen = computed(() => games().find(({ game }) => game.key === gameKey.value) ?? games()[0])
  const game = computed(() => chosen.value?.game)
  watch(gameKey, (key) => remember(GAME_KEY, JSON.stringify(key)))
  watch(rules, (now) => remember(RULES_KEY, JSON.stringify(now)), { deep: true })
  return { gameKey, rules, chosen, game }
}
