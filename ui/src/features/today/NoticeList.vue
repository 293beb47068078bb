<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { useLoad } from '@/shared/useLoad'

/** What others did with this person's way to sign in: said until it has been read. */
const { t } = useI18n()
const { data, reload } = useLoad(() => answer(api.GET('/api/v1/me/notices')))
onMounted(reload)

async function read(): Promise<void> {
  await answer(api.DELETE('/api/v1/me/notices'))
  await reload()
}

function when(instant: string): string {
  return new Date(instant).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
}
</script>

<template>
  <aside v-if="data?.length" class="notices" :aria-label="t('account.notices')">
    <ul class="bare">
      <li v-for="one in data" :key="`${one.kind} ${one.happenedAt}`">
        {{ t(`account.notice.${one.kind}`, { name: one.byName, when: when(one.happenedAt) }) }}
      </li>
    </ul>
    <Button :label="t('account.read')" severity="secondary" @click="read" />
  </aside>
</template>

<style scoped>
.notices {
  display: flex;
  gap: 16px;
  align-items: center;
  margin: 12px 0;
  padding: 10px 16px;
  border-left: 5px solid var(--amber);
  background: var(--paper-raised);
}
ul {
  flex: 1;
}
</style>
