<script setup lang="ts">
import Button from 'primevue/button'
import { reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { AgeAndConsent, ConsentLine } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import DateField from '@/shared/DateField.vue'
import { dayFromToday, mediumDay } from '@/shared/days'
import TextField from '@/shared/TextField.vue'
import LineKey from '@/shared/LineKey.vue'
import { useAction } from '@/shared/useAction'

/** What was consented to for a minor, by whom and when, and what was withdrawn. */
const props = defineProps<{ id: string; known: AgeAndConsent }>()
const emit = defineEmits<{ changed: [now: AgeAndConsent] }>()
const { t } = useI18n()
const { busy, problem, run } = useAction()
const kinds = (['RECORDS', 'PHOTOS', 'SHARING'] as const).map((value) => ({
  value,
  label: t(`care.kind.${value}`),
}))
const values = reactive<{ kind: ConsentLine['kind']; givenBy: string; givenOn: string }>({
  kind: 'RECORDS',
  givenBy: '',
  givenOn: dayFromToday(0),
})
const nickname = ref('')

function line(one: ConsentLine): string {
  const said = {
    kind: t(`care.kind.${one.kind}`),
    by: one.givenBy,
    day: mediumDay(one.givenOn),
    noted: one.notedBy,
    end: one.withdrawnAt ? mediumDay(one.withdrawnAt) : '',
  }
  return t(one.withdrawnAt ? 'care.withdrawn' : 'care.given', said)
}
async function give(): Promise<void> {
  await run(async () =>
    emit(
      'changed',
      await answer(
        api.POST('/api/v1/people/{id}/consents', {
          params: { path: { id: props.id } },
          body: { ...values },
        }),
      ),
    ),
  )
}
async function withdraw(consentId: string): Promise<void> {
  await run(async () =>
    emit(
      'changed',
      await answer(
        api.POST('/api/v1/people/{id}/consents/{consentId}/withdrawal', {
          params: { path: { id: props.id, consentId } },
          body: { nickname: nickname.value },
        }),
      ),
    ),
  )
}
</script>

<template>
  <h2>{{ t('care.consents') }}</h2>
  <p v-if="known.consents.length === 0" class="bare">{{ t('care.none') }}</p>
  <ul class="bare with-keys">
    <li v-for="one in known.consents" :key="one.id">
      {{ line(one) }}
      <LineKey
        v-if="known.mayChange && !one.withdrawnAt"
        :words="t('care.withdraw')"
        :spoken="t('care.withdrawOf', { kind: t(`care.kind.${one.kind}`) })"
        @click="withdraw(one.id)"
      />
    </li>
  </ul>
  <template v-if="known.mayChange">
    <form class="in-line" novalidate @submit.prevent="give">
      <ChoiceField v-model="values.kind" :label="t('care.what')" :options="kinds" />
      <TextField v-model="values.givenBy" :label="t('care.givenBy')" :most="80" />
      <DateField v-model="values.givenOn" :label="t('care.givenOn')" dense />
      <Button type="submit" severity="secondary" :label="t('care.give')" :loading="busy" />
    </form>
    <div v-if="!known.nicknameOnly" class="nickname">
      <TextField v-model="nickname" :label="t('care.nicknameThen')" :most="20" />
    </div>
  </template>
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
</template>

<style scoped>
form,
.nickname {
  margin-top: 10px;
}
</style>
