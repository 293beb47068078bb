<script setup lang="ts">
import { onMounted } from 'vue'
import { answer, api } from '@/api/client'
import { useLoad } from '@/shared/useLoad'
import OpenPage from './OpenPage.vue'

/** One report for whoever has its link. It is fetched first, so that a link that has ended says so in words. */
const props = defineProps<{ token: string }>()
const { data, problem, reload } = useLoad(async () =>
  URL.createObjectURL(
    await answer(
      api.GET('/api/v1/shared-reports/{token}', {
        params: { path: { token: props.token } },
        parseAs: 'blob',
      }),
    ),
  ),
)
onMounted(reload)
</script>

<template>
  <OpenPage :title="$t('share.pageTitle')" :lead="problem || $t('share.pageLead')">
    <p v-if="data">
      <a class="choice-key" :href="data" download="practice-report.pdf">{{ $t('share.open') }}</a>
    </p>
  </OpenPage>
</template>
