<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { renderSVG } from 'uqr'
import type { Invited } from '@/api/types'
import { useOneTimeLinks } from './useOneTimeLinks'

/** Every one-time link of this visit, to be copied or held in front of a phone; gone once it is put aside. */
const store = useOneTimeLinks()
const copied = ref('')
const refused = ref('')

function address(invited: Invited): string {
  return window.location.origin + invited.linkPath
}

/** A picture of the address that a phone's camera reads; made here, nothing leaves the device. */
function picture(invited: Invited): string {
  return `data:image/svg+xml,${encodeURIComponent(renderSVG(address(invited), { border: 2 }))}`
}

/** Over plain http a browser has no clipboard for pages; the address stands there to be selected. */
async function copy(invited: Invited): Promise<void> {
  try {
    await navigator.clipboard.writeText(address(invited))
    copied.value = invited.id
    refused.value = ''
  } catch {
    refused.value = invited.id
  }
}
</script>

<template>
  <section v-if="store.links.length" class="links" role="status">
    <article v-for="invited in store.links" :key="invited.id" class="link">
      <img :src="picture(invited)" :alt="$t('people.qr', { name: invited.name })" width="148" height="148" />
      <div>
        <p>
          <strong>{{ $t('people.linkFor', { name: invited.name }) }}</strong>
        </p>
        <p>
          <code>{{ address(invited) }}</code>
        </p>
        <p class="small">{{ $t('people.linkHow') }}</p>
        <p class="actions">
          <Button
            :label="$t(copied === invited.id ? 'people.copied' : 'people.copy')"
            :aria-label="$t('people.copyOf', { name: invited.name })"
            @click="copy(invited)"
          />
          <Button
            :label="$t('people.linkDone')"
            :aria-label="$t('people.linkDoneOf', { name: invited.name })"
            severity="secondary"
            @click="store.putAside(invited.id)"
          />
        </p>
        <p v-if="refused === invited.id" role="alert" class="small">{{ $t('people.copyByHand') }}</p>
      </div>
    </article>
  </section>
</template>

<style scoped>
.links {
  display: grid;
  gap: 12px;
  margin: 12px 0;
}
.link {
  display: flex;
  gap: 8px 20px;
  flex-wrap: wrap;
  padding: 12px 16px;
  background: var(--paper-raised);
  border-left: 4px solid var(--amber);
}
.link > div {
  flex: 1 1 300px;
  min-width: 0;
}
img {
  background: var(--white);
}
p {
  margin: 0 0 8px;
}
.actions {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
code {
  user-select: all;
  overflow-wrap: anywhere;
}
</style>
