// Who is to play, and the start of their session with a drill.
import { computed, onMounted, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useAction } from '@/shared/useAction'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'

export function useBeginSession(drillId: Ref<string>, tableId: Ref<string | undefined>) {
  const router = useRouter()
  const hand = useHand()
  const signedIn = useSignedIn()
  const { studentId, choose } = useAboutStudent()
  const students = useLoad(async () => {
    const me = signedIn.me
    if (!me) return []
    return me.person.role === 'COACH' ? answer(api.GET('/api/v1/students')) : [me.person]
  })
  const { busy: starting, problem, run } = useAction()

  onMounted(async () => {
    await students.reload()
    const list = students.data.value ?? []
    const known = list.find(({ id }) => id === studentId.value)
    // Whoever coaches one student alone means them.
    if (!known && list.length === 1 && list[0]) await choose(list[0])
  })

  const student = computed(() => students.data.value?.find(({ id }) => id === studentId.value))

  async function chooseStudent(id: string): Promise<void> {
    const chosen = students.data.value?.find((one) => one.id === id)
    if (chosen) await choose({ id, name: chosen.name })
  }

  /** @param station from 0; the first one means: where the student stands */
  async function record(station = 0): Promise<void> {
    const playing = student.value
    if (!playing || !tableId.value) return
    const body = {
      studentIds: [playing.id],
      drillIds: [drillId.value],
      tableId: tableId.value,
      coached: signedIn.me?.person.role === 'COACH',
    }
    await run(async () => {
      const session = await answer(api.POST('/api/v1/sessions', { body }))
      hand.take({ studentId: playing.id, studentName: playing.name, sessionId: session.id })
      await router.push({ path: `/table/${session.id}`, query: station > 0 ? { station: station + 1 } : {} })
    })
  }

  return { students, student, starting, problem, chooseStudent, record }
}
