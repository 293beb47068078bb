<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { TrailLine } from '@/api/types'
import { mediumDay } from '@/shared/days'
import PageState from '@/shared/PageState.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** Who saw and changed what about a person; or what that person saw and changed of others. */
const props = defineProps<{ id: string; byThem?: boolean }>()
const i18n = useI18n()
const { t } = i18n
const more = ref<TrailLine[]>([])
const next = ref<string>()

const ask = (before?: string) =>
  answer(
    api.GET('/api/v1/people/{id}/trail', {
      params: { path: { id: props.id }, query: { byThem: props.byThem, before } },
    }),
  )
const { data, busy, problem, reload } = useLoad(async () => {
  const page = await ask()
  more.value = []
  next.value = page.next
  return page
})
const { problem: notDone, run } = useAction()
onMounted(reload)
watch(() => props.id, reload)

const lines = computed(() => [...(data.value?.lines ?? []), ...more.value])

function older(): Promise<boolean> {
  return run(async () => {
    const page = await ask(next.value)
    more.value = [...more.value, ...page.lines]
    next.value = page.next
  })
}
function deed({ deed: done, area }: TrailLine): string {
  return t(`trail.${done}`, { what: i18n.te(`trail.area.${area}`, 'pool') ? t(`trail.area.${area}`) : area })
}
</script>

<template>
  <section>
    <h2>{{ t(byThem ? 'trail.by' : 'trail.title') }}</h2>
    <p class="bare small quiet">{{ t(byThem ? 'trail.byLead' : 'trail.lead') }}</p>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
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
      <p v-if="notDone" role="alert" class="problem">{{ notDone }}</p>
      <Button v-if="next" severity="secondary" :label="t('trail.older')" @click="older" />
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
