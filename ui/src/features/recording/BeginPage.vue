<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Caution } from '@/api/types'
import { useTables } from '@/shared/useTables'
import CautionList from '@/shared/CautionList.vue'
import PageState from '@/shared/PageState.vue'
import SelectField from '@/shared/SelectField.vue'
import { useAction } from '@/shared/useAction'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'
import { useSignedIn } from '@/device/useSignedIn'

/** Begins a session of one or several students at one or several drills. */
const { t } = useI18n()
const router = useRouter()
const hand = useHand()
const signedIn = useSignedIn()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const { tables, problem: tablesProblem } = useTables()
const { data, busy, problem, reload } = useLoad(async () => ({
  students: isCoach.value
    ? await answer(api.GET('/api/v1/students'))
    : signedIn.me
      ? [signedIn.me.person]
      : [],
  gear: await answer(api.GET('/api/v1/gear')),
  drills: (await answer(api.GET('/api/v1/drills'))).drills.map(({ drill }) => ({
    id: drill.id,
    title: drill.title,
    cautions: drill.cautions,
  })),
}))

const studentIds = ref<string[]>([])
const drillIds = ref<string[]>([])
const tableId = ref<string>()
const ballSetId = ref<string>()
const cueId = ref<string>()
const coached = ref(isCoach.value)
const { busy: starting, problem: refusal, run } = useAction()
/** Of what is chosen, and of every practice. */
const cautions = computed<Caution[]>(() => [
  ...new Set<Caution>([
    ...(data.value?.drills ?? [])
      .filter(({ id }) => drillIds.value.includes(id))
      .flatMap((drill) => drill.cautions),
    'REPETITION',
  ]),
])

onMounted(async () => {
  await reload()
  const list = data.value?.students ?? []
  if (list.length === 1 && list[0]) studentIds.value = [list[0].id]
  else if (list.some(({ id }) => id === hand.hand.studentId)) studentIds.value = [hand.hand.studentId ?? '']
})

async function begin(): Promise<void> {
  await run(async () => {
    const session = await answer(
      api.POST('/api/v1/sessions', {
        body: {
          studentIds: studentIds.value,
          drillIds: drillIds.value,
          tableId: tableId.value ?? tables.value[0]?.id ?? '',
          coached: coached.value,
          ballSetId: ballSetId.value,
          cueId: cueId.value,
        },
      }),
    )
    hand.take({ sessionId: session.id })
    await router.push(`/table/${session.id}`)
  })
}
</script>

<template>
  <main class="page">
    <h1>{{ t('recording.begin.title') }}</h1>
    <PageState :busy="busy" :problem="problem || tablesProblem" :ready="data !== undefined" @retry="reload">
      <form v-if="data" @submit.prevent="begin">
        <fieldset>
          <legend>{{ t('recording.session.students') }}</legend>
          <p class="small quiet">{{ t('recording.begin.order') }}</p>
          <label v-for="student in data.students" :key="student.id" class="check">
            <Checkbox v-model="studentIds" :value="student.id" /> {{ student.name }}
            <span v-if="studentIds.length > 1 && studentIds.includes(student.id)" class="small quiet figures">
              {{ studentIds.indexOf(student.id) + 1 }}.
            </span>
          </label>
          <p v-if="data.students.length === 0">{{ t('today.empty') }}</p>
        </fieldset>
        <label>
          {{ t('recording.session.drills') }}
          <MultiSelect
            v-model="drillIds"
            :options="data.drills"
            option-label="title"
            option-value="id"
            filter
            fluid
            :selection-limit="20"
            :placeholder="t('recording.begin.chooseDrills')"
          />
        </label>
        <SelectField
          :model-value="tableId ?? tables[0]?.id"
          :label="t('drills.onTable')"
          :options="tables"
          @update:model-value="(id) => (tableId = id)"
        />
        <details>
          <summary>{{ t('recording.begin.gear') }}</summary>
          <SelectField
            v-model="ballSetId"
            :label="t('recording.begin.balls')"
            :options="data.gear.ballSets"
            :placeholder="t('recording.begin.usual')"
            clears
          />
          <SelectField
            v-model="cueId"
            :label="t('recording.begin.cue')"
            :options="data.gear.cues"
            :placeholder="t('recording.begin.usual')"
            clears
          />
        </details>
        <label v-if="isCoach" class="check"
          ><Checkbox v-model="coached" binary /> {{ t('recording.begin.coached') }}</label
        >
        <p v-if="refusal" role="alert" class="problem">{{ refusal }}</p>
        <Button
          type="submit"
          size="large"
          :label="t('recording.begin.go')"
          :loading="starting"
          :disabled="studentIds.length === 0 || drillIds.length === 0"
        />
        <CautionList :cautions="cautions" />
      </form>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 640px;
}
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}
form > * {
  min-width: 0;
}
form > label:not(.check) {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 600;
  padding: 0;
}
.check {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
</style>
