<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useRoute } from 'vue-router'
import { onSignedOut } from './api/client'
import RailBar from './shared/RailBar.vue'
import SignInAgain from './features/signin/SignInAgain.vue'
import { useSignedIn } from './shared/useSignedIn'

const signedIn = useSignedIn()
const route = useRoute()
const open = computed(() => route.meta.open === true)

onMounted(() => {
  onSignedOut(() => {
    if (signedIn.me) signedIn.ended = true
  })
})
</script>

<template>
  <div class="frame" :class="{ bare: open }">
    <RouterView v-slot="{ Component }">
      <component :is="Component" :key="route.path" />
    </RouterView>
  </div>
  <RailBar v-if="!open && signedIn.me" />
  <SignInAgain v-if="signedIn.ended && signedIn.me && !open" />
</template>

<style scoped>
.frame {
  min-height: 100%;
  padding-bottom: var(--rail-height);
}
.frame.bare {
  padding-bottom: 0;
}
</style>
