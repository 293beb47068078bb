<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { AimingLine, AimingLines, Point } from '@/api/types'
import { pathOf, useFrame } from '@/table/tableFrame'
import { bearing, moved, normalDegrees, wayOf } from './geometry/plane'
import { useBench } from './useBench'

/** Aim and consequences of a straight pot; what is broad lies under the balls, what is fine over them. */
const props = defineProps<{ lines: AimingLines; part: 'under' | 'over' }>()
const bench = useBench()
const { t } = useI18n()
const frame = useFrame()

const WINDOW_REACH_MILLIMETRES = 4_000
const cue = computed(() => bench.shown.value?.shot.balls.find((ball) => ball.role === 'CUE'))
const pot = computed(() => bench.shown.value?.shot.pot)
const object = computed(() => {
  const label = bench.shown.value?.shot.demands.find((demand) => demand.kind === 'POT')?.balls?.[0]
  return bench.shown.value?.shot.balls.find((ball) => ball.label === label)
})
const ghost = computed(() => frame.value.tableToSvg(props.lines.ghostBall))
const contact = computed(() => frame.value.tableToSvg(props.lines.contactPoint))

function path(...points: (Point | undefined)[]): string {
  return pathOf(
    frame.value,
    points.filter((point): point is Point => point !== undefined),
    false,
  )
}

/** The directions that pot, as a wedge from the object ball to the pocket. */
const window = computed(() => {
  const from = object.value?.at.place
  if (!from || !pot.value) return ''
  const reach = Math.min(
    WINDOW_REACH_MILLIMETRES,
    Math.hypot(
      pot.value.objectPathEnd.xMillimetres - from.xMillimetres,
      pot.value.objectPathEnd.yMillimetres - from.yMillimetres,
    ),
  )
  const edge = (degrees: number) => moved(from, wayOf(degrees), reach)
  return pathOf(
    frame.value,
    [from, edge(props.lines.windowLowerDegrees), edge(props.lines.windowUpperDegrees)],
    true,
  )
})

/** The aims that pot, as a wedge from the cue ball to the ghost ball. */
const allowance = computed(() => {
  const from = cue.value?.at.place
  if (!from) return ''
  const ghostAt = props.lines.ghostBall
  const reach = Math.hypot(ghostAt.xMillimetres - from.xMillimetres, ghostAt.yMillimetres - from.yMillimetres)
  const edge = (degrees: number) => moved(from, wayOf(degrees), reach)
  return pathOf(
    frame.value,
    [from, edge(props.lines.aimLowerDegrees), edge(props.lines.aimUpperDegrees)],
    true,
  )
})

/** What draw to follow can reach: round from full follow by the natural roll to full draw, cushion to cushion. */
const fan = computed(() => {
  const { fullDraw, fullFollow, ghostBall } = props.lines
  const table = bench.geometry.value
  if (!table) return ''
  const from = fullFollow.degrees
  const turn = normalDegrees(fullDraw.degrees - from)
  const corners: Point[] = cornersBetween(ghostBall, from, turn)
  return pathOf(frame.value, [ghostBall, fullFollow.place, ...corners, fullDraw.place], true)
})

/** Corners of the bed that the fan sweeps over, in its order. */
function cornersBetween(centre: Point, fromDegrees: number, turnDegrees: number): Point[] {
  const table = bench.geometry.value
  if (!table) return []
  const nose = table.cueBall.noseDistanceMillimetres
  const xs = [nose, table.lengthMillimetres - nose]
  const ys = [nose, table.widthMillimetres - nose]
  return xs
    .flatMap((xMillimetres) => ys.map((yMillimetres) => ({ xMillimetres, yMillimetres })))
    .map((corner) => {
      const turn = normalDegrees(bearing(centre, corner) - fromDegrees)
      return { corner, turn: turnDegrees < 0 ? -turn : turn }
    })
    .filter(({ turn }) => turn > 0 && turn < Math.abs(turnDegrees))
    .sort((one, other) => one.turn - other.turn)
    .map(({ corner }) => corner)
}

