<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { sentence } from '@/api/problem'
import type { Preferences } from '@/api/types'
import { useSignedIn } from '@/shared/useSignedIn'

const { t } = useI18n()
const signedIn = useSignedIn()
const said = ref('')
const preferences = computed(() => signedIn.me?.preferences)

const choices = computed(() => ({
  dialect: options(['POOL', 'SNOOKER']),
  lengthUnit: options(['MILLIMETRES', 'CENTIMETRES', 'INCHES', 'SIGHTS']),
  theme: options(['SYSTEM', 'LIGHT', 'DARK']),
}))

function options(values: string[]) {
  return values.map((value) => ({ value, label: t(`settings.${value}`) }))
}

async function change(part: Partial<Preferences>): Promise<void> {
  if (!preferences.value) return
  try {
    await signedIn.changePreferences({ ...preferences.value, ...part })
    said.value = t('settings.saved')
  } catch (error) {
    said.value = sentence(error)
  }
}
</script>

<template>
  <main v-if="preferences" class="page">
    <h1>{{ t('settings.title') }}</h1>
    <section>
      <h2 id="dialect">{{ t('settings.dialect') }}</h2>
      <SelectButton
        :model-value="preferences.dialect"
        :options="choices.dialect"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-labelledby="dialect"
        @update:model-value="(dialect: Preferences['dialect']) => change({ dialect })"
      />
    </section>
    <section>
      <h2 id="unit">{{ t('settings.unit') }}</h2>
      <SelectButton
        :model-value="preferences.lengthUnit"
        :options="choices.lengthUnit"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-labelledby="unit"
        @update:model-value="(lengthUnit: Preferences['lengthUnit']) => change({ lengthUnit })"
      />
    </section>
    <section>
      <h2 id="theme">{{ t('settings.theme') }}</h2>
      <SelectButton
        :model-value="preferences.theme"
        :options="choices.theme"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-labelledby="theme"
        @update:model-value="(theme: Preferences['theme']) => change({ theme })"
      />
    </section>
    <p role="status" class="quiet">{{ said }}</p>
  </main>
</template>

<style scoped>
.page {
  padding: 20px 24px;
}
section {
  margin: 24px 0;
}
h2 {
  margin-bottom: 8px;
}
</style>
