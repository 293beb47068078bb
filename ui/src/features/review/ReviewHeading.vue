<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import type { Review } from '@/api/types'

/** What is looked at: a session or several, whose turns, at which drill and station. */
const props = defineProps<{ review: Review }>()
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const route = useRoute()
const router = useRouter()

const session = computed(() => props.review.session)
const whose = computed(() => session.value?.students.find(({ id }) => id === props.review.studentId))
const title = computed(
  () =>
    session.value?.drills.find((one) => one.id === props.review.drillId)?.title ??
    props.review.selection?.drillTitle,
)
const when = computed(() =>
  session.value
    ? new Date(session.value.startedAt).toLocaleString(undefined, { dateStyle: 'long', timeStyle: 'short' })
    : t('review.sessions', { n: props.review.selection?.sessions.length ?? 0 }),
)

/** One part only, as chosen in the findings. */
const filter = computed(() =>
  ['pot', 'call', 'observation'].flatMap((key) => {
    const value = route.query[key]
    return typeof value === 'string' ? [{ key, value }] : []
  }),
)

async function pick(station: number, mirrored: boolean, shot: number): Promise<void> {
  await router.replace({
    query: { ...route.query, station: String(station), mirrored: String(mirrored), shot: String(shot) },
  })
  emit('changed')
}

/** Another student's turns, or another drill of the session. */
async function pickPart(student: string, drill: string): Promise<void> {
  await router.replace({ query: { student, drill } })
  emit('changed')
}

async function without(key: string): Promise<void> {
  await router.replace({
    query: Object.fromEntries(Object.entries(route.query).filter(([one]) => one !== key)),
  })
  emit('changed')
}

const everySession = computed(() => ({
  path: '/review/selection',
  query: {
    student: props.review.studentId,
    drill: props.review.drillId,
    station: String(props.review.station),
    mirrored: String(props.review.mirrored),
    shot: String(props.review.shotIndex),
  },
}))
</script>

<template>
  <header>
    <h1>{{ title }}</h1>
    <p class="quiet">
      {{ whose?.name ?? review.selection?.studentName }} · {{ when }} ·
      {{ session?.tableName ?? review.selection?.tableName }}
      <RouterLink v-if="session" class="no-print" :to="everySession">{{
        t('review.everySession')
      }}</RouterLink>
    </p>
    <p v-if="review.selection?.leftOut" class="small">
      {{ t('review.leftOut', { n: review.selection.leftOut }) }}
    </p>
    <p v-for="one in filter" :key="one.key" class="small">
      {{ t(`review.only.${one.key}`) }}
      <button type="button" class="choice-key no-print" @click="without(one.key)">
        {{ t('review.only.all') }}
      </button>
    </p>
    <nav
      v-if="session && (session.students.length > 1 || session.drills.length > 1)"
      class="groups no-print"
      :aria-label="t('review.parts')"
    >
      <template v-for="student in session.students" :key="student.id">
        <button
          v-for="drill in session.drills"
          :key="drill.id"
          type="button"
          class="choice-key"
          :aria-pressed="student.id === review.studentId && drill.id === review.drillId"
          @click="pickPart(student.id, drill.id)"
        >
          {{ session.students.length > 1 ? `${student.name} · ` : '' }}{{ drill.title }}
        </button>
      </template>
    </nav>
    <nav v-if="review.groups.length" class="groups no-print" :aria-label="t('drills.station')">
      <button
        v-for="group in review.groups"
        :key="`${group.station}${group.mirrored}${group.shot}`"
        type="button"
        class="choice-key"
        :aria-pressed="
          group.station === review.station &&
          group.mirrored === review.mirrored &&
          group.shot === review.shotIndex
        "
        @click="pick(group.station, group.mirrored, group.shot)"
      >
        {{ group.station + 1 }} · {{ t(group.mirrored ? 'recording.mirror' : 'recording.original') }}
        <template v-if="group.shots > 1"> · {{ t('review.shot', { n: group.shot + 1 }) }}</template>
        <span class="quiet figures">{{ group.attempts }}</span>
      </button>
    </nav>
  </header>
</template>

<style scoped>
p {
  margin: 2px 0 8px;
}
.groups {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 8px;
}
</style>
