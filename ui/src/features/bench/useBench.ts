// One drill on the bench: the draft with its history, what is selected, what is drawn, and every command on it.
import { computed, inject, provide, ref, shallowRef, watch, type InjectionKey } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { Point, ShotPath, TableDrawing, TableGeometry } from '@/api/types'
import type {
  DraftBall,
  DraftDemand,
  DraftPosition,
  DraftShot,
  DrillDocument,
  Role,
} from '@/shared/drillFile/drillDocument'
import * as edit from './edits'
import { liveShot } from './geometry/liveShot'
import { ballPlaces, placeOf } from './geometry/places'
import { snapped, type Snap } from './geometry/snapping'
import { gripsOf } from './grips'
import { sightOverlay, useOverlayChoice } from './overlayChoice'
import { useAutosave, type Theirs } from './useAutosave'
import { useBenchAnswers } from './useBenchAnswers'
import { useHistory } from './useHistory'

const COPY_ASIDE_MILLIMETRES = 80

/** Balls copied on any drill's bench, for pasting on any other. */
const clipboard = shallowRef<{ ball: DraftBall; place: Point }[]>([])

export function createBench(id: string) {
  const history = useHistory<DrillDocument>()
  const drill = history.value
  const at = ref<edit.Spot>({ station: 0, shot: 0 })
  const selection = shallowRef<Set<string>>(new Set())
  const demandIndex = ref<number>()
  const held = ref(false)
  const snapping = ref(true)
  const caught = shallowRef<Snap['caught']>()
  const overlays = useOverlayChoice()
  const tableId = ref<string>()
  const drawing = shallowRef<TableDrawing>()
  const geometry = shallowRef<TableGeometry>()
  const problem = ref('')
  const save = useAutosave(id, drill)
  const answers = useBenchAnswers(drill, tableId, at, held)
  /** A draft of an earlier visit that the server does not have, while the server's has changed since. */
  const leftBehind = shallowRef<DrillDocument>()

  async function open(): Promise<void> {
    problem.value = ''
    try {
      const document = await answer(api.GET('/api/v1/drills/{id}/document', { params: { path: { id } } }))
      const stored = document.drill as unknown as DrillDocument
      save.begin(stored, document.revision, document.version)
      history.begin(stored)
      const unsaved = save.unsaved()
      if (unsaved?.revision === document.revision) history.change(unsaved.drill)
      else leftBehind.value = unsaved?.drill
      await layOnHomeTable()
    } catch (error) {
      problem.value = sentence(error)
    }
  }

  async function layOnHomeTable(): Promise<void> {
    const preset = drill.value?.tables[0]
    const tables = await answer(api.GET('/api/v1/tables'))
    const home = tables.find((table) => table.presetId === preset) ?? tables[0]
    if (!home || home.id === tableId.value) return
    const path = { id: home.id }
    const [detail, numbers] = await Promise.all([
      answer(api.GET('/api/v1/tables/{id}', { params: { path } })),
      answer(api.GET('/api/v1/tables/{id}/geometry', { params: { path } })),
    ])
    drawing.value = detail.drawing
    geometry.value = numbers
    tableId.value = home.id
  }
  watch(
    () => drill.value?.tables[0],
    (now, before) => {
      if (before && now !== before) void layOnHomeTable().catch((error) => (problem.value = sentence(error)))
    },
  )

  const station = computed(() => drill.value?.stations[at.value.station])
  const shot = computed(() => drill.value && edit.shotAt(drill.value, at.value))
  // Undo may take away the station that is looked at.
  watch(drill, (now) => {
    if (!now) return
    const last = now.stations.length - 1
    if (at.value.station > last) at.value = { station: last, shot: 0 }
    else if (!edit.shotAt(now, at.value)) at.value = { ...at.value, shot: 0 }
  })

  const live = computed(() => geometry.value && shot.value && liveShot(geometry.value, shot.value))
  /** The server's answer where it is about this very draft, the browser's own arithmetic until then. */
  const shown = computed(() => {
    const said = answers.check.value
    const mine = live.value
    if (!mine || held.value || said?.draft !== drill.value) return mine && { ...mine, fromServer: false }
    const answered = said?.answer.stations[at.value.station]?.[at.value.shot]
    return answered?.shot
      ? { shot: answered.shot, lines: answered.lines, fromServer: true }
      : { ...mine, fromServer: false }
  })
  const usual = computed(() =>
    answers.usual.value?.draft === shot.value && !held.value ? answers.usual.value?.answer : undefined,
  )
  const showsSights = computed(() => overlays[sightOverlay((drawing.value?.sights.length ?? 0) > 0)])
  /** A way chosen among the recipes, drawn in place of the usual one until the draft changes. */
  const shownWay = shallowRef<ShotPath>()
  watch([drill, at], () => (shownWay.value = undefined))
  const places = computed(() =>
    geometry.value && shot.value ? ballPlaces(geometry.value, shot.value.balls) : new Map<string, Point>(),
  )
  const resolve = (position: DraftPosition): Point | undefined =>
    geometry.value &&
    placeOf(
      geometry.value,
      position,
      true,
      (label) => places.value.get(label),
      shot.value?.balls.find((ball) => ball.role === 'cue')?.label,
    )
  const grips = computed(() => {
    const demand = demandIndex.value === undefined ? undefined : shot.value?.demands?.[demandIndex.value]
    return geometry.value && demand ? gripsOf(geometry.value, demand, resolve) : []
  })

  function change(next: DrillDocument, gesture?: string): void {
    history.change(next, gesture)
  }

  function changeShot(to: (shot: DraftShot, table: TableGeometry) => DraftShot, gesture?: string): void {
    if (!drill.value || !geometry.value) return
    const table = geometry.value
    change(
      edit.withShot(drill.value, at.value, (one) => to(one, table)),
      gesture,
    )
  }

  function select(labels: Iterable<string>): void {
    selection.value = new Set(labels)
    if (selection.value.size > 0) demandIndex.value = undefined
  }

  /** Drags: one ball catches on things, several move as they lie. */
  function dragBall(
    label: string,
    to: Point,
    reachMillimetres: number,
    free: boolean,
    gesture: string,
  ): void {
    const ball = shot.value?.balls.find((one) => one.label === label)
    const from = places.value.get(label)
    if (!ball || !from) return
    if (selection.value.size > 1 && selection.value.has(label)) {
      const dx = to.xMillimetres - from.xMillimetres
      const dy = to.yMillimetres - from.yMillimetres
      caught.value = undefined
      changeShot((one, table) => edit.moveBalls(table, one, selection.value, dx, dy), gesture)
      return
    }
    changeShot((one, table) => {
      const reach = snapping.value && !free ? reachMillimetres : 0
      const snap = snapped(table, one, places.value, ball, to, reach)
      caught.value = reach > 0 ? snap.caught : undefined
      return edit.withBall(one, label, (old) => ({
        ...old,
        position:
          reach > 0
            ? snap.position
            : snapped(table, { ...one, balls: [], demands: [] }, new Map(), ball, to, 0).position,
      }))
    }, gesture)
  }

  const commands = {
    nudge: (dx: number, dy: number) => {
      if (selection.value.size === 0) return
      const gesture = `nudge ${[...selection.value].join()}`
      changeShot((one, table) => edit.moveBalls(table, one, selection.value, dx, dy), gesture)
    },
    placeBall: (label: string, position: DraftPosition) => {
      changeShot((one) => edit.withBall(one, label, (ball) => ({ ...ball, position })))
    },
    addBall: (role: Role) => {
      const table = geometry.value
      if (!table) return
      const label = edit.freeLabel(shot.value?.balls ?? [], role)
      changeShot((one) => edit.addBall(table, one, role, freePlace(table, [...places.value.values()])))
      select([label])
    },
    remove: () => {
      if (demandIndex.value !== undefined) {
        const index = demandIndex.value
        demandIndex.value = undefined
        changeShot((one) => ({ ...one, demands: one.demands?.filter((_, i) => i !== index) ?? [] }))
      } else if (selection.value.size > 0) {
        const labels = selection.value
        select([])
        changeShot((one, table) => edit.removeBalls(table, one, labels))
      }
    },
    copy: () => {
      clipboard.value = (shot.value?.balls ?? []).flatMap((ball) => {
        const place = places.value.get(ball.label)
        return selection.value.has(ball.label) && place ? [{ ball, place }] : []
      })
    },
    paste: () => {
      if (clipboard.value.length === 0) return
      let labels: string[] = []
      changeShot((one, table) => {
        const pasted = edit.copyBalls(table, one, clipboard.value, COPY_ASIDE_MILLIMETRES)
        labels = pasted.labels
        return pasted.shot
      })
      select(labels)
    },
    mirror: () => {
      const some = selection.value.size > 0 ? selection.value : undefined
      changeShot((one) => edit.mirroredShot(one, some))
    },
    selectAll: () => select((shot.value?.balls ?? []).map((ball) => ball.label)),
    changeDemand: (index: number, demand: DraftDemand, gesture?: string) => {
      changeShot((one) => edit.withDemand(one, index, demand), gesture)
    },
    addDemand: (demand: DraftDemand) => {
      selection.value = new Set()
      demandIndex.value = shot.value?.demands?.length ?? 0
      changeShot((one) => ({ ...one, demands: [...(one.demands ?? []), demand] }))
    },
    undo: history.undo,
    redo: history.redo,
  }

  /** After a conflict: go on from what the other window wrote. */
  function takeTheirs(other: Theirs): void {
    save.forget()
    save.begin(other.drill, other.revision, other.drill.version)
    history.begin(other.drill)
  }

  return {
    id,
    drill,
    at,
    station,
    shot,
    selection,
    demandIndex,
    held,
    snapping,
    caught,
    overlays,
    showsSights,
    tableId,
    drawing,
    geometry,
    problem,
    save,
    answers,
    shown,
    live,
    usual,
    shownWay,
    places,
    grips,
    leftBehind,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    open,
    change,
    changeShot,
    select,
    dragBall,
    takeTheirs,
    ...commands,
  }
}

