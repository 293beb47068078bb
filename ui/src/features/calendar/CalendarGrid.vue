<script setup lang="ts">
import { Calendar as Grid, type EventApi, type EventDropArg } from '@fullcalendar/core'
import dayGrid from '@fullcalendar/daygrid'
import interaction, { type DateClickArg, type EventResizeDoneArg } from '@fullcalendar/interaction'
import list from '@fullcalendar/list'
import timeGrid from '@fullcalendar/timegrid'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Calendar, EntryBody, Occurrence } from '@/api/types'
import { bodyOf, hourOf, MINUTES_PER_DAY } from './entryBody'
import type { Span } from './useCalendar'
import { useGridEvents } from './useGridEvents'

/**
 * A month, a week, or on a phone a list. Hours are those of the club's wall, so the component is told that everything is in Greenwich and
 * never turns a clock itself.
 */
const props = defineProps<{ calendar: Calendar; span: Span; anchor: string; narrow: boolean }>()
const emit = defineEmits<{
  open: [Occurrence]
  openPlan: [string]
  week: [day: string]
  pick: [day: string, at: string | undefined]
  move: [Occurrence, EntryBody, when: string]
  movePlan: [Calendar['plans'][number], day: string, when: string]
}>()
const { t } = useI18n()
const { events, firstHour } = useGridEvents(props)
const place = ref<HTMLElement>()
let grid: Grid | undefined
const MILLISECONDS_PER_MINUTE = 60_000

/** An entry where the component has put it. */
function putTo(event: EventApi, one: Occurrence): EntryBody {
  const body = bodyOf(one)
  body.firstDay = event.startStr.slice(0, 'yyyy-mm-dd'.length)
  if (event.allDay) return body
  body.startsAt = event.startStr.slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm:ss'.length)
  if (event.start && event.end)
    body.minutes = (event.end.getTime() - event.start.getTime()) / MILLISECONDS_PER_MINUTE
  return body
}

function when(event: EventApi): string {
  const day = event.start?.toLocaleDateString('en', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  })
  return [day, event.allDay ? '' : hourOf(event.startStr.slice('yyyy-mm-ddT'.length))]
    .filter(Boolean)
    .join(', ')
}

/** The server says where it stands; until it has answered it stays where it was. */
function changed(arg: EventDropArg | EventResizeDoneArg): void {
  const { one, plan } = arg.event.extendedProps as {
    one?: Occurrence
    plan?: Calendar['plans'][number]
  }
  const toAnotherKind = arg.event.allDay !== arg.oldEvent.allDay
  const body = one && putTo(arg.event, one)
  const words = when(arg.event)
  const day = arg.event.startStr.slice(0, 'yyyy-mm-dd'.length)
  arg.revert()
  if (toAnotherKind) return
  if (plan) emit('movePlan', plan, day, words)
  if (one && body) emit('move', one, body, words)
}

function picked(arg: DateClickArg): void {
  emit(
    'pick',
    arg.dateStr.slice(0, 'yyyy-mm-dd'.length),
    arg.allDay ? undefined : hourOf(arg.dateStr.slice('yyyy-mm-ddT'.length)),
  )
}

const view = computed(() =>
  props.narrow
    ? props.span === 'month'
      ? 'listMonth'
      : 'listWeek'
    : props.span === 'month'
      ? 'dayGridMonth'
      : 'timeGridWeek',
)

/** Drawn by the component itself, since its cover for Vue looks through every entry at each change. */
onMounted(() => {
  if (!place.value) return
  grid = new Grid(place.value, {
    plugins: [dayGrid, timeGrid, list, interaction],
    initialView: view.value,
    initialDate: props.anchor,
    timeZone: 'UTC',
    now: () => props.calendar.today,
    headerToolbar: false,
    firstDay: 1,
    height: 'auto',
    eventContent: ({ event }) => ('more' in event.extendedProps ? event.title : true),
    slotMinTime: firstHour.value,
    slotMaxTime: '24:00:00',
    views: { timeGridWeek: { dayHeaderFormat: { weekday: 'short', day: 'numeric', month: 'short' } } },
    slotDuration: '00:30:00',
    allDayText: t('calendar.wholeDay'),
    noEventsText: t('calendar.nothing'),
    eventTimeFormat: { hour: '2-digit', minute: '2-digit', hour12: false },
    slotLabelFormat: { hour: '2-digit', minute: '2-digit', hour12: false },
    defaultTimedEventDuration: { minutes: MINUTES_PER_DAY / 24 },
    eventInteractive: true,
    events: (_days, show) => show(events.value),
    eventClick: ({ event }) => {
      const { one, plan, more } = event.extendedProps as {
        one?: Occurrence
        plan?: { planId: string }
        more?: string
      }
      if (more) emit('week', more)
      if (plan) emit('openPlan', plan.planId)
      if (one) emit('open', one)
    },
    eventDidMount: ({ el, event }) => {
      el.title = (event.extendedProps as { hint: string }).hint
    },
    eventDrop: changed,
    eventResize: changed,
    dateClick: picked,
  })
  grid.render()
})
onBeforeUnmount(() => grid?.destroy())

/** All at once, or it would be drawn for each. */
watch([view, firstHour, () => props.anchor, events], ([name, hour, day], [nameBefore, , dayBefore]) => {
  grid?.batchRendering(() => {
    grid?.setOption('slotMinTime', hour)
    if (name !== nameBefore || day !== dayBefore) grid?.changeView(name, day)
    grid?.refetchEvents()
  })
})
</script>

<template>
  <div ref="place" class="grid"></div>
</template>

<style scoped>
.grid {
  --fc-border-color: var(--hairline);
  --fc-page-bg-color: var(--paper);
  --fc-neutral-bg-color: var(--paper-raised);
  --fc-list-event-hover-bg-color: var(--paper-raised);
  --fc-today-bg-color: var(--paper-raised);
  --fc-event-text-color: var(--ink);
  --fc-event-bg-color: var(--paper-raised);
  --fc-event-border-color: var(--slate);
  --fc-small-font-size: 14px;
  color: var(--ink);
}
.grid :deep(a) {
  color: inherit;
  text-decoration: none;
}
.grid :deep(.fc-event) {
  border-left-width: 4px;
  border-left-style: solid;
  border-left-color: var(--slate);
  background: var(--paper-raised);
  cursor: pointer;
}
.grid :deep(.fc-event-title) {
  font-weight: 600;
}
.grid :deep(.fc-daygrid-event-dot) {
  display: none;
}
.grid :deep(.fc-event .fc-event-title),
.grid :deep(.fc-event .fc-event-time),
.grid :deep(.fc-event .fc-event-main) {
  color: var(--ink);
}
.grid :deep(.kind-lesson) {
  border-left-color: var(--amber);
}
.grid :deep(.kind-plan) {
  background: none;
}
.grid :deep(.fc-day-other .fc-daygrid-day-top) {
  opacity: 1;
  color: var(--ink-second);
}
.grid :deep(.kind-holiday),
.grid :deep(.kind-busy),
.grid :deep(.kind-taken) {
  border-left-color: var(--edge);
  color: var(--ink-second);
}
.grid :deep(.clash) {
  border-left-color: var(--brick);
}
.grid :deep(.more) {
  border-left-color: transparent;
  background: none;
  text-decoration: underline;
}
.grid :deep(.fc-day-today .fc-daygrid-day-number),
.grid :deep(.fc-day-today .fc-col-header-cell-cushion) {
  font-weight: 700;
}
</style>
