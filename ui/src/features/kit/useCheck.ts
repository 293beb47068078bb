// A check as the server has it, looked at again for what others write down; as this device saw it last where the network is away.
import { onMounted, onUnmounted, ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { sentence, Unreachable } from '@/api/problem'
import type { KitCheck } from '@/api/types'
import { keepView, keptView } from '@/device/pendingReadings'
import { useReadingQueue } from './useReadingQueue'

const LOOK_AGAIN_MILLISECONDS = 8000

export function useCheck(checkId: string) {
  const view = shallowRef<KitCheck>()
  const problem = ref('')
  const away = ref(false)
  const queue = useReadingQueue(checkId, away, show)

  function show(now: KitCheck): void {
    view.value = now
    away.value = false
    problem.value = ''
    keepView(now)
  }

  async function reload(): Promise<void> {
    try {
      show(await answer(api.GET('/api/v1/kit/checks/{id}', { params: { path: { id: checkId } } })))
    } catch (error) {
      away.value = error instanceof Unreachable
      view.value ??= away.value ? keptView(checkId) : undefined
      if (!away.value || !view.value) problem.value = sentence(error)
    }
  }

  async function lookAgain(): Promise<void> {
    if (queue.waits()) await queue.send()
    else if (document.visibilityState === 'visible') await reload()
  }
  const look = () => void lookAgain()

  let timer: ReturnType<typeof setInterval> | undefined
  onMounted(async () => {
    await reload()
    await queue.send()
    timer = setInterval(look, LOOK_AGAIN_MILLISECONDS)
    window.addEventListener('online', look)
  })
  onUnmounted(() => {
    clearInterval(timer)
    window.removeEventListener('online', look)
  })

  return { ...queue, view, problem, away, reload, show }
}
