<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { ZONE } from '@/shared/days'
import { useStartPlan } from '@/shared/useStartPlan'
import { withoutPeople } from './planBody'
import type { PlanDraft } from './usePlanDraft'

/** What can be done with a whole plan, and whether it is saved. */
const props = defineProps<{ plan: PlanDraft; mine: boolean }>()
const emit = defineEmits<{ saved: [string]; again: [] }>()
const { t } = useI18n()
const router = useRouter()
const { starting, problem, start } = useStartPlan()
const said = ref('')
const paper = navigator.language === 'en-US' ? 'LETTER' : 'A4'

const draft = computed(() => props.plan.draft.value)
const stored = computed(() => props.plan.stored.value)
const state = computed(() => {
  if (!props.mine) return ''
  if (props.plan.dirty.value) return t('plan.unsaved')
  return stored.value ? t('plan.saved') : ''
})

async function save(): Promise<boolean> {
  const id = await props.plan.save()
  if (id) emit('saved', id)
  return id !== undefined
}

async function go(): Promise<void> {
  if (props.plan.dirty.value && props.mine && !(await save())) return
  if (stored.value) await start(stored.value)
}

async function keepPattern(): Promise<void> {
  const now = draft.value
  if (!now) return
  const pattern = {
    pattern: true,
    studentIds: [],
    items: withoutPeople(now.items),
    revision: 0,
    onDay: undefined,
  }
  const kept = await props.plan.attempt(() =>
    answer(api.POST('/api/v1/plans', { body: { ...now, ...pattern }, params: { query: { zone: ZONE } } })),
  )
  if (kept) said.value = t('plan.keptPattern')
}

async function archive(): Promise<void> {
  const id = stored.value?.id
  if (!id) return
  await props.plan.attempt(() => answer(api.POST('/api/v1/plans/{id}/archive', { params: { path: { id } } })))
  if (props.plan.problem.value) return
  // Nothing is left to be saved.
  props.plan.discard()
  await router.push('/plan')
}
</script>

<template>
  <div v-if="draft">
    <p class="acts no-print">
      <Button
        v-if="!draft.pattern"
        :label="t('plan.start')"
        :title="t('plan.startHint')"
        :loading="starting"
        :disabled="draft.items.length === 0 || draft.studentIds.length === 0"
        fluid
        @click="go"
      />
      <template v-if="mine">
        <Button severity="secondary" :label="t('plan.save')" :disabled="!plan.dirty.value" @click="save" />
        <Button severity="secondary" :label="t('plan.again')" @click="emit('again')" />
        <Button
          severity="secondary"
          :label="t('plan.undo')"
          :disabled="!plan.canUndo.value"
          @click="plan.undo"
        />
        <Button
          v-if="!draft.pattern"
          severity="secondary"
          :label="t('plan.keepPattern')"
          @click="keepPattern"
        />
        <Button v-if="stored" severity="secondary" :label="t('plan.archive')" @click="archive" />
      </template>
    </p>
    <p v-if="stored && !draft.pattern" class="no-print">
      <a :href="`/api/v1/plans/${stored.id}/sheet.pdf?paper=${paper}`" target="_blank">{{
        t('plan.sheet.print')
      }}</a>
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p role="status" class="quiet small">{{ state }}</p>
    <p v-if="said" role="status" class="quiet small">{{ said }}</p>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
