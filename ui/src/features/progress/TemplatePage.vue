<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Template, TemplateTip } from '@/api/types'
import SelectField from '@/shared/SelectField.vue'
import { useAction } from '@/shared/useAction'
import { mediumDay } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import TableDiagram from '@/table/TableDiagram.vue'
import StudentFrame from './StudentFrame.vue'
import PredictedMarks from './PredictedMarks.vue'
import TemplateMarks from './TemplateMarks.vue'
import { useAboutStudent } from '@/shared/useAboutStudent'

/** The student's own template: where the cue ball first meets the cushion with one stroke at three tip heights. */
const { t } = useI18n()
const { figure, length } = useUnits()
const { studentId } = useAboutStudent()
const tableId = ref<string>()
const dayIndex = ref(0)
const tip = ref<'STUN' | 'HIGH' | 'LOW'>('STUN')
const TIPS = ['STUN', 'HIGH', 'LOW'] as const
const { problem: said, run } = useAction()
const diagram = ref<InstanceType<typeof TableDiagram>>()

const tables = useLoad(() => answer(api.GET('/api/v1/tables')))
const { data, busy, problem, reload, set } = useLoad(async () => {
  const id = studentId.value
  if (!id) return undefined
  const query = tableId.value ? { tableId: tableId.value } : {}
  return answer(api.GET('/api/v1/students/{id}/template', { params: { path: { id }, query } }))
})
onMounted(async () => {
  await Promise.all([tables.reload(), reload()])
  tableId.value = data.value?.tableId
})
watch(studentId, reload)
watch(tableId, async (_, before) => {
  if (before === undefined) return
  dayIndex.value = 0
  await reload()
})

const day = computed(() => data.value?.days[dayIndex.value])
const isToday = computed(() => !day.value || day.value.takenOn === new Date().toISOString().slice(0, 10))

async function tap(event: MouseEvent): Promise<void> {
  const template = data.value
  const place = diagram.value?.clientToTable({ x: event.clientX, y: event.clientY })
  if (!template || !place) return
  await change(() =>
    answer(
      api.POST('/api/v1/students/{id}/template/marks', {
        params: { path: { id: template.studentId } },
        body: { tableId: template.tableId, tip: tip.value, ...place },
      }),
    ),
  )
}

async function remove(id: string): Promise<void> {
  const template = data.value
  if (!template) return
  await change(async () => {
    await answer(
      api.DELETE('/api/v1/students/{id}/template/marks/{mark}', {
        params: { path: { id: template.studentId, mark: id } },
      }),
    )
    await reload()
    return undefined
  })
}

async function change(work: () => Promise<Template | undefined>): Promise<void> {
  await run(async () => {
    const now = await work()
    if (now) {
      set(now)
      dayIndex.value = 0
    }
  })
}

function spread({ sdMillimetres, sdLower, sdUpper, marks }: TemplateTip): string {
  if (sdMillimetres === undefined) {
    return t('progress.template.few', { n: marks })
  }
  const sd = length(sdMillimetres)
  return sdLower === undefined || sdUpper === undefined
    ? t('progress.template.spreadAlone', { sd, n: marks })
    : t('progress.template.spread', { sd, lower: length(sdLower), upper: length(sdUpper), n: marks })
}

/** What the day's marks say of the stroke, next to where they should be. */
const reading = computed(() => {
  const of = day.value?.reading
  if (!of) return []
  const tips = of.tips
    .filter(({ clear }) => clear)
    .map((one) =>
      t(`progress.template.readingTip.${one.higherMillimetres > 0 ? 'higher' : 'lower'}`, {
        tip: t(`progress.template.${one.tip}`),
        n: figure(Math.abs(one.higherMillimetres), 1),
      }),
    )
  const pace = of.paceClear
    ? [
        t(`progress.template.readingPace.${of.harderPercent > 0 ? 'harder' : 'softer'}`, {
          n: figure(Math.abs(of.harderPercent), 0),
        }),
      ]
    : []
  return pace.length + tips.length ? [...pace, ...tips] : [t('progress.template.readingNone')]
})
</script>

