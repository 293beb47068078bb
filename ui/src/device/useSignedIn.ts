import { defineStore } from 'pinia'
import { ref, shallowRef, type Ref } from 'vue'
import { answer, api, speakFor } from '@/api/client'
import { Problem, Unreachable } from '@/api/problem'
import type { Credentials, Me, Preferences } from '@/api/types'
import { useDialect } from '@/i18n'
import { useTheme } from '@/shared/theme'
import { keptStorage } from './outboxStorage'
import { forgetRemembered, remember, remembered, rememberedJson, rememberedKeys } from './localMemory'

const KNOWN = 'amber-me'
/** Signed out here while the server was away: it has to be told before anything else. */
const SIGN_OUT_DUE = 'amber-sign-out-due'
const BREATH_MILLISECONDS = 1000
/** Begins every name under which something about a student or a draft is remembered. */
export const PERSONAL = 'amber-personal-'

/** Nothing can be shown before the server answers: it may be getting ready, or not be there at all. */
export type Waiting = 'SLOW' | 'AWAY'

/** Who is signed in, with their settings; whether the sign-in has ended under way. */
export const useSignedIn = defineStore('signedIn', () => {
  const me = shallowRef<Me>()
  const ended = ref(false)
  const waiting = ref<Waiting>()

  function welcome(person: Me): void {
    me.value = person
    ended.value = false
    speakFor(person.person.id)
    remember(KNOWN, JSON.stringify(person))
    apply(person.preferences)
  }

  const doors = useDoors(me, ended, welcome)
  const changePreferences = usePreferenceChanges(me, welcome)
  leaveWithOtherWindows(me)
  return {
    me,
    ended,
    waiting,
    welcome,
    restore: () => restored(ended, waiting, welcome),
    startingPage: () => startingPage(waiting),
    ...doors,
    changePreferences,
  }
})

function apply(preferences: Preferences): void {
  useDialect(preferences.dialect)
  useTheme(preferences.theme)
}

/**
 * Asks until there is an answer, for as long as the want of one is worth waiting for; what is waited for is told in `waiting`.
 */
async function untilAnswered<T>(
  ask: () => Promise<T>,
  waiting: Ref<Waiting | undefined>,
  worthWaiting: (error: Unreachable) => boolean,
): Promise<T> {
  try {
    for (;;) {
      try {
        return await ask()
      } catch (error) {
        if (!(error instanceof Unreachable) || !worthWaiting(error)) throw error
        waiting.value = error.slow ? 'SLOW' : 'AWAY'
        await new Promise((resolve) => setTimeout(resolve, BREATH_MILLISECONDS))
      }
    }
  } finally {
    waiting.value = undefined
  }
}

/** Finds out from the server who this browser is signed in as; false if nobody. */
async function restored(
  ended: Ref<boolean>,
  waiting: Ref<Waiting | undefined>,
  welcome: (person: Me) => void,
): Promise<boolean> {
  try {
    if (!(await signOutIfDue())) return false
    // A device that belongs to nobody has nothing to go on with meanwhile.
    welcome(
      await untilAnswered(
        () => answer(api.GET('/api/v1/me')),
        waiting,
        () => !remembered(KNOWN),
      ),
    )
    return true
  } catch (error) {
    ended.value = false
    if (error instanceof Problem && error.status === 401) return false
    const before = error instanceof Unreachable ? rememberedJson<Me>(KNOWN) : undefined
    if (!before) throw error
    // The server is away: whoever this device belonged to goes on recording. What is sent later needs a sign-in that still holds.
    welcome(before)
    return true
  }
}

/** Where somebody without a sign-in begins. */
async function startingPage(waiting: Ref<Waiting | undefined>): Promise<'/welcome' | '/sign-in'> {
  try {
    const club = await untilAnswered(
      () => answer(api.GET('/api/v1/club')),
      waiting,
      (error) => error.slow,
    )
    return club.needsFirstCoach ? '/welcome' : '/sign-in'
  } catch (error) {
    // The form says so itself when it is used.
    if (error instanceof Unreachable) return '/sign-in'
    throw error
  }
}

/** In and out. */
function useDoors(me: Ref<Me | undefined>, ended: Ref<boolean>, welcome: (person: Me) => void) {
  async function signIn(typed: Credentials): Promise<Me> {
    const person = await answer(api.POST('/api/v1/sign-in', { body: typed }))
    // The new sign-in took the old one's place.
    forgetRemembered(SIGN_OUT_DUE)
    welcome(person)
    return person
  }

  /** After the sign-in has ended under way: only the same person may go on. False if it was somebody else. */
  async function signInAgain(typed: Credentials): Promise<boolean> {
    const person = await answer(api.POST('/api/v1/sign-in', { body: typed }))
    if (me.value && person.person.id !== me.value.person.id) {
      await answer(api.POST('/api/v1/sign-out'))
      return false
    }
    welcome(person)
    return true
  }

  /**
   * Clears this device first, which works always: what was seen of students, and who was here. Attempts that were not sent stay for whoever
   * recorded them. Then the server is told; if it is away, before anything else is asked of it.
   */
  async function signOut(): Promise<void> {
    me.value = undefined
    ended.value = false
    speakFor(undefined)
    forgetRemembered(KNOWN)
    rememberedKeys(PERSONAL).forEach(forgetRemembered)
    remember(SIGN_OUT_DUE, 'yes')
    // Refused by the browser: then it has kept nothing that could be read later.
    await keptStorage.forgetAll().catch(() => undefined)
    await signOutIfDue()
  }

  return { signIn, signInAgain, signOut }
}

/** False while a sign-out is due that the server could not be told. */
async function signOutIfDue(): Promise<boolean> {
  if (!remembered(SIGN_OUT_DUE)) return true
  try {
    await answer(api.POST('/api/v1/sign-out'))
  } catch (error) {
    // 401: there is nothing left to end.
    if (!(error instanceof Problem && error.status === 401)) return false
  }
  forgetRemembered(SIGN_OUT_DUE)
  return true
}

/** One change at a time, each upon what the one before it left: two quick taps must not undo each other. */
function usePreferenceChanges(me: Ref<Me | undefined>, welcome: (person: Me) => void) {
  let changing: Promise<void> = Promise.resolve()
  return (part: Partial<Preferences>): Promise<void> => {
    const before = changing
    changing = (async () => {
      await before.catch(() => undefined)
      if (!me.value) return
      // Only what changes: another window may be changing something else.
      const kept = await answer(api.PUT('/api/v1/me/preferences', { body: part }))
      welcome({ ...me.value, preferences: kept })
    })()
    return changing
  }
}

/** Another window of this browser signed out, or somebody else in: this one must not go on under a name that no longer holds. */
function leaveWithOtherWindows(me: Ref<Me | undefined>): void {
  window.addEventListener('storage', ({ key, newValue }) => {
    if (key !== KNOWN || !me.value) return
    const now = newValue ? (JSON.parse(newValue) as Me) : undefined
    if (now?.person.id !== me.value.person.id) window.location.reload()
  })
}
