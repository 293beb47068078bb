<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, reactive, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { AgeAndConsent } from '@/api/types'
import TextField from '@/shared/TextField.vue'
import { useAction } from '@/shared/useAction'

/** Whether somebody is a minor, since when, and who answers for them. */
const props = defineProps<{ id: string; known: AgeAndConsent }>()
const emit = defineEmits<{ changed: [now: AgeAndConsent] }>()
const { t } = useI18n()
const { busy, problem, run } = useAction()
const values = reactive({ minor: false, birthYear: '', nickname: '', guardian: '', contact: '' })
watch(
  () => props.known,
  ({ minor, birthYear, guardian, contact }) =>
    Object.assign(values, { minor, birthYear: birthYear ? String(birthYear) : '', guardian, contact }),
  { immediate: true },
)

/** Then the full name may be kept. */
const consented = computed(() =>
  props.known.consents.some(({ kind, withdrawnAt }) => kind === 'RECORDS' && !withdrawnAt),
)

async function saveAge(): Promise<void> {
  const year = Number(values.birthYear)
  await run(async () =>
    emit(
      'changed',
      await answer(
        api.PUT('/api/v1/people/{id}/age', {
          params: { path: { id: props.id } },
          body: {
            minor: values.minor,
            nickname: values.nickname,
            ...(values.birthYear.trim() ? { birthYear: Number.isFinite(year) ? year : 0 } : {}),
          },
        }),
      ),
    ),
  )
}
async function saveGuardian(): Promise<void> {
  const { guardian, contact } = values
  await run(async () =>
    emit(
      'changed',
      await answer(
        api.PUT('/api/v1/people/{id}/guardian', {
          params: { path: { id: props.id } },
          body: { guardian, contact },
        }),
      ),
    ),
  )
}
</script>

<template>
  <form v-if="known.mayChange" novalidate @submit.prevent="saveAge">
    <label class="check"><Checkbox v-model="values.minor" binary /> {{ t('care.minor') }}</label>
    <TextField
      v-if="known.asks === 'BIRTH_YEAR' && !known.nicknameOnly"
      v-model="values.birthYear"
      :label="t('care.birthYear')"
      :most="4"
    />
    <TextField v-if="!consented" v-model="values.nickname" :label="t('care.nickname')" :most="20" />
    <Button type="submit" severity="secondary" :label="t('care.saveAge')" :loading="busy" />
  </form>
  <p v-else-if="known.birthYear" class="bare">{{ t('care.birthYear') }}: {{ known.birthYear }}</p>
  <p class="small quiet">
    {{ t('care.nicknameHint') }}
    <template v-if="known.asks === 'BIRTH_YEAR'">{{ t('care.untilEnd') }}</template>
  </p>
  <form
    v-if="known.mayChange && known.minor && !known.nicknameOnly"
    novalidate
    @submit.prevent="saveGuardian"
  >
    <TextField v-model="values.guardian" :label="t('care.guardian')" :most="80" />
    <TextField v-model="values.contact" :label="t('care.contact')" :most="120" />
    <Button type="submit" severity="secondary" :label="t('care.saveGuardian')" :loading="busy" />
  </form>
  <p v-else-if="known.guardian" class="bare">
    {{ t('care.guardian') }}: {{ known.guardian }}, {{ known.contact }}
  </p>
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: end;
  margin-top: 10px;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
</style>
