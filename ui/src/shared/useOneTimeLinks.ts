// One-time links that were made in this visit and not put aside yet: the server shows each only once, so one must not take the place of another.
import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { Invited } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'

export const useOneTimeLinks = defineStore('oneTimeLinks', () => {
  const signedIn = useSignedIn()
  const links = ref<Invited[]>([])

  /** A newer link of the same person has ended the older one. */
  function keep(invited: Invited): void {
    links.value = [...links.value.filter(({ id }) => id !== invited.id), invited]
  }

  function putAside(id: string): void {
    links.value = links.value.filter((one) => one.id !== id)
  }

  watch(
    () => signedIn.me?.person.id,
    () => (links.value = []),
  )
  return { links, keep, putAside }
})