<template>
  <StudentFrame
    :title="t('progress.template.title')"
    :student-id="studentId"
    :student-name="data?.studentName"
    :busy="busy"
    :problem="problem"
    @retry="reload"
  >
    <template v-if="data">
      <p class="quiet">{{ t('progress.template.lead') }}</p>
      <div class="bar no-print">
        <SelectField
          v-model="tableId"
          :label="t('progress.template.table')"
          :options="tables.data.value ?? []"
        />
        <fieldset>
          <legend>{{ t('progress.template.tapFor') }}</legend>
          <button
            v-for="one in TIPS"
            :key="one"
            type="button"
            class="choice-key"
            :aria-pressed="tip === one"
            @click="tip = one"
          >
            {{ t(`progress.template.${one}`) }}
          </button>
        </fieldset>
      </div>
      <p v-if="said" role="alert" class="problem">{{ said }}</p>
      <div class="parts">
        <figure data-testid="template">
          <TableDiagram
            ref="diagram"
            :table="data.table"
            :label="t('progress.template.title')"
            interactive
            @click="tap"
          >
            <PredictedMarks :marks="data.predicted" :table="data.table" />
            <TemplateMarks v-if="day" :tips="day.tips" />
          </TableDiagram>
        </figure>
        <aside>
          <nav v-if="data.days.length > 1" class="days" :aria-label="t('progress.template.days')">
            <button
              v-for="(one, index) in data.days"
              :key="one.takenOn"
              type="button"
              class="choice-key"
              :aria-pressed="index === dayIndex"
              @click="dayIndex = index"
            >
              {{ mediumDay(one.takenOn) }}
            </button>
          </nav>
          <p v-if="data.predicted.length" class="small quiet">{{ t('progress.template.predicted') }}</p>
          <p>
            <RouterLink to="/drills/three-marks">{{ t('progress.template.drill') }}</RouterLink>
          </p>
          <p v-if="!day">{{ t('progress.template.empty') }}</p>
          <template v-else>
            <h2>{{ mediumDay(day.takenOn) }}</h2>
            <p v-for="line in reading" :key="line">{{ line }}</p>
            <dl>
              <template v-for="one in day.tips" :key="one.tip">
                <dt>{{ t(`progress.template.${one.tip}`) }}</dt>
                <dd>
                  {{ t(`cushion.${one.cushion}`) }}, {{ spread(one) }}
                  <span v-if="one.elsewhere">{{
                    t('progress.template.elsewhere', { n: one.elsewhere })
                  }}</span>
                  <template v-if="isToday">
                    <button
                      v-for="(mark, index) in one.all"
                      :key="mark.id"
                      type="button"
                      class="choice-key undo no-print"
                      :aria-label="
                        t('progress.template.remove', {
                          tip: t(`progress.template.${one.tip}`),
                          n: index + 1,
                        })
                      "
                      @click="remove(mark.id)"
                    >
                      {{ index + 1 }} ×
                    </button>
                  </template>
                </dd>
              </template>
            </dl>
          </template>
        </aside>
      </div>
    </template>
  </StudentFrame>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 12px 28px;
  margin: 8px 0;
}
fieldset {
  display: flex;
  gap: 8px;
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 600;
  margin-bottom: 4px;
}
.parts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 20px;
}
figure {
  margin: 0;
  aspect-ratio: 1.82;
  /* The whole table is to be seen without scrolling. */
  width: min(100%, calc((100dvh - 360px) * 1.82));
  min-width: min(100%, 320px);
  cursor: crosshair;
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
dt {
  font-weight: 600;
}
dd {
  margin: 0 0 10px;
}
.undo {
  min-width: 44px;
  padding: 0 8px;
  margin: 4px 4px 0 0;
}
@media (max-width: 900px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
