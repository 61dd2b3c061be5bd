<script setup lang="ts">
import { computed } from 'vue'
import { ageWords } from '@core/plan'
import { CalendarDate } from '@core/domain'
import { allergenChoices, spanWords, listWords } from '@core/base'
import { NAP_HABITS, type NapHabit } from '@core/newHome'
import { useSession } from '../../stores/session'
import { faultsOf, mouthsOf, napsOf, type ChildDraft } from './answers'

/**
 * One child in one line: who, when born, and what changes what is safe. What the age proposes says that it is proposed.
 */
const props = defineProps<{ number: number }>()
const kid = defineModel<ChildDraft>({ required: true })
const { today } = useSession()

const set = (part: Partial<ChildDraft>) => void (kid.value = { ...kid.value, ...part })
const faults = computed(() => faultsOf(kid.value, today))
const naps = computed(() => napsOf(kid.value, today))
const mouths = computed(() => mouthsOf(kid.value, today))
const isKnown = computed(() => CalendarDate.safeParse(kid.value.born).success && kid.value.born <= today)
const proposed = computed(() => {
  if (!isKnown.value) return ''
  const open = [kid.value.naps === null && 'naps', kid.value.mouths === null && 'mouthing']
    .filter(Boolean)
    .join(' and ')
  const spans = naps.value && naps.value !== 'own' ? listWords(NAP_HABITS[naps.value].map((nap) => spanWords(nap))) : ''
  return [ageWords(kid.value, today), spans && `sleeps ${spans}`, open && `${open} proposed by age`]
    .filter(Boolean)
    .join(' · ')
})
const HABITS: { title: string; value: NapHabit | 'own' }[] = [
  { title: 'No nap', value: 'none' },
  { title: 'After lunch', value: 'after-lunch' },
  { title: 'Twice a day', value: 'twice' },
  { title: 'At another time', value: 'own' },
]
const allergens = allergenChoices()
const label = (what: string) => `Child ${props.number}: ${what}`
</script>

<template>
  <div class="kid" role="group" :aria-label="`Child ${number}`">
    <v-text-field
      :model-value="kid.name"
      :aria-label="label('first name')"
      placeholder="First name"
      maxlength="120"
      :error-messages="faults.name"
      @update:model-value="set({ name: $event })"
    />
    <v-text-field
      :model-value="kid.born"
      type="date"
      :aria-label="label('born')"
      :error-messages="faults.born"
      @update:model-value="set({ born: $event })"
    />
    <v-select
      :model-value="naps"
      :items="HABITS"
      :aria-label="label('naps')"
      placeholder="Naps"
      @update:model-value="set({ naps: $event })"
    />
    <v-select
      :model-value="kid.allergens"
      :items="allergens"
      multiple
      :aria-label="label('allergies')"
      placeholder="No allergies"
      @update:model-value="set({ allergens: $event })"
    />
    <v-checkbox
      :model-value="mouths"
      label="Puts things in the mouth"
      :aria-label="label('still puts things in the mouth')"
      @update:model-value="set({ mouths: Boolean($event) })"
    />
    <p v-if="proposed" class="small mute said">{{ proposed }}</p>
    <p v-if="naps === 'own'" class="inline own">
      <span>{{ kid.name || 'The child' }} naps</span
      ><input
        class="time"
        type="time"
        :value="kid.ownNap.from"
        :aria-label="label('nap from')"
        @input="set({ ownNap: { ...kid.ownNap, from: ($event.target as HTMLInputElement).value } })"
      /><span>to</span
      ><input
        class="time"
        type="time"
        :value="kid.ownNap.to"
        :aria-label="label('nap to')"
        @input="set({ ownNap: { ...kid.ownNap, to: ($event.target as HTMLInputElement).value } })"
      /><span v-if="faults.nap" class="brick small" role="alert">{{ faults.nap }}</span>
    </p>
  </div>
</template>

<style scoped>
.kid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 160px minmax(0, 1.2fr) minmax(0, 1.2fr) 216px;
  gap: 2px 8px;
  align-items: start;
}
.said,
.own {
  grid-column: 1 / -1;
}
.kid :deep(.v-label) {
  white-space: nowrap;
}
.kid :deep(.v-input) {
  --v-input-control-height: 40px;
}
.kid :deep(input[type='date']) {
  min-height: 0;
  padding-block: 0;
  height: 38px;
}
.kid > :nth-child(2) :deep(.v-field) {
  --v-field-padding-start: 10px;
  --v-field-padding-end: 6px;
  height: 40px;
}
.kid :deep(.v-messages__message) {
  letter-spacing: 0;
  line-height: 1.2;
}
.kid :deep(.v-input__details) {
  padding-inline: 2px;
}
.kid :deep(.v-select__selection-text) {
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 900px) {
  .kid {
    grid-template-columns: minmax(0, 1fr) 166px;
    gap: 6px 8px;
    padding: 10px 0;
    border-top: 1px solid var(--edge);
  }
  .kid > :nth-child(n + 3) {
    grid-column: 1 / -1;
  }
}
</style>