/** The first of a grid of places with room for a ball, from the middle of the table. */
function freePlace(table: TableGeometry, taken: Point[]): Point {
  const room = 2 * table.objectBall.diameterMillimetres
  for (let ring = 0; ring < 12; ring++) {
    for (let step = -ring; step <= ring; step++) {
      const place = {
        xMillimetres: table.lengthMillimetres / 2 + step * room,
        yMillimetres: table.widthMillimetres / 2 + (ring % 2 ? -1 : 1) * Math.ceil(ring / 2) * room,
      }
      const free = taken.every(
        (one) =>
          Math.hypot(one.xMillimetres - place.xMillimetres, one.yMillimetres - place.yMillimetres) >= room,
      )
      if (free && place.yMillimetres > room && place.yMillimetres < table.widthMillimetres - room)
        return place
    }
  }
  return { xMillimetres: table.lengthMillimetres / 2, yMillimetres: table.widthMillimetres / 2 }
}

export type Bench = ReturnType<typeof createBench>

const BENCH: InjectionKey<Bench> = Symbol('bench')

export function provideBench(bench: Bench): void {
  provide(BENCH, bench)
}

export function useBench(): Bench {
  const bench = inject(BENCH)
  if (!bench) throw new Error('a part of the bench must stand on the bench page')
  return bench
}
