<script setup lang="ts">
import Button from 'primevue/button'
import { useI18n } from 'vue-i18n'
import type { KitReading, ReadingBody } from '@/api/types'
import { useUnits } from '@/shared/units'
import type { Pending } from '@/device/pendingReadings'
import { useTypedLengths } from './typedLengths'

/** What has been written down, newest first; what does not go with the others is asked about. */
defineProps<{ readings: KitReading[]; pending: Pending[]; open: boolean }>()
const emit = defineEmits<{
  change: [id: string, body: ReadingBody]
  again: [id: string]
  drop: [id: string]
}>()
const { t } = useI18n()
const { figure } = useUnits()
const lengths = useTypedLengths()

function metres(value: number): string {
  return `${figure(lengths.typed(value), 1)} ${lengths.name.value}`
}

function sentence(one: ReadingBody | KitReading): string {
  const parts = [`${figure(one.seconds, 2)} s`]
  if (one.metres !== undefined) parts.push(metres(one.metres))
  if (one.asideMillimetres !== undefined) {
    const way = one.asideMillimetres >= 0 ? 'left' : 'right'
    parts.push(t(`kit.checkPage.asideSaid.${way}`, { n: figure(Math.abs(one.asideMillimetres), 0) }))
  }
  return parts.join(', ')
}

function where(one: ReadingBody | KitReading): string {
  const kind = t(`kit.checkPage.kinds.${one.kind}`)
  if (one.kind === 'SIDE') {
    const at = one.tipSideMillimetres ?? 0
    const way = at === 0 ? 'middle' : at > 0 ? 'right' : 'left'
    return `${kind}, ${t(`kit.checkPage.tipAt.${way}`, { n: figure(Math.abs(at), 0) })}`
  }
  return `${kind} ${t(`kit.checkPage.directions.${one.directionDegrees}`)}`
}

function body(one: KitReading, change: Partial<ReadingBody>): ReadingBody {
  const { kind, xMetres, yMetres, directionDegrees, seconds, takenAt, confirmed, withdrawn } = one
  const { metres: length, asideMillimetres, tipSideMillimetres } = one
  return {
    ...{ kind, xMetres, yMetres, directionDegrees, seconds, takenAt, confirmed, withdrawn },
    ...{ metres: length, asideMillimetres, tipSideMillimetres },
    ...change,
  }
}

/** The value that a slip would explain, in the unit that it is read in. */
function mended(one: KitReading): string {
  const mend = one.doubt?.mend
  if (!mend) return ''
  if (mend.field.startsWith('seconds')) return `${figure(mend.mended, 2)} s`
  return mend.field.startsWith('metres') ? metres(mend.mended) : `${figure(mend.mended, 0)} mm`
}

function mend(one: KitReading): void {
  const slip = one.doubt?.mend
  if (!slip) return
  const field = slip.field.startsWith('seconds')
    ? 'seconds'
    : slip.field.startsWith('metres')
      ? 'metres'
      : 'asideMillimetres'
  emit('change', one.id, body(one, { [field]: slip.mended }))
}
</script>

<template>
  <ol class="bare tries">
    <li v-for="one in [...pending].reverse()" :key="one.id" class="waits">
      <span class="small quiet">{{ where(one.body) }}</span>
      <span class="figures">{{ sentence(one.body) }}</span>
      <template v-if="one.refused">
        <span role="alert" class="problem wide">
          {{ t('kit.checkPage.refused', { sentence: one.refused }) }}
        </span>
        <span class="keys wide">
          <Button size="small" :label="t('error.retry')" @click="emit('again', one.id)" />
          <Button
            text
            severity="secondary"
            size="small"
            :label="t('kit.checkPage.takeOut')"
            @click="emit('drop', one.id)"
          />
        </span>
      </template>
    </li>
    <li v-for="one in [...readings].reverse()" :key="one.id" :class="{ out: one.withdrawn, odd: one.doubt }">
      <span class="small quiet">{{ where(one) }}</span>
      <span class="figures">{{ sentence(one) }}</span>
      <span v-if="open" class="keys">
        <Button
          text
          severity="secondary"
          size="small"
          :label="t(`kit.checkPage.${one.withdrawn ? 'putIn' : 'takeOut'}`)"
          @click="emit('change', one.id, body(one, { withdrawn: !one.withdrawn }))"
        />
      </span>
      <span v-else-if="one.withdrawn" class="small quiet">{{ t('kit.checkPage.withdrawn') }}</span>
      <div v-if="one.doubt && open" class="wide doubt">
        <strong>
          {{
            one.doubt.beyondCushion
              ? t('kit.checkPage.beyond')
              : one.doubt.expectedSeconds !== undefined && one.metres !== undefined
                ? t('kit.checkPage.oddSeconds', {
                    metres: metres(one.metres),
                    seconds: figure(one.seconds, 1),
                    expected: figure(one.doubt.expectedSeconds, 1),
                  })
                : t('kit.checkPage.odd')
          }}
        </strong>
        <span v-if="one.doubt.mend">{{ t('kit.checkPage.mend', { value: mended(one) }) }}</span>
        <span class="keys">
          <Button
            v-if="one.doubt.mend"
            size="small"
            :label="t('kit.checkPage.mendTake', { value: mended(one) })"
            @click="mend(one)"
          />
          <Button
            size="small"
            severity="secondary"
            :label="t('kit.checkPage.confirm')"
            @click="emit('change', one.id, body(one, { confirmed: true }))"
          />
        </span>
      </div>
    </li>
  </ol>
</template>

<style scoped>
.tries li {
  display: grid;
  grid-template-columns: minmax(120px, 190px) minmax(0, 1fr) auto;
  gap: 2px 12px;
  align-items: center;
  min-height: 44px;
  padding: 4px 0;
  border-top: 1px solid var(--hairline);
}
.wide {
  grid-column: 1 / -1;
}
.out .figures {
  text-decoration: line-through;
}
.odd {
  background: var(--paper-raised);
}
.doubt {
  display: grid;
  gap: 6px;
  padding: 6px 8px;
  border-left: 4px solid var(--amber);
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
