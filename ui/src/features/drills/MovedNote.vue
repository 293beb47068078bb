<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import ChoiceField from '@/shared/ChoiceField.vue'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import type { WrittenShot } from './useUsualStroke'

/** How far the usual stroke's landing moves because this table was measured, and the way to see the shot as on a usual one. */
const props = defineProps<{ place: WrittenShot }>()
const preset = defineModel<boolean>({ required: true })
const { t } = useI18n()
const { length } = useUnits()
/** Less nobody sees. */
const SEEN_MILLIMETRES = 10

const { data, reload } = useLoad(async () => {
  const { drillId, tableId, station, shot, mirrored } = props.place
  const query = { tableId, station, shot, mirrored }
  return await answer(
    api.GET('/api/v1/drills/{id}/moved-landing', { params: { path: { id: drillId }, query } }),
  )
})
const asked = computed(() => JSON.stringify({ ...props.place, preset: false }))
watch(asked, reload, { immediate: true })

const sentence = computed(() => {
  const moved = data.value
  if (!moved?.measured) return ''
  if (!moved.pots) return t('kit.moved.noPot')
  if (moved.longMillimetres === undefined || moved.leftMillimetres === undefined) return ''
  const { longMillimetres: far, leftMillimetres: left } = moved
  const long = t(`kit.moved.${far > 0 ? 'long' : 'short'}`, { n: length(Math.abs(far)) })
  const aside = t(`kit.moved.${left > 0 ? 'left' : 'right'}`, { n: length(Math.abs(left)) })
  const isFar = Math.abs(far) >= SEEN_MILLIMETRES
  const isAside = Math.abs(left) >= SEEN_MILLIMETRES
  if (isFar && isAside) return t('kit.moved.both', { long, aside })
  if (isFar) return t('kit.moved.one', { what: long })
  return isAside ? t('kit.moved.oneAside', { what: aside }) : t('kit.moved.nothing')
})
const ways = computed(() => [
  { value: 'measured', label: t('kit.moved.measured') },
  { value: 'preset', label: t('kit.moved.preset') },
])
</script>

<template>
  <div v-if="data?.measured" class="moved">
    <p class="bare" role="note">{{ sentence }}</p>
    <ChoiceField
      class="no-print"
      :model-value="preset ? 'preset' : 'measured'"
      :label="t('kit.moved.which')"
      :options="ways"
      @update:model-value="(way: string | undefined) => (preset = way === 'preset')"
    />
  </div>
</template>

<style scoped>
.moved {
  display: grid;
  gap: 8px;
  margin-bottom: 12px;
  padding-left: 10px;
  border-left: 4px solid var(--amber);
}
</style>
