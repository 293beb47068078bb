<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import type { Invited } from '@/api/types'
import { useAction } from '@/shared/useAction'
import { useOneTimeLinks } from './useOneTimeLinks'

/** A name and a button; the one-time link is kept to be shown beside it. */
const props = defineProps<{ label: string; action: string; add: (name: string) => Promise<Invited> }>()
const emit = defineEmits<{ added: [person: Invited] }>()
const links = useOneTimeLinks()
const name = ref('')
const { problem, run } = useAction()

async function submit(): Promise<void> {
  await run(async () => {
    const invited = await props.add(name.value)
    links.keep(invited)
    name.value = ''
    emit('added', invited)
  })
}
</script>

<template>
  <form class="add" @submit.prevent="submit">
    <label>
      <span>{{ label }}</span>
      <InputText v-model="name" maxlength="80" :invalid="problem !== ''" />
    </label>
    <Button type="submit" :label="action" severity="secondary" />
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </form>
</template>

<style scoped>
.add {
  display: flex;
  gap: 12px;
  align-items: end;
  flex-wrap: wrap;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
.problem {
  margin: 0;
}
</style>
