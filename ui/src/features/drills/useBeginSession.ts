// Who is to play, and the start of their session with a drill.
import { onMounted, ref, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/shared/useSignedIn'

export function useBeginSession(drillId: Ref<string>, tableId: Ref<string | undefined>) {
  const router = useRouter()
  const hand = useHand()
  const signedIn = useSignedIn()
  const students = useLoad(async () => {
    const me = signedIn.me
    if (!me) return []
    return me.person.role === 'COACH' ? answer(api.GET('/api/v1/students')) : [me.person]
  })
  const problem = ref('')
  const starting = ref(false)

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

  async function record(): Promise<void> {
    const studentId = hand.hand.studentId
    if (!studentId || !tableId.value) return
    starting.value = true
    problem.value = ''
    try {
      const body = {
        studentIds: [studentId],
        drillIds: [drillId.value],
        tableId: tableId.value,
        coached: signedIn.me?.person.role === 'COACH',
      }
      const session = await answer(api.POST('/api/v1/sessions', { body }))
      hand.take({ sessionId: session.id })
      await router.push(`/table/${session.id}`)
    } catch (error) {
      problem.value = sentence(error)
    } finally {
      starting.value = false
    }
  }

  return { students, starting, problem, chooseStudent, record }
}
