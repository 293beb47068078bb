// Who is to play, and the start of their session with a drill.
import { onMounted, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useAction } from '@/shared/useAction'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'

export function useBeginSession(drillId: Ref<string>, tableId: Ref<string | undefined>) {
  const router = useRouter()
  const hand = useHand()
  const signedIn = useSignedIn()
  const students = useLoad(async () => {
    const me = signedIn.me
    if (!me) return []
    return me.person.role === 'COACH' ? answer(api.GET('/api/v1/students')) : [me.person]
  })
  const { busy: starting, problem, run } = useAction()

  onMounted(async () => {
    await students.reload()
    const list = students.data.value ?? []
    if (!list.some((student) => student.id === hand.hand.studentId)) {
      hand.take(
        list.length === 1
          ? { studentId: list[0]?.id, studentName: list[0]?.name }
          : { studentId: undefined, studentName: undefined },
      )
    }
  })

  function chooseStudent(id: string): void {
    const student = students.data.value?.find((one) => one.id === id)
    hand.take({ studentId: id, studentName: student?.name, sessionId: undefined })
  }

  /** @param station from 0; the first one means: where the student stands */
  async function record(station = 0): Promise<void> {
    const studentId = hand.hand.studentId
    if (!studentId || !tableId.value) return
    const body = {
      studentIds: [studentId],
      drillIds: [drillId.value],
      tableId: tableId.value,
      coached: signedIn.me?.person.role === 'COACH',
    }
    await run(async () => {
      const session = await answer(api.POST('/api/v1/sessions', { body }))
      hand.take({ sessionId: session.id })
      await router.push({ path: `/table/${session.id}`, query: station > 0 ? { station: station + 1 } : {} })
    })
  }

  return { students, starting, problem, chooseStudent, record }
}
