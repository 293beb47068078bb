<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Attempt } from '@/api/types'
import type { OutboxItem } from '@/device/outboxStorage'
import { useOutbox } from '@/device/useOutbox'

/** What the server refused: never dropped, a person decides. Where both sides changed an attempt, both are shown. */
const { t } = useI18n()
const outbox = useOutbox()

function theirs(item: OutboxItem): string {
  const stored = item.theirs ? (JSON.parse(item.theirs) as Attempt) : undefined
  return stored ? described(stored.attempt) : ''
}

function described(body: Attempt['attempt']): string {
  if (body.deleted) return t('recording.takenBack')
  const place = body.landing
    ? `, ${Math.round(body.landing.xMillimetres)} · ${Math.round(body.landing.yMillimetres)} mm`
    : ''
  return `${t(`outcome.${body.outcome}`)}${place}`
}
</script>

<template>
  <ul v-if="outbox.parkedCount" class="parked">
    <li v-for="item in outbox.parked" :key="item.id">
      <strong>{{ t('recording.refused') }}:</strong> {{ item.refusal }}
      <template v-if="item.theirs">
        {{ t('recording.both', { mine: described(item.body), theirs: theirs(item) }) }}
        <button type="button" class="link" @click="outbox.forget(item)">
          {{ t('recording.keepTheirs') }}
        </button>
        <button type="button" class="link" @click="outbox.writeOver(item)">
          {{ t('recording.keepMine') }}
        </button>
      </template>
      <button v-else type="button" class="link" @click="outbox.forget(item)">
        {{ t('recording.discard') }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.parked {
  margin: 0;
  padding-left: 18px;
  color: var(--brick-text);
}
.link {
  min-height: 40px;
}
</style>
