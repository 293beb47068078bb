import { computed, onUnmounted, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { onBeforeRouteLeave, onBeforeRouteUpdate } from 'vue-router'
import { askBeforeLeaving } from '@/device/askBeforeLeaving'

// What somebody has typed into a page that saves when it is told to, and that stands nowhere else yet.
const pages = shallowRef<(() => boolean)[]>([])

/** Told by the rail: it must not say that everything is saved. */
export const hasUnsaved = computed(() => pages.value.some((isUnsaved) => isUnsaved()))
askBeforeLeaving(() => hasUnsaved.value)

/** Tells the rail, and asks whoever leaves the page, goes on to another student or closes the window. */
export function useUnsaved(isUnsaved: () => boolean): void {
  const { t } = useI18n()
  const mayLeave = (): boolean => !isUnsaved() || window.confirm(t('rail.leave'))
  pages.value = [...pages.value, isUnsaved]
  onUnmounted(() => (pages.value = pages.value.filter((one) => one !== isUnsaved)))
  onBeforeRouteLeave(mayLeave)
  onBeforeRouteUpdate((to, from) => to.query.student === from.query.student || mayLeave())
}
