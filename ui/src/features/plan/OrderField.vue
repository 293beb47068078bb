<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/shared/ChoiceField.vue'

/** One drill after the other, or in turns. */
const mixed = defineModel<boolean>({ required: true })
const { t } = useI18n()
const order = computed({
  get: () => (mixed.value ? 'mixed' : 'blocked'),
  set: (one: 'mixed' | 'blocked' | undefined) => (mixed.value = one === 'mixed'),
})
</script>

<template>
  <ChoiceField
    v-model="order"
    :label="t('plan.order')"
    :options="(['blocked', 'mixed'] as const).map((value) => ({ value, label: t(`plan.${value}`) }))"
  />
</template>
