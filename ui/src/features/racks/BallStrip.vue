<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { RackGame } from '@/api/types'
import { ballLook } from './ballLook'
import { useRackWords } from './useRackWords'

/** The balls that are not on the table: the next tap on the cloth places the one that is lit. */
defineProps<{ game: RackGame; balls: string[]; next?: string }>()
const emit = defineEmits<{ choose: [id: string] }>()
const { t } = useI18n()
const words = useRackWords()
</script>

<template>
  <div class="strip" role="group" :aria-label="t('racks.strip')">
    <button
      v-for="id in balls"
      :key="id"
      type="button"
      :aria-pressed="id === next"
      :aria-label="words.ball(id)"
      :class="{ next: id === next, ringed: ballLook(game, id).ringed }"
      @click="emit('choose', id)"
    >
      <span :style="{ background: ballLook(game, id).fill }">{{ ballLook(game, id).text }}</span>
    </button>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
}
button {
  width: 46px;
  height: 46px;
  padding: 4px;
  border: 3px solid transparent;
  border-radius: 50%;
  background: none;
  cursor: pointer;
}
button.next {
  border-color: var(--amber);
}
span {
  display: grid;
  place-items: center;
  width: 100%;
  height: 100%;
  border-radius: 50%;
  color: var(--chalk);
  font-weight: 700;
}
.ringed span {
  box-shadow: inset 0 0 0 3px var(--bone);
}
</style>
