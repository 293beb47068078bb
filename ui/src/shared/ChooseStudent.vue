<script setup lang="ts">
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PageState from './PageState.vue'
import { useAboutStudent } from './useAboutStudent'
import { useLoad } from './useLoad'

/** On a page that needs a student and has none: the choice itself. */
const { t } = useI18n()
const { choose } = useAboutStudent()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/students')))
onMounted(reload)
</script>

<template>
  <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
    <p v-if="data?.length === 0">{{ t('today.empty') }}</p>
    <template v-else>
      <p>{{ t('student.whose') }}</p>
      <p class="names">
        <button
          v-for="student in data"
          :key="student.id"
          type="button"
          class="choice-key"
          @click="choose({ id: student.id, name: student.name })"
        >
          {{ student.name }}
        </button>
      </p>
    </template>
  </PageState>
</template>

<style scoped>
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
