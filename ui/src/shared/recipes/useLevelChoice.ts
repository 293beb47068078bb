// Whose chance is asked for: a band of the scale, or one student with the error sizes that were found from their own shots.
import { computed, onMounted, ref } from 'vue'
import { answer, api } from '@/api/client'
import { useBandChoice } from './useBandChoice'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'

const STUDENT = 'student '

export function useLevelChoice() {
  const signedIn = useSignedIn()
  const { band, bands, abilityLogits } = useBandChoice()
  const students = useLoad(async () => {
    const me = signedIn.me?.person
    if (!me) return []
    return me.role === 'COACH' ? answer(api.GET('/api/v1/students')) : [me]
  })
  onMounted(students.reload)
  const chosen = ref<string>(band.value)
  const level = computed({
    get: () => chosen.value,
    set: (value: string) => {
      chosen.value = value
      const found = bands.value.find((one) => one.value === value)
      if (found) band.value = found.value
    },
  })
  const levels = computed(() => [
    ...bands.value.map(({ value, label }) => ({ value: value, label })),
    ...(students.data.value ?? []).map(({ id, name }) => ({ value: `${STUDENT}${id}`, label: name })),
  ])
  const studentId = computed(() =>
    chosen.value.startsWith(STUDENT) ? chosen.value.slice(STUDENT.length) : undefined,
  )
  return { level, levels, abilityLogits, studentId }
}