const marked = computed(() =>
  [
    { kind: 'tangent', line: props.lines.tangent },
    { kind: 'roll', line: props.lines.naturalRoll },
  ].flatMap(({ kind, line }) => (line ? [{ kind, line, ...label(line) }] : [])),
)

/** Where a cushion point's number stands: a little inside of where the ball meets the cushion. */
function label(line: AimingLine) {
  const at = moved(line.place, wayOf(line.degrees), -26 * frame.value.millimetresPerPixel)
  return { at: frame.value.tableToSvg(at), end: frame.value.tableToSvg(line.place) }
}

const dangers = computed(() =>
  props.lines.dangers.flatMap((danger) => {
    const pocket = bench.geometry.value?.pockets.find((one) => one.name === danger.pocket)
    return pocket
      ? [
          {
            ...danger,
            ...frame.value.tableToSvg(pocket.captureCentre),
            r: pocket.captureRadiusMillimetres + 14,
          },
        ]
      : []
  }),
)
const fontSize = computed(() => 13 * frame.value.millimetresPerPixel)
</script>

<template>
  <g v-if="part === 'under'" class="aiming">
    <path v-if="bench.overlays.fan" :d="fan" class="fan" />
    <template v-if="bench.overlays.window">
      <path :d="window" :class="['window', { mouthOnly: !lines.windowIsClean }]" />
      <path :d="allowance" class="window" />
    </template>
    <template v-if="bench.overlays.danger">
      <circle
        v-for="danger in dangers"
        :key="danger.pocket"
        :cx="danger.x"
        :cy="danger.y"
        :r="danger.r"
        :class="['danger', danger.leads]"
      >
        <title>{{ t(`bench.danger.${danger.leads}`) }}</title>
      </circle>
    </template>
  </g>
  <g v-else class="aiming">
    <template v-if="bench.overlays.lines">
      <g v-for="{ kind, line, at, end } in marked" :key="kind">
        <path :d="path(lines.ghostBall, line.place)" :class="kind" />
        <circle :cx="end.x" :cy="end.y" r="9" :class="['end', kind]" />
        <text v-if="bench.showsSights.value" :x="at.x" :y="at.y" :font-size="fontSize" class="number">
          {{ line.sights.toFixed(1) }}
        </text>
      </g>
    </template>
    <template v-if="bench.overlays.aim">
      <path :d="path(cue?.at.place, lines.ghostBall)" class="aim" />
      <path :d="path(object?.at.place, pot?.objectPathEnd)" class="pot" />
      <circle
        v-if="cue"
        :cx="ghost.x"
        :cy="ghost.y"
        :r="cue.diameterMillimetres / 2"
        class="ghost"
        data-mark="ghost"
      />
      <circle :cx="contact.x" :cy="contact.y" r="7" class="contact" />
    </template>
  </g>
</template>

<style scoped>
.aiming {
  pointer-events: none;
}
path {
  fill: none;
}
.fan {
  fill: var(--bone);
  fill-opacity: 0.09;
}
.window {
  fill: var(--amber-lit);
  fill-opacity: 0.3;
}
.mouthOnly {
  fill: var(--object-path);
}
.danger {
  fill: none;
  stroke: var(--danger-line);
  stroke-width: 10;
}
.danger.SOME_SPIN {
  stroke-width: 5;
  stroke-dasharray: 12 12;
}
.tangent {
  stroke: var(--aim-line);
  stroke-width: 4;
  stroke-dasharray: 6 10;
}
.roll {
  stroke: var(--aim-line);
  stroke-width: 4;
}
.end {
  fill: var(--aim-line);
  stroke: none;
}
.number {
  fill: var(--aim-lit);
  stroke: var(--mark-ink);
  stroke-width: 7;
  paint-order: stroke;
  text-anchor: middle;
  dominant-baseline: central;
  font-weight: 600;
}
.aim {
  stroke: var(--bone);
  stroke-width: 5;
  stroke-dasharray: 18 14;
}
.pot {
  stroke: var(--object-path);
  stroke-width: 3;
}
.ghost {
  fill: none;
  stroke: var(--bone);
  stroke-width: 3;
  stroke-dasharray: 8 7;
}
.contact {
  fill: var(--amber-lit);
}
</style>
