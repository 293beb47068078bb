<script setup lang="ts">
import Menu from 'primevue/menu'
import { computed, onMounted, onUnmounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { useOutbox } from '@/device/useOutbox'
import StudentPicker from './StudentPicker.vue'
import { useHand } from './useHand'
import { useNarrow } from './useNarrow'
import { hasUnsaved } from './useUnsaved'
import { useSignedIn } from '@/device/useSignedIn'
import { waitingBesideAttempts } from '@/device/waitingBesideAttempts'

const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const signedIn = useSignedIn()
const hand = useHand()
const outbox = useOutbox()
const menu = ref<InstanceType<typeof Menu>>()
const picker = ref<InstanceType<typeof StudentPicker>>()
const student = ref<HTMLButtonElement>()
const isCoach = computed(() => signedIn.me?.person.role === 'COACH')

/** On a phone there is room for one word. */
const narrow = useNarrow(620)
const shownName = computed(() => {
  const name = hand.hand.studentName
  if (!name) return t(narrow.value ? 'rail.noStudentShort' : 'rail.noStudent')
  return narrow.value ? (name.split(/\s+/)[0] ?? name) : name
})

/** The one key that works on every page. */
const KEY_STUDENT = 'k'
function onKey(event: KeyboardEvent): void {
  const where = event.target instanceof HTMLElement ? event.target : undefined
  const typing = where?.closest('input, textarea, select, [contenteditable], [role="dialog"]')
  if (event.key.toLowerCase() !== KEY_STUDENT || event.ctrlKey || event.metaKey || event.altKey) return
  if (typing || !student.value) return
  event.preventDefault()
  student.value.click()
}
onMounted(() => document.addEventListener('keydown', onKey))
onUnmounted(() => document.removeEventListener('keydown', onKey))

const steps = computed(() => [
  { key: 'today', to: '/today' },
  { key: 'drills', to: '/drills' },
  { key: 'plan', to: '/plan' },
  { key: 'table', to: hand.hand.sessionId ? `/table/${hand.hand.sessionId}` : '/table' },
  { key: 'review', to: '/review' },
  { key: 'progress', to: '/progress' },
  { key: 'lab', to: '/lab' },
  { key: 'kit', to: '/kit' },
])

/** A phone has room for no more. */
const firstName = computed(() => signedIn.me?.person.name.split(' ')[0] ?? '')

const sync = computed(() => {
  const waiting = outbox.waiting + waitingBesideAttempts.value.waiting
  const onlyHere = outbox.onlyHere + waitingBesideAttempts.value.onlyHere
  if (outbox.parkedCount) return t('rail.parked', { n: outbox.parkedCount })
  if (onlyHere) return t('rail.onlyHere', { n: onlyHere })
  if (outbox.unreachable) return t('rail.offline', { n: waiting })
  if (waiting) return t('rail.waiting', { n: waiting })
  if (hasUnsaved.value) return t('rail.unsaved')
  return outbox.looked ? t('rail.saved') : t('rail.looking')
})

const items = computed(() => [
  { label: t('rail.settings'), command: () => void router.push('/settings') },
  ...(isCoach.value ? [{ label: t('rail.people'), command: () => void router.push('/people') }] : []),
  { label: t('rail.signOut'), command: () => void leave() },
])

async function leave(): Promise<void> {
  hand.drop()
  await signedIn.signOut()
  await router.push('/sign-in')
}

function isHere(key: string): boolean {
  return route.path.startsWith(`/${key}`)
}
</script>

<template>
  <nav class="rail" :aria-label="t('rail.steps')">
    <div v-if="signedIn.me" class="left">
      <button
        v-if="isCoach"
        ref="student"
        type="button"
        class="who"
        aria-haspopup="dialog"
        :aria-label="`${hand.hand.studentName ?? t('rail.noStudent')}. ${t('student.key', { key: KEY_STUDENT.toUpperCase() })}`"
        @click="picker?.open($event)"
      >
        <strong>{{ shownName }}</strong>
        <kbd aria-hidden="true">{{ KEY_STUDENT.toUpperCase() }}</kbd>
      </button>
      <strong v-else class="who">{{ narrow ? firstName : signedIn.me.person.name }}</strong>
      <button
        type="button"
        class="who account small"
        aria-haspopup="menu"
        :aria-label="t('rail.account', { name: signedIn.me.person.name })"
        @click="menu?.toggle($event)"
      >
        <span>{{ narrow ? t('rail.you') : t('rail.account', { name: signedIn.me.person.name }) }}</span>
      </button>
    </div>
    <StudentPicker v-if="isCoach" ref="picker" />
    <Menu ref="menu" :model="items" popup />
    <ol class="bare">
      <li v-for="step in steps" :key="step.key">
        <RouterLink
          :to="step.to"
          :aria-current="isHere(step.key) ? 'step' : undefined"
          :class="{ here: isHere(step.key) }"
        >
          <svg viewBox="0 0 20 28" width="16" height="22" aria-hidden="true">
            <path d="M10 2 L17 14 L10 26 L3 14 Z" />
          </svg>
          <span>{{ t(`rail.${step.key}`) }}</span>
        </RouterLink>
      </li>
    </ol>
    <p class="sync small" role="status" :class="{ alarm: outbox.parkedCount > 0 }">{{ sync }}</p>
  </nav>
</template>

<style scoped>
.rail {
  position: fixed;
  inset: auto 0 0 0;
  height: var(--rail-height);
  display: grid;
  grid-template-columns: minmax(120px, 1fr) auto minmax(80px, 1fr);
  align-items: center;
  padding: 0 24px;
  background: linear-gradient(var(--rail-light), var(--rail-dark));
  border-top: 3px solid var(--wood-light);
  color: var(--rail-ink);
  z-index: 10;
}
.left {
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-width: 0;
  line-height: 1.2;
}
.who {
  all: unset;
  cursor: pointer;
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 30px;
  max-width: 100%;
  overflow: hidden;
  white-space: nowrap;
}
strong.who {
  cursor: default;
}
.account {
  min-height: 24px;
}
.who strong,
.who span {
  overflow: hidden;
  text-overflow: ellipsis;
}
.who:focus-visible {
  outline: 3px solid var(--white);
}
ol {
  display: flex;
  gap: 8px;
}
a {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  min-width: 88px;
  height: 56px;
  color: var(--rail-ink);
  text-decoration: none;
}
a:focus-visible {
  outline: 3px solid var(--white);
  outline-offset: -3px;
}
path {
  fill: var(--rail-mark);
}
.here {
  font-weight: 700;
}
.here path {
  fill: var(--rail-lit);
  stroke: var(--rail-lit-edge);
  stroke-width: 2;
}
.sync {
  text-align: right;
  margin: 0;
}
.alarm {
  font-weight: 700;
  text-decoration: underline;
}
@media (max-width: 1100px) {
  a {
    min-width: 76px;
  }
  ol {
    gap: 4px;
  }
}
@media (max-width: 620px) {
  .rail {
    padding: 0 4px;
    grid-template-columns: 42px 1fr 50px;
  }
  /* Eight steps and the state of the queue on 390 px. */
  a {
    min-width: 31px;
    padding: 0 2px;
    font-size: 11px;
  }
  .who {
    font-size: 13px;
    min-height: 32px;
  }
  .who kbd {
    display: none;
  }
  ol {
    justify-content: center;
    gap: 0;
  }
  .sync {
    font-size: 11.5px;
    line-height: 1.1;
  }
}
</style>
