import { computed, onMounted } from 'vue'
import { answer, api } from '@/api/client'
import { useLoad } from '@/shared/useLoad'

/** The club's tables. */
export function useTables() {
  const { data, problem, reload } = useLoad(() => answer(api.GET('/api/v1/tables')))
  onMounted(reload)
  return { tables: computed(() => data.value ?? []), problem }
}
