<script setup lang="ts">
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { mediumDay } from '@/shared/days'
import LineKey from '@/shared/LineKey.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** Students who have not practised for as long as the club has set: are they still to be kept? */
const { t } = useI18n()
const { data, problem, reload } = useLoad(async () => ({
  people: await answer(api.GET('/api/v1/people/not-seen')),
  care: await answer(api.GET('/api/v1/club/care')),
}))
const { problem: notDone, run } = useAction()
onMounted(reload)

async function keep(id: string): Promise<void> {
  if (await run(() => answer(api.PUT('/api/v1/people/{id}/kept', { params: { path: { id } } }))))
    await reload()
}
</script>

<template>
  <section v-if="data?.people.length || problem">
    <h2>{{ t('notSeen.title') }}</h2>
    <p v-if="problem || notDone" role="alert" class="problem">{{ problem || notDone }}</p>
    <template v-if="data">
      <p class="bare quiet">{{ t('notSeen.lead', { n: data.care.askAfterMonths }) }}</p>
      <ul class="bare with-keys">
        <li v-for="one in data.people" :key="one.id">
          <strong>{{ one.name }}</strong>
          <span class="quiet">{{ t('notSeen.since', { day: mediumDay(one.last) }) }}</span>
          <LineKey
            :words="t('notSeen.keep')"
            :spoken="t('notSeen.keepOf', { name: one.name })"
            @click="keep(one.id)"
          />
          <RouterLink :to="`/people/${one.id}/data`" :aria-label="t('notSeen.lookOf', { name: one.name })">{{
            t('notSeen.look')
          }}</RouterLink>
        </li>
      </ul>
    </template>
    <p v-if="data?.care.safeguarding" class="bare small quiet">
      {{ t('care.turnTo', { contact: data.care.safeguarding }) }}
    </p>
  </section>
  <p v-else-if="data?.care.safeguarding" class="small quiet">
    {{ t('care.turnTo', { contact: data.care.safeguarding }) }}
  </p>
</template>

<style scoped>
section {
  margin-top: 28px;
}
</style>
