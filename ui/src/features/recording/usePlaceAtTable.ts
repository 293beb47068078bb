// Who is at the table and what lies on it: student, drill, station, side, and what belongs to them. Each student keeps a place in each drill.
import { computed, ref, type Ref } from 'vue'
import type { SessionDetail, Shot, Standing } from '@/api/types'

export interface Place {
  station: number
  mirrored: boolean
}

export type PlaceAtTable = ReturnType<typeof usePlaceAtTable>

export function usePlaceAtTable(detail: Ref<SessionDetail | undefined>, standings: Ref<Standing[]>) {
  const studentId = ref('')
  const drillId = ref('')
  const station = ref(0)
  const mirrored = ref(false)
  const places = new Map<string, Place>()

  const students = computed(() => detail.value?.session.students ?? [])
  const student = computed(() => students.value.find(({ id }) => id === studentId.value))
  const drills = computed(() => detail.value?.drills ?? [])
  const drill = computed(() => drills.value.find((one) => one.drill.id === drillId.value))
  const stationView = computed(() => drill.value?.stations[station.value])
  const shots = computed<Shot[]>(() => {
    const view = stationView.value
    return view ? (mirrored.value ? view.mirror : view.original) : []
  })
  const standing = computed(() =>
    standings.value.find(
      (one) =>
        one.studentId === studentId.value &&
        one.drillId === drillId.value &&
        one.station === station.value &&
        one.mirrored === mirrored.value,
    ),
  )

  /** Whose place in which drill. */
  function key(): string {
    return `${studentId.value} ${drillId.value}`
  }

  function here(): Place {
    return { station: station.value, mirrored: mirrored.value }
  }

  function take(place: Place): void {
    const count = drill.value?.stations.length ?? 1
    station.value = Math.min(Math.max(place.station, 0), count - 1)
    mirrored.value = place.mirrored
    places.set(key(), here())
  }

  const known = { students, student, drills, drill, stationView, shots, standing }
  return { studentId, drillId, station, mirrored, ...known, places, key, here, take }
}
