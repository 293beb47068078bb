<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import { deviceWords } from './deviceWords'

/** Where this person is signed in; each can be ended from here. */
const { t } = useI18n()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/me/sign-ins')))
const { problem: refusal, run } = useAction()
onMounted(reload)
defineExpose({ reload })

async function end(id: string): Promise<void> {
  if (await run(() => answer(api.DELETE('/api/v1/me/sign-ins/{id}', { params: { path: { id } } }))))
    await reload()
}

function when(instant: string): string {
  return new Date(instant).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
}
</script>

<template>
  <section>
    <h2>{{ t('account.signIns') }}</h2>
    <p class="quiet">{{ t('account.signInsLead') }}</p>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <ul class="bare">
        <li v-for="one in data" :key="one.id">
          <div>
            <strong>{{ deviceWords(one.device) || t('account.someDevice') }}</strong>
            <span v-if="one.current" class="here">{{ t('account.thisOne') }}</span>
            <br />
            <span class="small quiet figures">{{
              t('account.used', { since: when(one.begunAt), last: when(one.lastUsedAt) })
            }}</span>
          </div>
          <Button
            v-if="!one.current"
            :label="t('account.end')"
            :aria-label="t('account.endWhich', { device: deviceWords(one.device), since: when(one.begunAt) })"
            severity="secondary"
            @click="end(one.id)"
          />
        </li>
      </ul>
      <p v-if="refusal" role="alert" class="problem">{{ refusal }}</p>
    </PageState>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 16px;
  justify-content: space-between;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--hairline);
}
.here {
  margin-left: 8px;
  color: var(--amber-text);
  font-weight: 600;
}
</style>
