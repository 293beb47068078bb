// What is armed for the next attempt: outcome, foul, in-off, demands spoken about, the call. A tap on the cloth fires it.
import { computed, ref, watch, type Ref } from 'vue'
import type { AttemptBody, Demand, Outcome, Shot } from '@/api/types'
import { usualOutcome } from './keys'

export type Seen = 'MET' | 'NOT_MET' | 'NOT_SEEN'
export type Call = NonNullable<AttemptBody['call']>
type Fact = NonNullable<AttemptBody['facts']>[number]

const NEXT_SEEN: Record<Seen, Seen> = { MET: 'NOT_MET', NOT_MET: 'NOT_SEEN', NOT_SEEN: 'MET' }

/** What a landing and an outcome do not show, and one tap can: the index in the shot, and the demand. */
export function toldDemands(shot: Shot | undefined): { index: number; demand: Demand }[] {
  const cue = shot?.balls.find((ball) => ball.role === 'CUE')?.label
  return (shot?.demands ?? [])
    .map((demand, index) => ({ demand, index }))
    .filter(({ demand }) => {
      if (demand.kind === 'LAND') return !demand.balls?.includes(cue ?? '')
      if (demand.kind === 'POT') return (demand.half ?? 'ANY') !== 'ANY' || !!demand.cushions?.length
      return true
    })
}

/** The demands that want to know where another ball ended; the first one's ball is placed with a second tap. */
export function secondBall(shot: Shot | undefined): { index: number; label: string } | undefined {
  const found = toldDemands(shot).find(({ demand }) => demand.kind === 'LAND' || demand.kind === 'HIDE_FROM')
  const label = found?.demand.balls?.[0]
  return found && label ? { index: found.index, label } : undefined
}

export type Armed = ReturnType<typeof useArmed>

export function useArmed(shot: Ref<Shot | undefined>, place: Ref<string>) {
  const outcome = ref<Outcome>('POTTED_CLEAN')
  const outcomeChosen = ref(false)
  const foul = ref(false)
  const inOff = ref(false)
  const seen = ref<Record<number, Seen>>({})
  /** Kept from shot to shot at one place until it is changed or taken away. */
  const call = ref<Call>()
  const calls = new Map<string, Call | undefined>()
  watch(place, (now, before) => {
    calls.set(before, call.value)
    call.value = calls.get(now)
  })

  const facts = computed<Fact[]>(() =>
    Object.entries(seen.value)
      .filter(([, told]) => told !== 'MET')
      .map(([index, told]) => ({ demand: Number(index), seen: told })),
  )

  /** Something was chosen for the next attempt that Undo can take back. */
  const isArmed = computed(() => outcomeChosen.value || foul.value || inOff.value || facts.value.length > 0)

  function choose(wanted: Outcome): void {
    outcome.value = wanted
    outcomeChosen.value = true
  }

  function flip(index: number): void {
    seen.value = { ...seen.value, [index]: NEXT_SEEN[seen.value[index] ?? 'MET'] }
  }

  function disarm(): void {
    outcome.value = shot.value ? usualOutcome(shot.value) : 'POTTED_CLEAN'
    outcomeChosen.value = false
    foul.value = false
    inOff.value = false
    seen.value = {}
  }

  /** Foul or in-off tapped alone means not potted, or the ball not hit as asked. */
  function said(): Outcome {
    if (!(foul.value || inOff.value) || outcomeChosen.value) return outcome.value
    return shot.value?.outcomeSides === 'NO_POT' ? 'WRONG_BALL' : 'OTHER'
  }

  return { outcome, outcomeChosen, foul, inOff, seen, call, facts, isArmed, choose, flip, disarm, said }
}

/** The facts of an attempt with one demand's word turned to the next. */
export function flippedFacts(facts: Fact[], index: number): Fact[] {
  const known = facts.find((fact) => fact.demand === index)
  const turned: Fact = { ...known, demand: index, seen: NEXT_SEEN[known?.seen ?? 'MET'] }
  const others = facts.filter((fact) => fact.demand !== index)
  return turned.seen === 'MET' && !turned.place ? others : [...others, turned]
}
