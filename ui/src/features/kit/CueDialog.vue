<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, onMounted, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { CueRow } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import NumberField from '@/shared/NumberField.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import HistoryLines from './HistoryLines.vue'
import KitDialog from './KitDialog.vue'

/** A cue to add or to change: a coach says whose it is, a student's is their own. */
const props = defineProps<{ cue?: CueRow }>()
const emit = defineEmits<{ done: []; close: []; away: [id: string] }>()
const { t } = useI18n()
const { figure } = useUnits()
const signedIn = useSignedIn()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const { busy, problem, run } = useAction()
const students = useLoad(async () => (isCoach.value ? await answer(api.GET('/api/v1/students')) : []))
onMounted(students.reload)

const draft = reactive({
  version: props.cue?.version ?? 1,
  name: props.cue?.name ?? '',
  tipDiameterMillimetres: props.cue?.tipDiameterMillimetres ?? 12.5,
  endMassRatio: props.cue?.endMassRatio.figure ?? 22,
  elevationDegrees: props.cue?.elevationDegrees.figure ?? 3,
  ownerId: props.cue?.ownerId ?? (isCoach.value ? undefined : signedIn.me?.person.id),
  newTip: false,
})

async function history() {
  const path = { id: props.cue?.id ?? '' }
  const sets = await answer(api.GET('/api/v1/kit/cues/{id}/history', { params: { path } }))
  return sets.map((set) => ({
    ...set,
    words: t('kit.cueWas', {
      tip: figure(set.tipDiameterMillimetres, 1),
      ratio: figure(set.endMassRatio.figure, 1),
      lower: figure(set.endMassRatio.lower, 1),
      upper: figure(set.endMassRatio.upper, 1),
      elevation: figure(set.elevationDegrees.figure, 1),
    }),
  }))
}

async function save(): Promise<void> {
  const well = await run(async () => {
    const body = { ...draft }
    if (props.cue) {
      await answer(api.PUT('/api/v1/kit/cues/{id}', { params: { path: { id: props.cue.id } }, body }))
    } else {
      await answer(api.POST('/api/v1/kit/cues', { body }))
    }
  })
  if (well) emit('done')
}
</script>

<template>
  <KitDialog
    :title="cue ? cue.name : t('kit.add.cue')"
    :busy="busy"
    :problem="problem"
    :may-go="cue !== undefined"
    @save="save"
    @close="emit('close')"
    @away="cue && emit('away', cue.id)"
  >
    <TextField v-model="draft.name" class="wide" :label="t('kit.name')" :most="80" fluid required />
    <SelectField
      v-if="isCoach"
      v-model="draft.ownerId"
      class="wide"
      clears
      :label="t('kit.owner')"
      :placeholder="t('kit.club')"
      :options="students.data.value ?? []"
    />
    <NumberField v-model="draft.tipDiameterMillimetres" :label="t('kit.tip')" unit="mm" :min="7" :max="15" />
    <NumberField
      v-model="draft.elevationDegrees"
      :label="t('kit.elevation')"
      unit="°"
      :min="0"
      :max="30"
      :digits="1"
    />
    <NumberField
      v-model="draft.endMassRatio"
      class="wide"
      :label="t('kit.ratio')"
      :min="10"
      :max="60"
      :digits="1"
    />
    <HistoryLines v-if="cue" :load="history" />
    <label v-if="cue" class="wide check"
      ><Checkbox v-model="draft.newTip" binary /> {{ t('kit.newTip') }}</label
    >
  </KitDialog>
</template>

<style scoped>
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
</style>
