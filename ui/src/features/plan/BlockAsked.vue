<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { BlockBody } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import DateField from '@/shared/DateField.vue'
import ManyField from '@/shared/ManyField.vue'
import NumberField from '@/shared/NumberField.vue'
import TextField from '@/shared/TextField.vue'
import { useLoad } from '@/shared/useLoad'
import AskedRow from './AskedRow.vue'
import OrderField from './OrderField.vue'

/** What a block is asked for. */
const props = defineProps<{ body: BlockBody }>()
const emit = defineEmits<{ changed: [BlockBody] }>()
const { t } = useI18n()
const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const
const SKILLS = ['POTTING', 'STUN', 'DRAW', 'FOLLOW', 'POSITION', 'SIDE', 'SAFETY'] as const
const NONE = 'none'

const drills = useLoad(() => answer(api.GET('/api/v1/drills')))
onMounted(drills.reload)
const shots = computed(() => [
  { value: NONE, label: t('plan.block.noNewShot') },
  ...(drills.data.value?.drills ?? []).map(({ drill }) => ({ value: drill.id, label: drill.title })),
])

function change(part: Partial<BlockBody>): void {
  emit('changed', { ...props.body, ...part })
}
</script>

<template>
  <AskedRow>
    <TextField
      :label="t('plan.name')"
      :most="80"
      :model-value="body.title"
      @update:model-value="(title) => change({ title })"
    />
    <DateField
      dense
      :model-value="body.beginsOn"
      :label="t('plan.block.beginsOn')"
      @update:model-value="(day) => day && change({ beginsOn: day })"
    />
    <ChoiceField
      :model-value="String(body.weeks)"
      :label="t('plan.block.weeks')"
      :options="['3', '4'].map((value) => ({ value, label: value }))"
      @update:model-value="(weeks) => change({ weeks: Number(weeks) })"
    />
    <ManyField
      :model-value="body.weekdays"
      :label="t('plan.block.weekdays')"
      :options="DAYS.map((value) => ({ value, label: t(`plan.block.day.${value}`) }))"
      @update:model-value="(weekdays) => weekdays.length && change({ weekdays })"
    />
    <NumberField
      :model-value="body.minutes"
      :label="t('plan.block.minutes')"
      :min="10"
      :max="600"
      :digits="0"
      @update:model-value="(minutes) => change({ minutes: Math.round(minutes) })"
    />
    <ManyField
      :model-value="body.focus"
      :label="t('plan.block.focus')"
      :options="SKILLS.map((value) => ({ value, label: t(`skill.${value}`) }))"
      :most="3"
      :placeholder="t('plan.block.noFocus')"
      @update:model-value="(focus) => change({ focus })"
    />
    <ChoiceField
      :model-value="body.newShot ?? NONE"
      :label="t('plan.block.newShot')"
      :options="shots"
      @update:model-value="(id) => change({ newShot: id === NONE ? undefined : id })"
    />
    <NumberField
      v-if="body.newShot"
      :model-value="body.newMinutes"
      :label="t('plan.block.newMinutes')"
      :min="1"
      :max="30"
      :digits="0"
      @update:model-value="(newMinutes) => change({ newMinutes: Math.round(newMinutes) })"
    />
    <OrderField :model-value="body.mixed" @update:model-value="(mixed) => change({ mixed })" />
  </AskedRow>
</template>
