<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useRoute } from 'vue-router'
import { onSignedOut } from './api/client'
import PlainHttpNote from './shared/PlainHttpNote.vue'
import RailBar from './shared/RailBar.vue'
import TroubleBar from './shared/TroubleBar.vue'
import SignInAgain from './features/signin/SignInAgain.vue'
import WaitingForServer from './features/signin/WaitingForServer.vue'
import { useSignedIn } from '@/device/useSignedIn'

const signedIn = useSignedIn()
const route = useRoute()
const open = computed(() => route.meta.open === true)
/** There the cloth needs all the room, and what matters is said beside it. */
const atTheTable = computed(() => /^\/table\/(?!begin$)[^/]+$/.test(route.path))

onMounted(() => {
  onSignedOut(() => {
    if (signedIn.me) signedIn.ended = true
  })
})
</script>

<template>
  <div class="frame" :class="{ bare: open || signedIn.waiting }">
    <PlainHttpNote v-if="!atTheTable" />
    <WaitingForServer v-if="signedIn.waiting" :why="signedIn.waiting" />
    <RouterView v-else v-slot="{ Component }">
      <component :is="Component" :key="route.meta.samePage ? route.matched.at(-1)?.path : route.path" />
    </RouterView>
  </div>
  <TroubleBar />
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
