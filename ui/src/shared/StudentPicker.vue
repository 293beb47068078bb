<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Popover from 'primevue/popover'
import { computed, nextTick, ref, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { useHand } from './useHand'
import { useLoad } from './useLoad'
import { useAboutStudent, type ChosenStudent } from './useAboutStudent'

/** Chooses who is at the table: press, two letters, Enter. */
const { t } = useI18n()
const hand = useHand()
const { choose } = useAboutStudent()
const { data, busy, problem, reload } = useLoad(() => answer(api.GET('/api/v1/students')))
const popover = ref<InstanceType<typeof Popover>>()
const field = ref<{ $el: HTMLInputElement }>()
const typed = ref('')
const at = ref(0)
let enterWaits = false
const listId = useId()

const found = computed(() => {
  const letters = typed.value.trim().toLocaleLowerCase()
  const words = (name: string) => name.toLocaleLowerCase().split(/\s+/)
  const all = data.value ?? []
  const begins = all.filter(({ name }) => words(name).some((word) => word.startsWith(letters)))
  return letters && begins.length === 0
    ? all.filter(({ name }) => name.toLocaleLowerCase().includes(letters))
    : begins
})

const active = computed(() => {
  const one = found.value[at.value]
  return one && `${listId}-${one.id}`
})

async function open(event: Event): Promise<void> {
  typed.value = ''
  enterWaits = false
  popover.value?.toggle(event)
  await reload()
  at.value = Math.max(
    0,
    found.value.findIndex(({ id }) => id === hand.hand.studentId),
  )
  if (enterWaits) await enter()
}

/** Fingers are quicker than a slow server: Enter before the list has come counts once it is there. */
async function enter(): Promise<void> {
  enterWaits = busy.value && data.value === undefined
  if (!enterWaits) await take(found.value[at.value])
}

async function shown(): Promise<void> {
  await nextTick()
  field.value?.$el.focus()
}

function move(step: number): void {
  const n = found.value.length
  if (n > 0) at.value = (at.value + step + n) % n
}

async function take(student: ChosenStudent | undefined): Promise<void> {
  if (!student) return
  popover.value?.hide()
  await choose({ id: student.id, name: student.name })
}

defineExpose({ open })
</script>

<template>
  <Popover ref="popover" :pt="{ root: { 'aria-label': t('student.choose') } }" @show="shown">
    <div class="picker">
      <label :for="`${listId}-field`">{{ t('student.choose') }}</label>
      <InputText
        :id="`${listId}-field`"
        ref="field"
        v-model="typed"
        role="combobox"
        autocomplete="off"
        aria-expanded="true"
        :aria-controls="listId"
        :aria-activedescendant="active"
        @input="at = 0"
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="enter"
      />
      <p v-if="problem" role="alert" class="small">{{ problem }}</p>
      <p v-else-if="busy && !data" class="small quiet">{{ t('app.loading') }}</p>
      <p v-else-if="found.length === 0" class="small quiet">
        {{ data?.length ? t('student.noMatch') : t('today.empty') }}
      </p>
      <ul :id="listId" class="bare" role="listbox" :aria-label="t('student.choose')">
        <li
          v-for="(student, index) in found"
          :id="`${listId}-${student.id}`"
          :key="student.id"
          role="option"
          :aria-selected="index === at"
          :class="{ at: index === at }"
          @click="take(student)"
        >
          {{ student.name }}
        </li>
      </ul>
    </div>
  </Popover>
</template>

<style scoped>
.picker {
  display: grid;
  gap: 6px;
  width: min(300px, 80vw);
}
label {
  font-weight: 600;
}
ul {
  max-height: 320px;
  overflow-y: auto;
}
li {
  min-height: 44px;
  display: flex;
  align-items: center;
  padding: 4px 10px;
  border-radius: 6px;
  cursor: pointer;
  overflow-wrap: anywhere;
}
.at {
  background: var(--slate);
  color: var(--paper);
}
</style>
