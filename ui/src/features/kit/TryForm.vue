<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { CheckPlace, ReadingBody, ReadingKind } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import NumberField from '@/shared/NumberField.vue'
import StopwatchKey from './StopwatchKey.vue'
import { useTypedLengths } from './typedLengths'

/** One try: timed, measured, written down. */
const props = defineProps<{ place: CheckPlace; tipSideMillimetres?: number }>()
const emit = defineEmits<{ write: [ReadingBody] }>()
const { t } = useI18n()
const lengths = useTypedLengths()

const seconds = ref<number>()
const typedSeconds = computed({
  get: () => seconds.value ?? 0,
  set: (value) => (seconds.value = value),
})
const length = ref(0)
const aside = ref(0)
const side = ref<'left' | 'right'>('left')
const kind = computed<ReadingKind>(() => props.place.kind)
const hasLength = computed(() => kind.value !== 'SIDE')
const hasAside = computed(() => kind.value === 'ROLL' || kind.value === 'SIDE')
const ready = computed(() => (seconds.value ?? 0) > 0 && (!hasLength.value || length.value > 0))
watch(kind, clear)

function clear(): void {
  seconds.value = undefined
  length.value = 0
  aside.value = 0
}

function write(): void {
  if (!ready.value || seconds.value === undefined) return
  const left = side.value === 'left' ? aside.value : -aside.value
  emit('write', {
    kind: kind.value,
    xMetres: props.place.xMetres,
    yMetres: props.place.yMetres,
    directionDegrees: props.place.directionDegrees,
    seconds: seconds.value,
    ...(hasLength.value ? { metres: lengths.metres(length.value) } : {}),
    ...(hasAside.value ? { asideMillimetres: left } : {}),
    ...(kind.value === 'SIDE' ? { tipSideMillimetres: props.tipSideMillimetres ?? 0 } : {}),
    takenAt: new Date().toISOString(),
    confirmed: false,
    withdrawn: false,
  })
  clear()
}
</script>

<template>
  <form class="try" @submit.prevent="write">
    <StopwatchKey v-model="seconds" :kind="kind" />
    <div class="fields">
      <NumberField
        v-model="typedSeconds"
        :label="t('kit.checkPage.seconds')"
        :unit="t('kit.checkPage.secondsUnit')"
        :min="0"
        :max="120"
      />
      <NumberField
        v-if="hasLength"
        v-model="length"
        :label="t(`kit.checkPage.metres.${kind}`)"
        :unit="lengths.name.value"
        :min="0"
        :digits="1"
      />
      <template v-if="hasAside">
        <NumberField
          v-model="aside"
          :label="t(`kit.checkPage.aside.${kind}`)"
          unit="mm"
          :min="0"
          :digits="0"
        />
        <ChoiceField
          :model-value="side"
          :label="t('kit.checkPage.side.label')"
          :options="
            (['left', 'right'] as const).map((value) => ({ value, label: t(`kit.checkPage.side.${value}`) }))
          "
          @update:model-value="(value) => (side = value ?? 'left')"
        />
      </template>
    </div>
    <Button type="submit" size="large" :label="t('kit.checkPage.write')" :disabled="!ready" />
  </form>
</template>

<style scoped>
.try {
  display: grid;
  gap: 12px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 20px;
  align-items: end;
}
</style>
