<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { sentence } from '@/api/problem'
import type { Preferences } from '@/api/types'
import AuthenticatorPart from './AuthenticatorPart.vue'
import BackupPart from './BackupPart.vue'
import CarePart from './CarePart.vue'
import ObservationWords from './ObservationWords.vue'
import PasswordForm from './PasswordForm.vue'
import SignInList from './SignInList.vue'
import TokensPart from './TokensPart.vue'
import { useSignedIn } from '@/device/useSignedIn'

const { t } = useI18n()
const signedIn = useSignedIn()
const said = ref('')
const signIns = ref<InstanceType<typeof SignInList>>()
const preferences = computed(() => signedIn.me?.preferences)

const NAMES = ['dialect', 'lengthUnit', 'tipNotation', 'paceNotation', 'theme'] as const
const choices = computed(() => ({
  dialect: options(['POOL', 'SNOOKER']),
  lengthUnit: options(['MILLIMETRES', 'CENTIMETRES', 'INCHES', 'SIGHTS']),
  tipNotation: options(['TIPS', 'CLOCK', 'MILLIMETRES', 'PERCENT']),
  paceNotation: options(['SCALE', 'TABLE_LENGTHS', 'METRES_PER_SECOND']),
  theme: options(['SYSTEM', 'LIGHT', 'DARK']),
}))

function options(values: string[]) {
  return values.map((value) => ({ value, label: t(`settings.${value}`) }))
}

let underWay = 0

async function change(part: Partial<Preferences>): Promise<void> {
  underWay += 1
  said.value = ''
  try {
    await signedIn.changePreferences(part)
    if (underWay === 1) said.value = t('settings.saved')
  } catch (error) {
    said.value = sentence(error)
  } finally {
    underWay -= 1
  }
}
</script>

<template>
  <main v-if="preferences" class="page">
    <h1>{{ t('settings.title') }}</h1>
    <div class="columns">
      <div>
        <section v-for="name in NAMES" :key="name">
          <h2 :id="name">{{ t(`settings.${name}`) }}</h2>
          <SelectButton
            :model-value="preferences[name]"
            :options="choices[name]"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            :aria-labelledby="name"
            @update:model-value="(value: string) => change({ [name]: value })"
          />
        </section>
        <p role="status" class="quiet">{{ said }}</p>
        <ObservationWords />
        <template v-if="signedIn.me?.person.headCoach">
          <BackupPart />
          <CarePart />
        </template>
      </div>
      <div>
        <PasswordForm @changed="signIns?.reload()" />
        <SignInList ref="signIns" />
        <AuthenticatorPart />
        <TokensPart />
        <h2>{{ t('data.title') }}</h2>
        <p class="bare">
          <RouterLink :to="`/people/${signedIn.me?.person.id}/data`">{{ t('data.titleOwn') }}</RouterLink>
        </p>
      </div>
    </div>
  </main>
</template>

<style scoped>
/* The parts of this page too. */
.columns :deep(section) {
  margin: 16px 0;
}
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: 8px 48px;
}
.columns :deep(h2) {
  margin-bottom: 8px;
}
</style>
