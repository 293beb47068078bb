<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Person, PlanBody } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import DateField from '@/shared/DateField.vue'
import NumberField from '@/shared/NumberField.vue'
import { BANDS, type Band } from './planBody'
import type { PlanDraft } from './usePlanDraft'

/** What a plan is asked for: name, students, time, day, how hard, in which order, with a test or without. */
const props = defineProps<{ plan: PlanDraft; everybody: Person[]; isCoach: boolean }>()
/** What has to be planned again for this change. */
const emit = defineEmits<{ again: [Partial<PlanBody>] }>()
const band = defineModel<Band>('band', { required: true })
const { t } = useI18n()
const draft = computed(() => props.plan.draft.value)
</script>

<template>
  <form v-if="draft" class="asked no-print" @submit.prevent>
    <label>
      {{ t('plan.name') }}
      <InputText
        :model-value="draft.title"
        maxlength="80"
        size="small"
        @change="plan.change({ title: ($event.target as HTMLInputElement).value })"
      />
    </label>
    <label v-if="isCoach && !draft.pattern">
      {{ t('recording.session.students') }}
      <MultiSelect
        :model-value="draft.studentIds"
        :options="everybody"
        option-label="name"
        option-value="id"
        :selection-limit="8"
        size="small"
        @update:model-value="(studentIds: string[]) => emit('again', { studentIds })"
      />
    </label>
    <NumberField
      :label="t('plan.minutesLabel')"
      :min="5"
      :max="600"
      :digits="0"
      :model-value="draft.minutes"
      @update:model-value="(minutes: number) => emit('again', { minutes })"
    />
    <DateField
      v-if="!draft.pattern"
      dense
      :label="t('plan.day')"
      :model-value="draft.onDay ?? ''"
      @update:model-value="(day) => plan.change({ onDay: day || undefined })"
    />
    <ChoiceField
      v-if="!draft.pattern"
      :model-value="band"
      :label="t('plan.difficulty')"
      :options="(Object.keys(BANDS) as Band[]).map((value) => ({ value, label: t(`plan.bands.${value}`) }))"
      @update:model-value="(one) => ((band = one ?? 'usual'), emit('again', {}))"
    />
    <ChoiceField
      :model-value="draft.mixed ? 'mixed' : 'blocked'"
      :label="t('plan.order')"
      :options="(['blocked', 'mixed'] as const).map((value) => ({ value, label: t(`plan.${value}`) }))"
      @update:model-value="(one) => plan.change({ mixed: one === 'mixed' })"
    />
    <label class="check">
      <Checkbox
        :model-value="draft.withTest"
        binary
        @update:model-value="(withTest: boolean) => emit('again', { withTest })"
      />
      {{ t('plan.withTest') }}
    </label>
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
label:not(.check) {
  display: grid;
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
.check {
  display: flex;
  gap: 10px;
  align-items: center;
  align-self: end;
  min-height: 44px;
}
</style>
