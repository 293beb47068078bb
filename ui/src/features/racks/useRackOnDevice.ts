// A rack on this device and on the server: what is written here is sent when the network is there; another device reads it from there.
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { isPassing, sentence } from '@/api/problem'
import type { RackView } from '@/api/types'
import { isUnsent, keepRack, keptRack, withoutRefusal, type KeptRack } from './keptRacks'
import { toKeep } from './rackView'
import { sendRack } from './sendRack'

const AGAIN_AFTER_MILLISECONDS = 5000

export function useRackOnDevice(id: string) {
  const kept = shallowRef<KeptRack | undefined>(keptRack(id))
  const view = shallowRef<RackView>()
  const away = ref(false)
  const problem = ref('')
  let sending = false

  async function load(): Promise<void> {
    problem.value = ''
    if (kept.value && isUnsent(kept.value)) {
      await send()
      return
    }
    try {
      view.value = await answer(api.GET('/api/v1/racks/{id}', { params: { path: { id } } }))
      kept.value = toKeep(view.value)
      keepRack(kept.value)
    } catch (error) {
      away.value = isPassing(error)
      if (!kept.value) problem.value = sentence(error)
    }
  }

  async function send(): Promise<void> {
    if (sending) return
    sending = true
    const sent = await sendRack(id)
    sending = false
    away.value = sent.state === 'AWAY'
    if (sent.view) view.value = sent.view
    kept.value = keptRack(id)
  }

  function write(change: (now: KeptRack) => KeptRack): void {
    const now = keptRack(id) ?? kept.value
    if (!now) return
    kept.value = change(withoutRefusal(now))
    keepRack(kept.value)
    void send()
  }

  sendAgain(() => kept.value !== undefined && isUnsent(kept.value) && !kept.value.refused, send)
  onMounted(load)
  return { kept, view, away, problem, load, write }
}

/** Every few seconds while something waits, and when the network comes back. */
function sendAgain(waits: () => boolean, send: () => Promise<void>): void {
  const now = () => {
    if (waits()) void send()
  }
  const timer = setInterval(now, AGAIN_AFTER_MILLISECONDS)
  window.addEventListener('online', now)
  onBeforeUnmount(() => {
    clearInterval(timer)
    window.removeEventListener('online', now)
  })
}
