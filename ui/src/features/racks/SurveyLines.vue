<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LayoutSurvey } from '@/api/types'
import { percent } from '@/shared/units'
import { useRackWords } from './useRackWords'

/** What can be seen of a layout: what is trouble first, then one short line a ball. */
const props = defineProps<{ survey: LayoutSurvey }>()
const { t } = useI18n()
const words = useRackWords()

const trouble = computed(() => props.survey.balls.filter(({ problem }) => problem).map(({ id }) => id))
const key = computed(() =>
  props.survey.keys.reduce<LayoutSurvey['keys'][number] | undefined>(
    (best, one) => (!best || one.chance > best.chance ? one : best),
    undefined,
  ),
)
/** Balls that have no pocket, and what would open one. */
function opener(id: string): string[] {
  return props.survey.balls.filter(({ opens }) => opens.includes(id)).map((ball) => ball.id)
}
function line(ball: LayoutSurvey['balls'][number]): string {
  const best = ball.pockets[0]
  if (!best) {
    const opens = opener(ball.id)
    return opens.length ? t('racks.closedBy', { balls: words.list(opens) }) : t('racks.closed')
  }
  return t('racks.open', {
    pocket: words.pocket(best.pocket),
    best: percent(best.chanceFromBest),
    usual: percent(best.chanceFromUsual),
    more: Math.max(0, ball.pockets.length - 1),
  })
}
</script>

<template>
  <section>
    <h2>{{ t('racks.survey') }}</h2>
    <p v-if="trouble.length" class="bare trouble">
      {{ t('racks.trouble', { balls: words.list(trouble) }, trouble.length) }}
    </p>
    <p v-for="cluster in survey.clusters" :key="cluster.join()" class="bare">
      {{ t('racks.cluster', { balls: words.list(cluster) }) }}
    </p>
    <p v-if="!trouble.length && !survey.clusters.length" class="bare">{{ t('racks.noTrouble') }}</p>
    <p v-if="key" class="bare">
      {{
        t('racks.key', {
          key: words.ball(key.key),
          last: words.ball(key.last),
          pocket: words.pocket(key.pocket),
          n: percent(key.chance),
        })
      }}
    </p>
    <details>
      <summary>{{ t('racks.ballByBall') }}</summary>
      <ul class="bare small">
        <li v-for="ball in survey.balls" :key="ball.id">
          <strong>{{ words.ball(ball.id) }}</strong> {{ line(ball) }}
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.trouble {
  color: var(--brick-text);
  font-weight: 600;
}
details {
  margin-top: 6px;
}
li {
  padding: 3px 0;
}
</style>
