<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import PasswordField from './PasswordField.vue'

/** Something that only whoever knows the password of this sign-in may do; the field is empty again once it was sent. */
defineProps<{ label: string; busy: boolean; refused: boolean }>()
const emit = defineEmits<{ sent: [password: string] }>()
const { t } = useI18n()
const password = ref('')

function send(): void {
  emit('sent', password.value)
  password.value = ''
}
</script>

<template>
  <form class="in-line" novalidate @submit.prevent="send">
    <PasswordField v-model="password" :label="t('account.own')" kind="current" :invalid="refused" />
    <Button type="submit" severity="secondary" :label="label" :loading="busy" :disabled="!password" />
  </form>
</template>
