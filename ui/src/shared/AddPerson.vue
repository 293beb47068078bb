<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import type { Invited } from '@/api/types'
import { useAction } from '@/shared/useAction'
import OneTimeLink from './OneTimeLink.vue'

/** A name and a button; afterwards the one-time link, which is shown only now. */
const props = defineProps<{ label: string; action: string; add: (name: string) => Promise<Invited> }>()
const emit = defineEmits<{ added: [] }>()
const name = ref('')
const { problem, run } = useAction()
const invited = ref<Invited>()

async function submit(): Promise<void> {
  await run(async () => {
    invited.value = await props.add(name.value)
    name.value = ''
    emit('added')
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
    <OneTimeLink v-if="invited" :invited="invited" />
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
  color: var(--brick-text);
  margin: 0;
}
</style>
