<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import type { EntryBody, EntryScope, Occurrence, Person, TableName } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import DateField from '@/shared/DateField.vue'
import ManyField from '@/shared/ManyField.vue'
import NumberField from '@/shared/NumberField.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { dateOf } from '@/shared/days'
import { useClosing } from '@/shared/useClosing'
import { type EntryKind, hourOf, MINUTES_PER_DAY } from './entryBody'

/** One entry: to look at, to change, or a new one. */
const props = defineProps<{
  body: EntryBody
  stands?: Occurrence
  kinds: EntryKind[]
  everybody: Person[]
  tables: TableName[]
  headCoach: boolean
  busy: boolean
  problem: string
}>()
const emit = defineEmits<{
  save: [EntryBody, EntryScope]
  remove: [EntryScope]
  close: []
}>()
const { t } = useI18n()
const id = useId()
const close = useClosing(
  () => props.busy,
  () => props.problem,
  () => emit('close'),
)
const USUAL_MINUTES = 60
const USUAL_AT = '18:00'
const USUAL_WEEKS_ON = 70

const draft = reactive<EntryBody>({ ...props.body, studentIds: [...props.body.studentIds] })
const wholeDay = ref(!props.body.startsAt)
const repeats = ref(props.body.everyWeeks !== undefined)
const at = ref(hourOf(props.body.startsAt ?? USUAL_AT))
const minutes = ref(props.body.startsAt ? props.body.minutes : USUAL_MINUTES)
const days = ref(props.body.startsAt ? 1 : Math.max(1, Math.round(props.body.minutes / MINUTES_PER_DAY)))
const weeks = ref(props.body.everyWeeks ?? 1)
const until = ref(props.body.until ?? laterDay(props.body.firstDay))
const scope = ref<EntryScope>('ONE')
/** Escape closes the list of students first, and not all that was typed with it. */
const choosing = ref(false)
const mine = computed(() => props.stands?.mine !== false)
const withStudents = computed(() => draft.kind === 'LESSON' || draft.kind === 'PRACTICE')

/** One time by itself repeats no more, so there is nothing to ask about it. */
const isOneOfSeries = computed(() => props.stands?.everyWeeks !== undefined && scope.value === 'ONE')

const heading = computed(() =>
  props.stands
    ? t('calendar.editTitle', {
        kind: t(`calendar.kind.${props.stands.kind}`),
        day: dateOf(props.stands.day).toLocaleDateString('en', {
          weekday: 'long',
          day: 'numeric',
          month: 'long',
        }),
      })
    : t('calendar.newTitle'),
)

function laterDay(day: string): string {
  const later = dateOf(day)
  later.setDate(later.getDate() + USUAL_WEEKS_ON)
  return later.toLocaleDateString('sv')
}

function setKind(kind: EntryKind | undefined): void {
  if (!kind) return
  if (draft.title === t(`calendar.usualTitle.${draft.kind}`)) draft.title = t(`calendar.usualTitle.${kind}`)
  draft.kind = kind
  wholeDay.value = kind === 'HOLIDAY'
}

function save(): void {
  emit(
    'save',
    {
      ...draft,
      studentIds: withStudents.value ? draft.studentIds : [],
      everyone: draft.kind === 'HOLIDAY' && draft.everyone,
      tableId: draft.kind === 'HOLIDAY' ? undefined : draft.tableId,
      startsAt: wholeDay.value ? undefined : `${at.value}:00`,
      minutes: wholeDay.value ? days.value * MINUTES_PER_DAY : minutes.value,
      everyWeeks: repeats.value ? weeks.value : undefined,
      until: repeats.value ? until.value : undefined,
    },
    scope.value,
  )
}
</script>

<template>
  <Dialog
    visible
    modal
    :close-on-escape="!choosing"
    :header="heading"
    :style="{ width: 'min(560px, 94vw)' }"
    @update:visible="close"
  >
    <form class="entry" @submit.prevent="save">
      <p v-if="!mine" class="quiet">{{ t('calendar.theirs') }}</p>
      <p v-for="(clash, index) in stands?.clashes" :key="index" class="bare problem">
        <slot name="clash" :clash="clash" />
      </p>
      <fieldset :disabled="!mine" class="fields">
        <ChoiceField
          v-if="!stands"
          :model-value="draft.kind"
          :label="t('calendar.what')"
          :options="kinds.map((value) => ({ value, label: t(`calendar.kind.${value}`) }))"
          @update:model-value="setKind"
        />
        <TextField v-model="draft.title" class="wide" :label="t('calendar.name')" :most="80" fluid required />
        <ManyField
          v-if="withStudents && everybody.length > 1"
          v-model="draft.studentIds"
          class="wide"
          :label="t('calendar.students')"
          :options="everybody.map(({ id: value, name }) => ({ value, label: name }))"
          :most="8"
          filter
          fluid
          @show="choosing = true"
          @hide="choosing = false"
        />
        <DateField v-model="draft.firstDay" dense :label="t('calendar.day')" />
        <label class="check">
          <Checkbox v-model="wholeDay" binary />
          {{ t('calendar.wholeDay') }}
        </label>
        <template v-if="!wholeDay">
          <label :for="`${id}-at`">
            {{ t('calendar.at') }}
            <InputText :id="`${id}-at`" v-model="at" type="time" size="small" required />
          </label>
          <NumberField v-model="minutes" :label="t('calendar.minutes')" :min="5" :max="1440" :digits="0" />
        </template>
        <NumberField v-else v-model="days" :label="t('calendar.days')" :min="1" :max="60" :digits="0" />
        <SelectField
          v-if="draft.kind !== 'HOLIDAY'"
          v-model="draft.tableId"
          class="wide"
          :label="t('calendar.table')"
          :options="tables"
          :placeholder="t('calendar.noTable')"
          clears
        />
        <label v-if="draft.kind === 'HOLIDAY' && headCoach" class="check wide">
          <Checkbox v-model="draft.everyone" binary />
          {{ t('calendar.everyone') }}
        </label>
        <label v-if="!isOneOfSeries" class="check wide">
          <Checkbox v-model="repeats" binary />
          {{ t('calendar.again') }}
        </label>
        <template v-if="repeats && !isOneOfSeries">
          <NumberField v-model="weeks" :label="t('calendar.weeks')" :min="1" :max="8" :digits="0" />
          <DateField v-model="until" dense :label="t('calendar.until')" />
        </template>
        <ChoiceField
          v-if="stands?.everyWeeks"
          v-model="scope"
          :label="t('calendar.scope')"
          :options="
            (['ONE', 'FOLLOWING', 'ALL'] as const).map((value) => ({
              value,
              label: t(`calendar.scopes.${value}`),
            }))
          "
        />
      </fieldset>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <p class="keys">
        <Button v-if="mine" type="submit" :label="t('calendar.save')" :loading="busy" />
        <slot name="keys" />
        <Button
          v-if="mine && stands"
          type="button"
          severity="secondary"
          :label="t('calendar.remove')"
          :disabled="busy"
          @click="emit('remove', scope)"
        />
        <Button type="button" severity="secondary" :label="t('calendar.cancel')" @click="emit('close')" />
      </p>
    </form>
  </Dialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px 20px;
  align-items: end;
  margin: 0;
  padding: 0;
  border: 0;
}
.wide {
  grid-column: 1 / -1;
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
  min-height: 44px;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
@media (max-width: 480px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
