<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import SelectButton from 'primevue/selectbutton'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { ErasureAsked } from '@/api/types'
import PasswordField from '@/shared/PasswordField.vue'
import { useAction } from '@/shared/useAction'

/** Asks for somebody to be erased; folded, since it is seldom wanted. */
const props = defineProps<{ id: string; student: boolean }>()
const emit = defineEmits<{ erased: [now: boolean] }>()
const { t } = useI18n()
const values = reactive<ErasureAsked>({ way: 'ERASE', now: false, password: '' })
const { busy, problem, field, run } = useAction()
const ways = computed(() =>
  (['ERASE', 'NAMELESS'] as const).map((value) => ({ value, label: t(`data.erase.way.${value}`) })),
)

async function send(): Promise<void> {
  const path = { id: props.id }
  const done = await run(() =>
    answer(api.POST('/api/v1/people/{id}/erasure', { params: { path }, body: { ...values } })),
  )
  values.password = ''
  if (done) emit('erased', values.now)
}
</script>

<template>
  <details>
    <summary>{{ t('data.erase.title') }}</summary>
    <form class="stacked" novalidate @submit.prevent="send">
      <SelectButton
        v-if="student"
        v-model="values.way"
        :options="ways"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="t('data.erase.title')"
      />
      <p class="bare">{{ t(values.way === 'ERASE' ? 'data.erase.about' : 'data.erase.nameless') }}</p>
      <p class="bare small quiet">{{ t('data.erase.file') }}</p>
      <label class="check"
        ><Checkbox v-model="values.now" binary /> <span>{{ t('data.erase.now') }}</span></label
      >
      <PasswordField
        v-model="values.password"
        class="password"
        :label="t('account.own')"
        kind="current"
        :invalid="field === 'password'"
      />
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <Button
        type="submit"
        severity="secondary"
        class="erase"
        :label="t('data.erase.ask')"
        :loading="busy"
        :disabled="!values.password"
      />
    </form>
  </details>
</template>

<style scoped>
details {
  margin-top: 20px;
}
summary {
  font-weight: 600;
}
form {
  max-width: 560px;
}
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.password {
  width: min(420px, 100%);
}
.erase {
  border-color: var(--brick-text);
  color: var(--brick-text);
}
</style>
