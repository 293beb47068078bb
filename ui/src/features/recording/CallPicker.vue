<script setup lang="ts">
import DialField from '@/shared/DialField.vue'
import Dialog from 'primevue/dialog'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { StrikeScale } from '@/api/types'
import { metresPerSecondToPace, paceToMetresPerSecond } from '@/shared/pace'
import { useNotation } from '@/shared/useNotation'
import type { Call } from './useArmed'

/** What is called before a shot: where the tip meets the ball, on a picture of it in steps of half a tip, and the pace. */
const props = defineProps<{
  scale: StrikeScale
  ballDiameterMillimetres: number
  /** What one begins with: the stroke that is usual here. */
  usual?: Call
}>()
const visible = defineModel<boolean>('visible', { required: true })
const call = defineModel<Call | undefined>('call')
const { t } = useI18n()
const notation = useNotation()

const height = ref(0)
const side = ref(0)
const pace = ref(3)
watch(
  visible,
  (open) => {
    if (!open) return
    const from = call.value ?? props.usual
    height.value = from?.tipHeightMillimetres ?? 0
    side.value = from?.tipSideMillimetres ?? 0
    pace.value = from ? metresPerSecondToPace(from.paceMetresPerSecond) : 3
  },
  { immediate: true },
)

const radius = computed(() => props.ballDiameterMillimetres / 2)
const step = computed(() => props.scale.tipDiameterMillimetres / 2)
const metresPerSecond = computed(() => Math.round(100 * paceToMetresPerSecond(pace.value)) / 100)
const words = computed(
  () =>
    `${notation.fullPace(metresPerSecond.value, props.scale)}, ${notation.tip(height.value, side.value, props.scale)}`,
)

/** To the nearest half tip that does not slip off. */
function put(wantedSide: number, wantedHeight: number): void {
  const to = (value: number) => Math.round(value / step.value) * step.value
  const far = Math.hypot(to(wantedSide), to(wantedHeight))
  if (far > props.scale.mostTipOffsetMillimetres) return
  side.value = to(wantedSide)
  height.value = to(wantedHeight)
}

function point(event: PointerEvent): void {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const perPixel = props.ballDiameterMillimetres / box.width
  put(
    (event.clientX - box.left - box.width / 2) * perPixel,
    -(event.clientY - box.top - box.height / 2) * perPixel,
  )
}

function press(event: KeyboardEvent): void {
  const ways: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  }
  if (event.key === 'Enter') {
    event.preventDefault()
    take()
    return
  }
  const way = ways[event.key]
  if (!way) return
  event.preventDefault()
  put(side.value + way[0] * step.value, height.value + way[1] * step.value)
}

function take(): void {
  call.value = {
    paceMetresPerSecond: metresPerSecond.value,
    tipHeightMillimetres: Math.round(100 * height.value) / 100,
    tipSideMillimetres: Math.round(100 * side.value) / 100,
  }
  visible.value = false
}

function takeAway(): void {
  call.value = undefined
  visible.value = false
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    :header="t('recording.call.title')"
    :style="{ width: 'min(440px, 96vw)' }"
  >
    <p class="words" aria-live="polite">{{ words }}</p>
    <svg
      :viewBox="`${-radius} ${-radius} ${2 * radius} ${2 * radius}`"
      tabindex="0"
      autofocus
      role="application"
      :aria-label="t('recording.call.ball')"
      @pointerdown="point"
      @keydown="press"
    >
      <circle :r="radius - 0.4" class="ball" />
      <circle :r="scale.mostTipOffsetMillimetres" class="limit" />
      <path :d="`M${-radius} 0 H${radius} M0 ${-radius} V${radius}`" class="cross" />
      <circle :cx="side" :cy="-height" :r="scale.tipDiameterMillimetres / 2" class="tip" />
    </svg>
    <DialField v-model="pace" :label="t('recording.call.pace')" :min="1" :max="10" :step="0.5" />
    <div class="act">
      <button type="button" class="main" @click="take">{{ t('recording.call.take') }}</button>
      <button type="button" @click="takeAway">{{ t('recording.call.none') }}</button>
    </div>
    <p class="small quiet">{{ t('recording.call.words') }}</p>
  </Dialog>
</template>

<style scoped>
.words {
  margin: 0 0 8px;
  font-size: 20px;
  font-weight: 600;
}
svg {
  display: block;
  width: min(260px, 70vw);
  margin: 0 auto 12px;
  cursor: crosshair;
  touch-action: none;
}
.ball {
  fill: var(--bone);
  stroke: var(--mark-ink);
  stroke-width: 0.5;
}
.limit {
  fill: none;
  stroke: var(--brick-text);
  stroke-width: 0.4;
  stroke-dasharray: 1.5 1.5;
}
.cross {
  stroke: var(--mark-ink);
  stroke-opacity: 0.25;
  stroke-width: 0.3;
}
.tip {
  fill: var(--tip);
  fill-opacity: 0.75;
  stroke: var(--mark-ink);
  stroke-width: 0.4;
}
.act {
  display: flex;
  gap: 10px;
}
.act button {
  flex: 1;
  min-height: 52px;
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}
.act .main {
  background: var(--amber-lit);
  color: var(--on-amber);
}
</style>
