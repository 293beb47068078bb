<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useUnits } from '@/shared/units'
import type { ReadingKind } from '@/api/types'
import { useSound } from './useSound'

/** A stopwatch by tap: press at the mark, press at the end; or by ear, where the experiment makes a sound. */
const props = defineProps<{ kind: ReadingKind }>()
const seconds = defineModel<number | undefined>({ required: true })
const { t } = useI18n()
const { figure } = useUnits()
const LONGEST_MILLISECONDS = 120_000
const MILLISECONDS = 1000
const SHOW_EVERY_MILLISECONDS = 100

const startedAt = ref<number>()
const now = ref(0)
/** Why there is no time although one was begun. */
const lost = ref<'forgotten' | 'brokeOff'>()
let timer: ReturnType<typeof setInterval> | undefined

/** A slow roll makes no sound where it ends. */
const canHear = computed(() => props.kind !== 'ROLL')
/** A tip is heard; a ball that passes a mark is not. */
const beginsBySound = computed(() => props.kind === 'SLIDE' || props.kind === 'SIDE')
const sound = useSound(
  (at) => {
    if (!canHear.value) return
    if (startedAt.value === undefined && beginsBySound.value && seconds.value === undefined) start(at)
    else if (startedAt.value !== undefined) stop(at)
  },
  () => startedAt.value !== undefined && lose('brokeOff'),
)
watch(canHear, (can) => !can && sound.quiet())

const shown = computed(() => {
  if (startedAt.value !== undefined)
    return figure(Math.max(0, (now.value - startedAt.value) / MILLISECONDS), 1)
  return seconds.value === undefined ? '0.0' : figure(seconds.value, 2)
})
const label = computed(() =>
  startedAt.value !== undefined
    ? t('kit.checkPage.watch.stop')
    : t(`kit.checkPage.watch.${seconds.value === undefined ? 'start' : 'again'}`),
)

function start(at: number): void {
  seconds.value = undefined
  lost.value = undefined
  startedAt.value = at
  now.value = at
  timer = setInterval(tick, SHOW_EVERY_MILLISECONDS)
}

function stop(at: number): void {
  if (startedAt.value === undefined) return
  seconds.value = Math.max(0, at - startedAt.value) / MILLISECONDS
  end()
}

function end(): void {
  clearInterval(timer)
  startedAt.value = undefined
}

/** Nothing is heard after that until one asks for it again: the next sound would begin at the wrong end. */
function lose(why: 'forgotten' | 'brokeOff'): void {
  end()
  sound.quiet()
  lost.value = why
}

/** What went wrong before is over. */
function listen(): void {
  lost.value = undefined
  void sound.listen()
}

/** Somebody walked away from it. */
function tick(): void {
  now.value = performance.now()
  if (startedAt.value !== undefined && now.value - startedAt.value > LONGEST_MILLISECONDS) lose('forgotten')
}

/** The moment of the press itself, not of its handling. */
function press(event: Event): void {
  if (startedAt.value === undefined) start(event.timeStamp)
  else stop(event.timeStamp)
}

function onKey(event: KeyboardEvent): void {
  const where = event.target instanceof HTMLElement ? event.target : undefined
  if (
    event.code !== 'Space' ||
    event.repeat ||
    where?.closest('input, textarea, select, button, a, [role="dialog"]')
  )
    return
  event.preventDefault()
  press(event)
}
onMounted(() => document.addEventListener('keydown', onKey))
onUnmounted(() => {
  document.removeEventListener('keydown', onKey)
  clearInterval(timer)
})
</script>

<template>
  <div class="watch">
    <button
      type="button"
      class="key"
      :class="{ running: startedAt !== undefined }"
      @pointerdown.prevent="press"
      @click="$event.detail === 0 && press($event)"
      @keydown.enter.prevent="press"
      @keydown.space.prevent="press"
    >
      <span class="figures time" aria-live="off">{{ shown }}</span>
      <span
        >{{ label }} <kbd aria-hidden="true">{{ t('kit.checkPage.watch.space') }}</kbd></span
      >
    </button>
    <p v-if="lost" role="alert" class="bare small problem">{{ t(`kit.checkPage.watch.${lost}`) }}</p>
    <template v-if="canHear">
      <button
        type="button"
        class="choice-key"
        :aria-pressed="sound.listening.value"
        @click="sound.listening.value ? sound.quiet() : listen()"
      >
        {{ t(`kit.checkPage.watch.${sound.listening.value ? 'listening' : 'listen'}`) }}
      </button>
      <p v-if="sound.refused.value" role="status" class="bare small">
        {{ t('kit.checkPage.watch.noMicrophone') }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.watch {
  display: grid;
  gap: 8px;
}
.key {
  display: grid;
  place-items: center;
  min-height: 120px;
  border: 0;
  border-radius: 12px;
  background: var(--amber-lit);
  color: var(--on-amber);
  font: inherit;
  font-size: 18px;
  cursor: pointer;
  touch-action: none;
}
.key.running {
  background: var(--slate);
  color: var(--paper);
}
.time {
  font-size: 44px;
  line-height: 1;
}
</style>
