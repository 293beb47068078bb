<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { daysSince, mediumDay } from '@/shared/days'
import PageState from '@/shared/PageState.vue'
import LineKey from '@/shared/LineKey.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import InstallationPart from './InstallationPart.vue'
import RestoreForm from './RestoreForm.vue'

/** How backups stand: when the last good one was, and a word where that is too long ago. */
const { t } = useI18n()
const { figure } = useUnits()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/backups')))
const { problem: notBegun, run } = useAction()
const WARN_AFTER_DAYS = 2
const LOOK_EVERY_MILLISECONDS = 1000
const BYTES_A_MEGABYTE = 1_000_000
let looking: ReturnType<typeof setTimeout> | undefined

async function look(): Promise<void> {
  await reload()
  clearTimeout(looking)
  if (data.value?.working) looking = setTimeout(() => void look(), LOOK_EVERY_MILLISECONDS)
}
onMounted(look)
onBeforeUnmount(() => clearTimeout(looking))

/** The one that is looked into. */
const chosen = ref<string>()
const last = computed(() => data.value?.kept[0])
const late = computed(() => !last.value || daysSince(last.value.madeAt) > WARN_AFTER_DAYS)
const sentence = computed(() =>
  last.value ? t('backup.last', { day: mediumDay(last.value.madeAt) }) : t('backup.none'),
)

async function make(): Promise<void> {
  if (await run(() => answer(api.POST('/api/v1/backups')))) await look()
}
</script>

<template>
  <section>
    <h2>{{ t('backup.title') }}</h2>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="look">
      <template v-if="data">
        <p class="bare" :class="{ late }">
          <strong>{{ sentence }}</strong> {{ late ? t('backup.late') : '' }}
        </p>
        <p v-if="data.problem" role="alert" class="late">{{ data.problem }}</p>
        <p v-if="notBegun" role="alert" class="late">{{ notBegun }}</p>
        <p class="bare small quiet">
          {{ t(data.encrypted ? 'backup.encrypted' : 'backup.open', { folder: data.folder }) }}
        </p>
        <p>
          <Button
            severity="secondary"
            :label="t(data.working ? 'backup.working' : 'backup.make')"
            :disabled="data.working"
            @click="make"
          />
        </p>
        <details v-if="data.kept.length">
          <summary>{{ t('backup.kept', { n: data.kept.length }, data.kept.length) }}</summary>
          <ul class="bare small figures with-keys">
            <li v-for="one in data.kept" :key="one.name">
              {{ one.name }}, {{ figure(one.bytes / BYTES_A_MEGABYTE, 1) }} MB
              <LineKey
                :words="t('backup.choose')"
                :spoken="t('backup.chooseOf', { name: one.name })"
                @click="chosen = one.name"
              />
              <RestoreForm
                v-if="chosen === one.name"
                :name="one.name"
                :encrypted="data.encrypted"
                @done="chosen = undefined"
              />
            </li>
          </ul>
          <p class="small quiet">{{ t('backup.restore') }}</p>
        </details>
        <InstallationPart />
      </template>
    </PageState>
  </section>
</template>

<style scoped>
.late {
  color: var(--brick-text);
}
</style>
