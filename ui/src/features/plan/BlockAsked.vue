<script setup lang="ts">
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { BlockBody } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import DateField from '@/shared/DateField.vue'
import NumberField from '@/shared/NumberField.vue'
import { useLoad } from '@/shared/useLoad'

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
  <form class="asked no-print" @submit.prevent>
    <label>
      {{ t('plan.name') }}
      <InputText
        :model-value="body.title"
        maxlength="80"
        size="small"
        @change="change({ title: ($event.target as HTMLInputElement).value })"
      />
    </label>
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
    <label>
      {{ t('plan.block.weekdays') }}
      <MultiSelect
        :model-value="body.weekdays"
        :options="DAYS.map((value) => ({ value, label: t(`plan.block.day.${value}`) }))"
        option-label="label"
        option-value="value"
        size="small"
        @update:model-value="(weekdays) => weekdays.length && change({ weekdays })"
      />
    </label>
    <NumberField
      :model-value="body.minutes"
      :label="t('plan.block.minutes')"
      :min="10"
      :max="600"
      :digits="0"
      @update:model-value="(minutes) => change({ minutes: Math.round(minutes) })"
    />
    <label>
      {{ t('plan.block.focus') }}
      <MultiSelect
        :model-value="body.focus"
        :options="SKILLS.map((value) => ({ value, label: t(`skill.${value}`) }))"
        option-label="label"
        option-value="value"
        :selection-limit="3"
        :placeholder="t('plan.block.noFocus')"
        size="small"
        @update:model-value="(focus) => change({ focus })"
      />
    </label>
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
    <ChoiceField
      :model-value="body.mixed ? 'mixed' : 'blocked'"
      :label="t('plan.order')"
      :options="(['blocked', 'mixed'] as const).map((value) => ({ value, label: t(`plan.${value}`) }))"
      @update:model-value="(one) => change({ mixed: one === 'mixed' })"
    />
  </form>
</template>

<style scoped>
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: start;
  margin: 12px 0;
}
label {
  display: grid;
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
</style>
