import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { Problem, Unreachable } from '@/api/problem'
import type { Me, Preferences } from '@/api/types'
import { keptStorage } from '@/features/recording/outboxStorage'
import { useDialect } from '@/i18n'
import { useTheme } from './theme'

const KNOWN = 'amber-me'

/** Who was signed in on this device when the server was last heard; gone after signing out. */
function known(): Me | undefined {
  const text = localStorage.getItem(KNOWN)
  return text ? (JSON.parse(text) as Me) : undefined
}

/** Who is signed in, with their settings; whether the sign-in has ended under way. */
export const useSignedIn = defineStore('signedIn', () => {
  const me = shallowRef<Me>()
  const ended = ref(false)

  function welcome(person: Me): void {
    me.value = person
    ended.value = false
    localStorage.setItem(KNOWN, JSON.stringify(person))
    apply(person.preferences)
  }

  function apply(preferences: Preferences): void {
    useDialect(preferences.dialect)
    useTheme(preferences.theme)
  }

  /** Finds out from the server who this browser is signed in as; false if nobody. */
  async function restore(): Promise<boolean> {
    try {
      welcome(await answer(api.GET('/api/v1/me')))
      return true
    } catch (error) {
      ended.value = false
      if (error instanceof Problem && error.status === 401) {
        return false
      }
      const before = error instanceof Unreachable ? known() : undefined
      if (!before) throw error
      // The server is away: whoever this device belonged to goes on recording. What is sent later needs a sign-in that still holds.
      welcome(before)
      return true
    }
  }

  /** Where somebody without a sign-in begins. */
  async function startingPage(): Promise<'/welcome' | '/sign-in'> {
    const club = await answer(api.GET('/api/v1/club'))
    return club.needsFirstCoach ? '/welcome' : '/sign-in'
  }

  async function signIn(signInName: string, password: string): Promise<Me> {
    const person = await answer(api.POST('/api/v1/sign-in', { body: { signInName, password } }))
    welcome(person)
    return person
  }

  /** After the sign-in has ended under way: only the same person may go on. False if it was somebody else. */
  async function signInAgain(signInName: string, password: string): Promise<boolean> {
    const person = await answer(api.POST('/api/v1/sign-in', { body: { signInName, password } }))
    if (me.value && person.person.id !== me.value.person.id) {
      await answer(api.POST('/api/v1/sign-out'))
      return false
    }
    welcome(person)
    return true
  }

  async function signOut(): Promise<void> {
    await answer(api.POST('/api/v1/sign-out'))
    const account = me.value?.person.id
    me.value = undefined
    localStorage.removeItem(KNOWN)
    if (account) await keptStorage.forget(account)
  }

  let changing: Promise<void> = Promise.resolve()

  /** One change at a time, each upon what the one before it left: two quick taps must not undo each other. */
  function changePreferences(part: Partial<Preferences>): Promise<void> {
    const before = changing
    changing = (async () => {
      await before.catch(() => undefined)
      if (!me.value) return
      const kept = await answer(
        api.PUT('/api/v1/me/preferences', { body: { ...me.value.preferences, ...part } }),
      )
      welcome({ ...me.value, preferences: kept })
    })()
    return changing
  }

  return { me, ended, welcome, restore, startingPage, signIn, signInAgain, signOut, changePreferences }
})
