<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { TokenBody, TokenView } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import { mediumDay } from '@/shared/days'
import ChoiceField from '@/shared/ChoiceField.vue'
import OnceSecret from '@/shared/OnceSecret.vue'
import PageState from '@/shared/PageState.vue'
import TextField from '@/shared/TextField.vue'
import LineKey from '@/shared/LineKey.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'

/** Tokens with which scripts and devices act for whoever is signed in. */
const { t } = useI18n()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/me/tokens')))
const { busy: working, problem: notDone, run } = useAction()
onMounted(reload)

const DAYS = ['30', '90', '366'] as const
const body = reactive<Omit<TokenBody, 'days'>>({ name: '', scope: 'READ' })
const goodFor = ref<(typeof DAYS)[number]>('90')
const secret = ref('')
const signedIn = useSignedIn()
/** Figures of the server are the head coach's to hand out. */
const scopes = computed(() =>
  (['READ', 'RECORD', 'METRICS'] as const)
    .filter((value) => value !== 'METRICS' || signedIn.me?.person.headCoach)
    .map((value) => ({ value, label: t(`token.${value}`) })),
)
const days = DAYS.map((value) => ({ value, label: t(`token.day${value}`) }))

async function make(): Promise<void> {
  const well = await run(async () => {
    secret.value = (
      await answer(api.POST('/api/v1/me/tokens', { body: { ...body, days: Number(goodFor.value) } }))
    ).secret
  })
  if (!well) return
  body.name = ''
  await reload()
}
async function end(id: string): Promise<void> {
  if (await run(() => answer(api.DELETE('/api/v1/me/tokens/{id}', { params: { path: { id } } })))) {
    secret.value = ''
    await reload()
  }
}
function line({ name, scope, expiresAt, lastUsedAt }: TokenView): string {
  const used = lastUsedAt ? t('token.used', { day: mediumDay(lastUsedAt) }) : t('token.unused')
  return `${t('token.listed', { name, scope: t(`token.${scope}`), end: mediumDay(expiresAt) })} ${used}`
}
</script>

<template>
  <section>
    <h2>{{ t('token.title') }}</h2>
    <p class="bare small quiet">{{ t('token.lead') }}</p>
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <p v-if="data?.length === 0" class="bare">{{ t('token.none') }}</p>
      <ul v-else class="bare with-keys">
        <li v-for="one in data" :key="one.id">
          {{ line(one) }}
          <LineKey
            :words="t('token.end')"
            :spoken="t('token.endOf', { name: one.name })"
            @click="end(one.id)"
          />
        </li>
      </ul>
      <OnceSecret v-if="secret" :lead="t('token.made')" :text="secret" />
      <p v-if="secret" class="bare small">{{ t('token.how') }}</p>
      <form class="in-line" novalidate @submit.prevent="make">
        <TextField v-model="body.name" :label="t('token.name')" :most="60" />
        <ChoiceField v-model="body.scope" :label="t('token.scope')" :options="scopes" />
        <ChoiceField v-model="goodFor" :label="t('token.days')" :options="days" />
        <Button type="submit" severity="secondary" :label="t('token.make')" :loading="working" />
      </form>
      <p v-if="notDone" role="alert" class="problem">{{ notDone }}</p>
    </PageState>
  </section>
</template>

<style scoped>
form {
  margin-top: 8px;
}
</style>
