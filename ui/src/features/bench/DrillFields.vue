<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import type { DrillDocument } from '@/shared/drillFile/drillDocument'
import { useBench } from './useBench'

/** The drill's own words, tables and choices. */
const bench = useBench()
const { t } = useI18n()
const drill = computed(() => bench.drill.value)

const SKILLS = ['potting', 'stun', 'draw', 'follow', 'position', 'side', 'safety'] as const
const TABLES = ['pool-9ft', 'pool-8ft', 'pool-7ft', 'snooker-12ft', 'pub-7ft'] as const
const MIRRORS = ['after_the_original', 'every_shot', 'none'] as const
const EXPLORE = ['none', 'pace', 'height', 'side'] as const
const GAMES = ['pool', 'snooker', 'pub'] as const
const CAUTIONS = [
  'ball_may_leave_the_table',
  'raised_cue',
  'push_stroke',
  'ring_under_ball',
  'repetition',
] as const

function options<T extends string>(values: readonly T[], words: string): { value: T; label: string }[] {
  return values.map((value) => ({ value, label: t(`${words}.${value}`) }))
}
const skills = computed(() => SKILLS.map((value) => ({ value, label: t(`skill.${value.toUpperCase()}`) })))

function set(part: Partial<DrillDocument>): void {
  if (drill.value) bench.change({ ...drill.value, ...part })
}

function toggled<T>(list: readonly T[] | undefined, value: T): T[] {
  const before = list ?? []
  return before.includes(value) ? before.filter((one) => one !== value) : [...before, value]
}

function setTables(table: (typeof TABLES)[number]): void {
  const tables = toggled(drill.value?.tables, table)
  if (tables.length > 0) set({ tables })
}

function text(event: Event): string {
  return (event.target as HTMLInputElement).value
}
const SENTENCES = ['purpose', 'watch', 'missReads'] as const
</script>

<template>
  <section v-if="drill" class="drill">
    <label v-for="name in SENTENCES" :key="name" class="wide">
      {{ t(`bench.words.${name}`) }}
      <Textarea
        fluid
        rows="2"
        maxlength="400"
        :model-value="drill[name] ?? ''"
        @keydown.stop
        @change="set({ [name]: text($event) })"
      />
    </label>
    <ChoiceField
      :label="t('drills.skill')"
      :model-value="drill.primarySkill"
      :options="skills"
      @update:model-value="(primarySkill) => primarySkill && set({ primarySkill })"
    />
    <NumberField
      :label="t('drills.minutesLabel')"
      :min="1"
      :max="240"
      :digits="0"
      :model-value="drill.minutes"
      @update:model-value="(minutes: number) => set({ minutes: Math.round(minutes) })"
    />
    <label>
      {{ t('drills.family') }}
      <InputText
        maxlength="40"
        :model-value="drill.tags.family"
        @keydown.stop
        @change="text($event).trim() && set({ tags: { ...drill.tags, family: text($event).trim() } })"
      />
    </label>
    <ChoiceField
      :label="t('bench.mirrorLabel')"
      :model-value="drill.mirror ?? 'after_the_original'"
      :options="options(MIRRORS, 'bench.mirrorRule')"
      @update:model-value="(mirror) => mirror && set({ mirror })"
    />
    <ChoiceField
      :label="t('bench.exploreLabel')"
      :model-value="drill.explore ?? 'none'"
      :options="options(EXPLORE, 'bench.explore')"
      @update:model-value="(explore) => set({ explore: explore === 'none' ? undefined : explore })"
    />
    <fieldset>
      <legend>{{ t('bench.tablesLabel') }}</legend>
      <label v-for="table in TABLES" :key="table" class="check">
        <Checkbox :model-value="drill.tables.includes(table)" binary @update:model-value="setTables(table)" />
        {{ t(`bench.tables.${table}`) }}
        <span v-if="drill.tables[0] === table" class="quiet small">{{ t('bench.home') }}</span>
      </label>
    </fieldset>
    <fieldset>
      <legend>{{ t('drills.gameLabel') }}</legend>
      <label v-for="game in GAMES" :key="game" class="check">
        <Checkbox
          :model-value="drill.tags.games?.includes(game) ?? false"
          binary
          @update:model-value="set({ tags: { ...drill.tags, games: toggled(drill.tags.games, game) } })"
        />
        {{ t(`drills.game.${game.toUpperCase()}`) }}
      </label>
    </fieldset>
    <fieldset>
      <legend>{{ t('bench.allowances') }}</legend>
      <label class="check">
        <Checkbox
          :model-value="drill.sideAllowed ?? false"
          binary
          @update:model-value="set({ sideAllowed: !drill.sideAllowed })"
        />
        {{ t('bench.sideAllowed') }}
      </label>
      <label class="check">
        <Checkbox
          :model-value="drill.zonesInSights ?? false"
          binary
          @update:model-value="set({ zonesInSights: !drill.zonesInSights })"
        />
        {{ t('bench.zonesInSights') }}
      </label>
    </fieldset>
    <fieldset>
      <legend>{{ t('bench.cautionsLabel') }}</legend>
      <label v-for="caution in CAUTIONS" :key="caution" class="check">
        <Checkbox
          :model-value="drill.cautions?.includes(caution) ?? false"
          binary
          @update:model-value="set({ cautions: toggled(drill.cautions, caution) })"
        />
        {{ t(`bench.caution.${caution}`) }}
      </label>
    </fieldset>
  </section>
</template>

<style scoped>
.drill {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: start;
}
.wide,
fieldset {
  flex-basis: 100%;
}
.drill > label {
  display: grid;
  gap: 2px;
  font-size: 14px;
  font-weight: 600;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}
legend {
  padding: 0;
  font-size: 14px;
  font-weight: 600;
}
.check {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 34px;
}
</style>
