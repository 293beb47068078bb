<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { DrillDetail } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import { useAction } from '@/shared/useAction'

/** What a coach may do with the drill itself: open it on the bench, copy, share, save, put away. */
const props = defineProps<{ detail: DrillDetail }>()
const emit = defineEmits<{ changed: [] }>()
const { t } = useI18n()
const router = useRouter()
const signedIn = useSignedIn()
const { problem, run } = useAction()
const isAway = ref(false)
const id = computed(() => props.detail.drill.drill.id)
const params = computed(() => ({ path: { id: id.value } }))
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
const isMine = computed(() => props.detail.origin === 'OWN' || props.detail.origin === 'OWN_SHARED')

const copy = () =>
  run(async () => {
    const saved = await answer(api.POST('/api/v1/drills/{id}/copy', { params: params.value }))
    await router.push(`/drills/${saved.id}/bench`)
  })
const share = (shared: boolean) =>
  run(async () => {
    await answer(api.PUT('/api/v1/drills/{id}/sharing', { params: params.value, body: { shared } }))
    emit('changed')
  })
const putAway = () =>
  run(async () => {
    await answer(api.DELETE('/api/v1/drills/{id}', { params: params.value }))
    isAway.value = true
  })
const bringBack = () =>
  run(async () => {
    await answer(api.POST('/api/v1/drills/{id}/bring-back', { params: params.value }))
    isAway.value = false
  })
</script>

<template>
  <div class="drill-actions no-print">
    <p v-if="isAway" role="status">
      {{ t('library.putAwayDone', { title: detail.drill.drill.title }) }}
      <button type="button" class="link" @click="bringBack">{{ t('library.bringBack') }}</button>
    </p>
    <template v-else>
      <template v-if="isCoach">
        <Button
          v-if="isMine"
          :label="t('library.edit')"
          severity="secondary"
          @click="router.push(`/drills/${id}/bench`)"
        />
        <Button :label="t('library.copyAndEdit')" severity="secondary" @click="copy" />
      </template>
      <a :href="`/api/v1/drills/${encodeURIComponent(id)}/file`" download>{{ t('library.saveFile') }}</a>
      <template v-if="isMine">
        <button type="button" class="link" @click="share(detail.origin === 'OWN')">
          {{ t(detail.origin === 'OWN' ? 'library.share' : 'library.unshare') }}
        </button>
        <button type="button" class="link" @click="putAway">{{ t('library.putAway') }}</button>
      </template>
    </template>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </div>
</template>

<style scoped>
.drill-actions {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  align-items: center;
}
p {
  margin: 0;
}
</style>
