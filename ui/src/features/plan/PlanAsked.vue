<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Person, PlanBody } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import DateField from '@/shared/DateField.vue'
import ManyField from '@/shared/ManyField.vue'
import NumberField from '@/shared/NumberField.vue'
import TextField from '@/shared/TextField.vue'
import AskedRow from './AskedRow.vue'
import OrderField from './OrderField.vue'
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
  <AskedRow v-if="draft">
    <TextField
      :label="t('plan.name')"
      :most="80"
      :model-value="draft.title"
      @update:model-value="(title) => plan.change({ title })"
    />
    <ManyField
      v-if="isCoach && !draft.pattern"
      :label="t('recording.session.students')"
      :options="everybody.map(({ id, name }) => ({ value: id, label: name }))"
      :most="8"
      :model-value="draft.studentIds"
      @update:model-value="(studentIds) => emit('again', { studentIds })"
    />
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
    <OrderField :model-value="draft.mixed" @update:model-value="(mixed) => plan.change({ mixed })" />
    <label class="check">
      <Checkbox
        :model-value="draft.withTest"
        binary
        @update:model-value="(withTest: boolean) => emit('again', { withTest })"
      />
      {{ t('plan.withTest') }}
    </label>
  </AskedRow>
</template>

<style scoped>
.check {
  display: flex;
  gap: 10px;
  align-items: center;
  align-self: end;
  min-height: 44px;
}
</style>
