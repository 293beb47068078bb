// A rack on this device and on the server: what is written here is sent when the network is there; another device reads it from there.
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { isPassing, sentence } from '@/api/problem'
import type { RackView } from '@/api/types'
import { isUnsent, keepRack, keptRack, withoutRefusal, type KeptRack } from '@/device/keptRacks'
import { toKeep } from './rackView'
import { sendRack } from './sendRack'

const AGAIN_AFTER_MILLISECONDS = 5000

export function useRackOnDevice(id: string) {
  const kept = shallowRef<KeptRack | undefined>(keptRack(id))
  const view = shallowRef<RackView>()
  const away = ref(false)
  const problem = ref('')
  let sending = false
  let reading = false
  let written = 0

  async function load(): Promise<void> {
    problem.value = ''
    if (kept.value && isUnsent(kept.value)) {
      await send()
      return
    }
    if (reading) return
    reading = true
    const writtenBefore = written
    try {
      const told = await answer(api.GET('/api/v1/racks/{id}', { params: { path: { id } } }))
      away.value = false
      // What was written while the answer was on its way is not in it; the answers to that are newer.
      if (written !== writtenBefore) return
      view.value = told
      kept.value = toKeep(told)
      keepRack(kept.value)
    } catch (error) {
      away.value = isPassing(error)
      if (!kept.value) problem.value = sentence(error)
    } finally {
      reading = false
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
    written++
    kept.value = change(withoutRefusal(now))
    keepRack(kept.value)
    void send()
  }

  /** What waits is sent; where nothing does but the network was away, the rack is read again. */
  againAndAgain(() => {
    const waits = kept.value !== undefined && isUnsent(kept.value)
    if (waits ? !kept.value?.refused : away.value) void load()
  })
  onMounted(load)
  return { kept, view, away, problem, load, write }
}

/** Every few seconds, and when the network comes back. */
function againAndAgain(again: () => void): void {
  const timer = setInterval(again, AGAIN_AFTER_MILLISECONDS)
  window.addEventListener('online', again)
  onBeforeUnmount(() => {
    clearInterval(timer)
    window.removeEventListener('online', again)
  })
}
