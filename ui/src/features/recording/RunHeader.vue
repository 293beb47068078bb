<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Rule, Standing } from '@/api/types'

/** What is played, where one stands with the rule, and the way on; readable from two metres. */
const props = defineProps<{
  title: string
  /** Whose turn it is, where several take turns. */
  student?: string
  stationName: string
  station: number
  stations: number
  mirrored: boolean
  rule: Rule
  standing?: Standing
  /** What is changed on purpose in an explore drill. */
  explores?: 'PACE' | 'HEIGHT' | 'SIDE'
  /** Where it goes on when every station is passed. */
  endsAt: string
}>()
const emit = defineEmits<{ go: [station: number, mirrored: boolean] }>()

const dots = computed(() =>
  Array.from({ length: props.rule.successes }, (_, i) => i < (props.standing?.reached ?? 0)),
)
/** Of the limit a session has. */
const triesLeft = computed(() =>
  props.standing && !props.standing.capReached ? props.standing.capTries - props.standing.tries : undefined,
)
const next = computed(() => {
  const step = props.standing?.next
  return step?.why === 'PASSED' ? step : undefined
})
</script>

<template>
  <header class="run">
    <h1>
      <span v-if="student" class="turn">{{ student }}</span><span>{{ title }}</span>
    </h1>
    <div class="where">
      <button
        type="button"
        class="step"
        :aria-label="`${$t('recording.help.station')} −`"
        :disabled="station === 0"
        @click="emit('go', station - 1, mirrored)"
      >
        ‹
      </button>
      <span class="station"
        >{{ $t('recording.station', { n: station + 1, of: stations })
        }}<span class="name"> · {{ stationName }}</span></span
      >
      <button
        type="button"
        class="step"
        :aria-label="`${$t('recording.help.station')} +`"
        :disabled="station === stations - 1"
        @click="emit('go', station + 1, mirrored)"
      >
        ›
      </button>
      <button type="button" class="side" :aria-pressed="mirrored" @click="emit('go', station, !mirrored)">
        {{ mirrored ? $t('recording.mirror') : $t('recording.original') }}
      </button>
    </div>
    <div class="rule" data-testid="run">
      <span v-if="explores">{{ $t(`recording.explore.${explores}`) }}</span>
      <template v-else-if="standing?.passed">
        <strong>{{ $t('recording.passed') }}</strong>
        <Button
          v-if="next"
          :label="next.station === station ? $t('recording.nextMirror') : $t('recording.nextStation')"
          @click="emit('go', next.station, next.mirrored)"
        />
        <RouterLink v-else :to="endsAt">{{ $t('recording.finished') }}</RouterLink>
      </template>
      <template v-else>
        <span>{{ $t(`rule.${rule.kind}`, { successes: rule.successes, outOf: rule.outOf ?? 0 }) }}</span>
        <span
          class="dots"
          role="img"
          :aria-label="$t('recording.run', { reached: standing?.reached ?? 0, needed: rule.successes })"
        >
          <span v-for="(full, i) in dots" :key="i" :class="{ full }" />
        </span>
        <span v-if="triesLeft !== undefined" class="small quiet figures">{{
          $t('recording.triesLeft', triesLeft)
        }}</span>
      </template>
    </div>
    <p v-if="standing?.next.why === 'CAP'" class="cap" role="status">
      {{ $t('recording.cap', { n: standing.capTries }) }}
    </p>
  </header>
</template>

<style scoped>
.run {
  position: relative;
  display: flex;
  align-items: center;
  gap: 6px 24px;
  flex-wrap: wrap;
  min-height: 44px;
}
h1 {
  font-size: 28px;
}
.turn {
  margin-right: 14px;
  padding: 0 12px;
  border-radius: 6px;
  background: var(--amber-lit);
  color: var(--on-amber);
}
.where {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 20px;
}
.name {
  color: var(--ink-second);
}
.step,
.side {
  min-width: 44px;
  min-height: 44px;
  border: 1.5px solid var(--edge);
  border-radius: 8px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 20px;
  cursor: pointer;
}
.side {
  padding: 0 12px;
  font-weight: 700;
}
.side[aria-pressed='true'] {
  background: var(--slate);
  color: var(--paper);
}
.step:disabled {
  opacity: 0.35;
}
.rule {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 12px;
  font-size: 22px;
}
.dots {
  display: flex;
  gap: 6px;
}
.dots span {
  width: 20px;
  height: 20px;
  border: 2.5px solid var(--ink);
  border-radius: 50%;
}
.dots .full {
  background: var(--ink);
}
/* Laid over the wood below: the table must not move when the last try is recorded. */
.cap {
  position: absolute;
  top: 100%;
  left: 0;
  z-index: 1;
  margin: 0;
  padding: 2px 12px;
  background: var(--paper-raised);
  border-left: 4px solid var(--brick);
  color: var(--brick-text);
  font-weight: 600;
}
@media (max-width: 620px) {
  .run {
    gap: 2px 8px;
  }
  h1 {
    font-size: 19px;
    flex: 1 1 auto;
  }
  .name {
    display: none;
  }
  .where {
    font-size: 15px;
    order: 3;
    flex-basis: 100%;
  }
  .side {
    margin-left: auto;
    font-size: 15px;
  }
  .rule {
    font-size: 15px;
    gap: 6px;
  }
  .dots span {
    width: 13px;
    height: 13px;
    border-width: 2px;
  }
}
</style>
