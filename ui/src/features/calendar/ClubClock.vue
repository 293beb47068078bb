<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { useAction } from '@/shared/useAction'

/** By which clock all hours are meant; the head coach may set it. */
const props = defineProps<{ zone: string; mayChange: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const id = useId()
const wanted = ref<string>()
const { busy, problem, run } = useAction()
/** Every browser of the last years knows them; elsewhere the name is typed. */
const known = Intl.supportedValuesOf('timeZone')

async function save(): Promise<void> {
  const zone = wanted.value?.trim() ?? ''
  const well = await run(() => answer(api.PUT('/api/v1/calendar-zone', { body: { zone } })))
  if (!well) return
  wanted.value = undefined
  emit('changed')
}
</script>

<template>
  <p class="small quiet clock">
    {{ t('calendar.zone', { zone: zone.replace('_', ' ') }) }}
    <Button
      v-if="mayChange && wanted === undefined"
      severity="secondary"
      size="small"
      :label="t('calendar.changeZone')"
      @click="wanted = props.zone"
    />
  </p>
  <form v-if="wanted !== undefined" class="set" @submit.prevent="save">
    <label :for="id">{{ t('calendar.zoneLabel') }}</label>
    <InputText :id="id" v-model="wanted" :list="`${id}-known`" size="small" maxlength="60" required />
    <datalist :id="`${id}-known`">
      <option v-for="one in known" :key="one" :value="one" />
    </datalist>
    <Button type="submit" size="small" :label="t('calendar.save')" :loading="busy" />
    <Button
      type="button"
      size="small"
      severity="secondary"
      :label="t('calendar.cancel')"
      @click="wanted = undefined"
    />
    <span v-if="problem" role="alert" class="problem">{{ problem }}</span>
  </form>
</template>

<style scoped>
.clock,
.set {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
</style>
