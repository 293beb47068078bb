// Which try is made next: what the check asks for, unless somebody has chosen otherwise; and how it is said.
import { computed, ref, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { CheckPlace, KitCheck, ReadingKind } from '@/api/types'
import { useUnits } from '@/shared/units'

const MILLIMETRES = 1000

export function useNextTry(view: Ref<KitCheck | undefined>) {
  const next = computed(() => view.value?.table?.next)
  const kinds = computed<ReadingKind[]>(() => [...new Set(view.value?.places.map(({ kind }) => kind) ?? [])])
  const chosenKind = ref<ReadingKind>()
  const chosenPlace = ref<number>()
  const chosenStroke = ref<number>()

  const kind = computed<ReadingKind>(
    () => chosenKind.value ?? next.value?.place.kind ?? kinds.value[0] ?? 'ROLL',
  )
  const places = computed(() => view.value?.places.filter((one) => one.kind === kind.value) ?? [])
  const place = computed<CheckPlace | undefined>(
    () =>
      places.value[chosenPlace.value ?? -1] ??
      (next.value?.place.kind === kind.value ? next.value.place : undefined) ??
      places.value[0],
  )
  const placeIndex = computed(() =>
    Math.max(
      0,
      places.value.findIndex(
        (one) =>
          one.directionDegrees === place.value?.directionDegrees && one.xMetres === place.value.xMetres,
      ),
    ),
  )
  const strokes = computed(() => view.value?.cue?.strokes ?? [])
  const strokeIndex = computed(() => {
    const asked = view.value?.cue?.next
    const at = strokes.value.findIndex(
      (one) => one.firm === asked?.firm && one.tipSideMillimetres === asked.tipSideMillimetres,
    )
    return chosenStroke.value ?? Math.max(0, at)
  })
  const stroke = computed(() => strokes.value[strokeIndex.value])

  function chooseKind(value: ReadingKind | undefined): void {
    chosenKind.value = value
    chosenPlace.value = undefined
  }
  /** After each try the check says again what comes next. */
  function written(): void {
    chosenPlace.value = undefined
    chosenStroke.value = undefined
  }

  return {
    ...{ next, kinds, kind, places, place, placeIndex, strokes, strokeIndex, stroke },
    ...{ chosenPlace, chosenStroke, chooseKind, written },
  }
}

export type NextTry = ReturnType<typeof useNextTry>

/** What is to be done and why, as a coach would say it. */
export function useTryWords(tried: NextTry) {
  const { t } = useI18n()
  const { figure, length } = useUnits()

  function tip(offset: number): string {
    const way = offset === 0 ? 'middle' : offset > 0 ? 'right' : 'left'
    return t(`kit.checkPage.tipAt.${way}`, { n: figure(Math.abs(offset), 0) })
  }
  function stroke(at: number): string {
    const one = tried.strokes.value[at]
    return one ? `${tip(one.tipSideMillimetres)}, ${t(`kit.checkPage.${one.firm ? 'firm' : 'soft'}`)}` : ''
  }
  /** By the way that the ball goes; strokes with side all go one way, so by how far. */
  function place(one: CheckPlace): string {
    if (one.kind !== 'SIDE') return t(`kit.checkPage.directions.${one.directionDegrees}`)
    return length(MILLIMETRES * one.aheadMetres)
  }

  const task = computed(() =>
    t(`kit.checkPage.what.${tried.kind.value}`, {
      tip: tip(tried.stroke.value?.tipSideMillimetres ?? 0),
      pace: t(`kit.checkPage.${tried.stroke.value?.firm === false ? 'soft' : 'firm'}`),
    }),
  )
  const why = computed(() => {
    const next = tried.next.value
    if (next?.place.kind !== tried.kind.value) return ''
    const number = t('kit.checkPage.for', { number: t(`kit.number.${next.number}`) })
    return `${t(`kit.checkPage.why.${next.why}`, { n: next.moreTries })} ${number}`
  })
  const mark = computed(() => {
    const one = tried.place.value
    if (!one) return ''
    const lies = t('kit.checkPage.mark', {
      along: length(MILLIMETRES * one.xMetres),
      across: length(MILLIMETRES * one.yMetres),
    })
    const sights = t('kit.checkPage.markSights', {
      along: figure(one.alongSights, 1),
      across: figure(one.acrossSights, 1),
    })
    return `${lies} ${sights}`
  })

  return { stroke, place, task, why, mark }
}
