<script setup lang="ts">
import { reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { BallsRow } from '@/api/types'
import NumberField from '@/shared/NumberField.vue'
import { useAction } from '@/shared/useAction'
import { useUnits } from '@/shared/units'
import TextField from '@/shared/TextField.vue'
import HistoryLines from './HistoryLines.vue'
import KitDialog from './KitDialog.vue'

/** A ball set to add or to change. */
const props = defineProps<{ balls?: BallsRow }>()
const emit = defineEmits<{ done: []; close: []; away: [id: string] }>()
const { t } = useI18n()
const { figure } = useUnits()
const { busy, problem, run } = useAction()
const GRAMS = 1000

const draft = reactive({
  version: props.balls?.version ?? 1,
  name: props.balls?.name ?? '',
  cueDiameter: props.balls?.balls.cueBallDiameterMillimetres ?? 57.15,
  cueGrams: GRAMS * (props.balls?.balls.cueBallMassKilograms ?? 0.17),
  objectDiameter: props.balls?.balls.objectBallDiameterMillimetres ?? 57.15,
  objectGrams: GRAMS * (props.balls?.balls.objectBallMassKilograms ?? 0.17),
})

async function history() {
  const path = { id: props.balls?.id ?? '' }
  const sets = await answer(api.GET('/api/v1/kit/ball-sets/{id}/history', { params: { path } }))
  return sets.map((set) => ({
    ...set,
    words: t('kit.ballsWere', {
      cue: figure(set.balls.cueBallDiameterMillimetres, 2),
      cueGrams: figure(GRAMS * set.balls.cueBallMassKilograms, 0),
      object: figure(set.balls.objectBallDiameterMillimetres, 2),
      objectGrams: figure(GRAMS * set.balls.objectBallMassKilograms, 0),
    }),
  }))
}

async function save(): Promise<void> {
  const body = {
    version: draft.version,
    name: draft.name,
    cueBallDiameterMillimetres: draft.cueDiameter,
    cueBallMassKilograms: draft.cueGrams / GRAMS,
    objectBallDiameterMillimetres: draft.objectDiameter,
    objectBallMassKilograms: draft.objectGrams / GRAMS,
  }
  const well = await run(async () => {
    if (props.balls) {
      const path = { id: props.balls.id }
      await answer(api.PUT('/api/v1/kit/ball-sets/{id}', { params: { path }, body }))
    } else {
      await answer(api.POST('/api/v1/kit/ball-sets', { body }))
    }
  })
  if (well) emit('done')
}
</script>

<template>
  <KitDialog
    :title="balls ? balls.name : t('kit.add.balls')"
    :busy="busy"
    :problem="problem"
    :may-go="balls !== undefined"
    @save="save"
    @close="emit('close')"
    @away="balls && emit('away', balls.id)"
  >
    <TextField v-model="draft.name" class="wide" :label="t('kit.name')" :most="80" fluid required />
    <NumberField
      v-model="draft.cueDiameter"
      :label="`${t('kit.cueBall')}: ${t('kit.diameter')}`"
      unit="mm"
      :min="40"
      :max="70"
    />
    <NumberField
      v-model="draft.cueGrams"
      :label="`${t('kit.cueBall')}: ${t('kit.mass')}`"
      unit="g"
      :min="50"
      :max="300"
      :digits="1"
    />
    <NumberField
      v-model="draft.objectDiameter"
      :label="`${t('kit.objectBall')}: ${t('kit.diameter')}`"
      unit="mm"
      :min="40"
      :max="70"
    />
    <NumberField
      v-model="draft.objectGrams"
      :label="`${t('kit.objectBall')}: ${t('kit.mass')}`"
      unit="g"
      :min="50"
      :max="300"
      :digits="1"
    />
    <HistoryLines v-if="balls" :load="history" />
  </KitDialog>
</template>
