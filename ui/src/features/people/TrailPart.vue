<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { TrailLine } from '@/api/types'
import { mediumDay } from '@/shared/days'
import PageState from '@/shared/PageState.vue'
import { usePages } from '@/shared/usePages'

/** Who saw and changed what about a person; or what that person saw and changed of others. */
const props = defineProps<{ id: string; byThem?: boolean }>()
const i18n = useI18n()
const { t } = i18n

const {
  first,
  rows: lines,
  next,
  busy,
  problem,
  reload,
  more,
  loadingMore,
  noMore,
} = usePages(
  (before) =>
    answer(
      api.GET('/api/v1/people/{id}/trail', {
        params: { path: { id: props.id }, query: { byThem: props.byThem, before } },
      }),
    ),
  (page) => page.lines,
)
onMounted(reload)
watch(() => props.id, reload)

function deed({ deed: done, area }: TrailLine): string {
  return t(`trail.${done}`, { what: i18n.te(`trail.area.${area}`, 'pool') ? t(`trail.area.${area}`) : area })
}
</script>

<template>
  <section>
    <h2>{{ t(byThem ? 'trail.by' : 'trail.title') }}</h2>
    <p class="bare small quiet">{{ t(byThem ? 'trail.byLead' : 'trail.lead') }}</p>
    <PageState :busy="busy" :problem="problem" :ready="first !== undefined" @retry="reload">
      <p v-if="lines.length === 0">{{ t(byThem ? 'trail.byNone' : 'trail.none') }}</p>
      <div v-else class="scroll-aside">
        <table class="lines figures">
          <thead>
            <tr>
              <th scope="col">{{ t('trail.day') }}</th>
              <th scope="col">{{ t(byThem ? 'trail.whom' : 'trail.who') }}</th>
              <th scope="col">{{ t('trail.what') }}</th>
              <th scope="col" class="number">{{ t('trail.times') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(line, at) in lines" :key="at">
              <td>{{ mediumDay(line.lastAt) }}</td>
              <th scope="row">{{ byThem ? line.subject : line.actor }}</th>
              <td>{{ deed(line) }}</td>
              <td class="number">{{ line.times }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="noMore" role="alert" class="problem">{{ noMore }}</p>
      <Button
        v-if="next"
        severity="secondary"
        :label="t('trail.older')"
        :loading="loadingMore"
        @click="more"
      />
    </PageState>
  </section>
</template>

<style scoped>
section {
  margin-top: 24px;
}
.number {
  text-align: right;
  padding-right: 20px;
}
</style>
