import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { Me, Preferences } from '@/api/types'
import { useDialect } from '@/i18n'
import { useTheme } from './theme'

/** Who is signed in, with their settings; whether the sign-in has ended under way. */
export const useSignedIn = defineStore('signedIn', () => {
  const me = shallowRef<Me>()
  const ended = ref(false)

  function welcome(person: Me): void {
    me.value = person
    ended.value = false
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
      if (error instanceof Problem && error.status === 401) return false
      throw error
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
    me.value = undefined
  }

  async function changePreferences(preferences: Preferences): Promise<void> {
    const kept = await answer(api.PUT('/api/v1/me/preferences', { body: preferences }))
    if (me.value) me.value = { ...me.value, preferences: kept }
    apply(kept)
  }

  return { me, ended, welcome, restore, startingPage, signIn, signInAgain, signOut, changePreferences }
})
