<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { AgeAndConsent } from '@/api/types'
import PageState from '@/shared/PageState.vue'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import AgeForm from './AgeForm.vue'
import ConsentList from './ConsentList.vue'

/** A student's name, and of a minor what is known and consented to, as far as the club asks. */
const props = defineProps<{ id: string; name: string }>()
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const { data, busy, problem, reload, set } = useLoad(() =>
  answer(api.GET('/api/v1/people/{id}/consent', { params: { path: { id: props.id } } })),
)
onMounted(reload)
const { busy: working, problem: notDone, run } = useAction()
const called = ref(props.name)
watch(
  () => props.name,
  (now) => (called.value = now),
)

async function rename(): Promise<void> {
  const path = { id: props.id }
  if (
    await run(() =>
      answer(api.PUT('/api/v1/people/{id}/name', { params: { path }, body: { name: called.value } })),
    )
  )
    emit('changed')
}
function changed(now: AgeAndConsent): void {
  set(now)
  emit('changed')
}
</script>

<template>
  <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
    <template v-if="data">
      <p v-if="data.nicknameOnly" class="bare">{{ t('care.nicknameOnly') }}</p>
      <p v-if="data.safeguarding" class="bare small quiet">
        {{ t('care.turnTo', { contact: data.safeguarding }) }}
      </p>
      <details v-if="data.mayChange || data.minor">
        <summary>{{ t('care.personTitle') }}</summary>
        <form v-if="data.mayChange" class="line" novalidate @submit.prevent="rename">
          <TextField v-model="called" :label="t('care.name')" :most="80" />
          <Button type="submit" severity="secondary" :label="t('care.rename')" :loading="working" />
        </form>
        <p v-if="notDone" role="alert" class="problem">{{ notDone }}</p>
        <template v-if="data.asks !== 'NOTHING' || data.minor">
          <AgeForm :id="id" :known="data" @changed="changed" />
          <ConsentList v-if="data.minor" :id="id" :known="data" @changed="changed" />
        </template>
      </details>
    </template>
  </PageState>
</template>

<style scoped>
details {
  margin-top: 12px;
}
summary {
  font-weight: 600;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
</style>
