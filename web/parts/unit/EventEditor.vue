<script setup lang="ts">
import { EVENT_KINDS, type EventPart, type SpecialEvent } from '@core/domain'
import { EVENT_NAMES, laterBy } from '@core/base'
import { newId } from '../../api/newId'

/** A special day: its list in place of the routine, what families bring, and when they are invited. */
const event = defineModel<SpecialEvent>({ required: true })
const props = defineProps<{ number: number; errors: Record<string, string>; days: number }>()
const emit = defineEmits<{ commit: []; remove: [] }>()
const wrong = (field: string) => props.errors[`events.${props.number}.${field}`]
function addPart() {
  const last = event.value.parts.at(-1)
  const from = last?.to ?? '09:30'
  const part: EventPart = {
    id: newId(),
    kind: 'game',
    name: 'A game',
    from,
    to: laterBy(from, 60),
  }
  event.value.parts.push(part)
  emit('commit')
}
function dropPart(i: number) {
  event.value.parts.splice(i, 1)
  emit('commit')
}
function setInvite(value: unknown) {
  event.value.inviteOn = value === '' || value === null ? null : Number(value)
}
</script>

<template>
  <fieldset class="cubby event rows">
    <legend class="sr-only">Special day {{ number + 1 }}</legend>
    <div class="inline pair">
      <span>Day</span
      ><v-text-field
        v-model.number="event.day"
        class="tiny"
        type="number"
        min="1"
        :aria-label="`Special day ${number + 1}: day`"
        :error-messages="wrong('day')"
        @blur="emit('commit')"
      /><v-text-field
        v-model="event.name"
        :aria-label="`Special day ${number + 1}: name`"
        :error-messages="wrong('name')"
        @blur="emit('commit')"
      /><TextButton :aria-label="`Remove ${event.name}`" @click="emit('remove')">remove</TextButton>
    </div>
    <p v-if="event.parts.length" class="small mute">Its own schedule, replacing the blocks it overlaps:</p>
    <div v-for="(part, i) in event.parts" :key="part.id" class="part">
      <input
        v-model="part.from"
        class="time"
        type="time"
        :aria-label="`${part.name} from`"
        @blur="emit('commit')"
      /><span>to</span
      ><input
        v-model="part.to"
        class="time"
        type="time"
        :aria-label="`${part.name} to`"
        @blur="emit('commit')"
      /><v-text-field
        v-model="part.name"
        :aria-label="`Part ${i + 1}: name`"
        maxlength="120"
        :error-messages="wrong(`parts.${i}.name`)"
        @blur="emit('commit')"
      /><v-select
        v-model="part.kind"
        :items="EVENT_KINDS.map((kind) => ({ title: EVENT_NAMES[kind], value: kind }))"
        :aria-label="`Part ${i + 1}: kind`"
        @update:model-value="emit('commit')"
      /><TextButton :aria-label="`Remove ${part.name}`" @click="dropPart(i)">remove</TextButton>
      <p v-if="wrong(`parts.${i}.to`) ?? wrong(`parts.${i}.from`)" class="small brick wide" role="alert">
        {{ wrong(`parts.${i}.to`) ?? wrong(`parts.${i}.from`) }}
      </p>
    </div>
    <div>
      <TextButton @click="addPart">
        {{ event.parts.length ? 'Add a part' : 'Give it its own schedule' }}
      </TextButton>
    </div>
    <v-combobox
      v-model="event.bring"
      multiple
      chips
      closable-chips
      aria-label="What families bring"
      placeholder="What families bring: type one, press Enter"
      @update:model-value="emit('commit')"
    />
    <div class="inline pair">
      <span>Invitations go out on day</span
      ><v-text-field
        :model-value="event.inviteOn ?? ''"
        class="tiny"
        type="number"
        min="1"
        :max="days"
        placeholder="none"
        :aria-label="`Special day ${number + 1}: invitations on day`"
        :error-messages="wrong('inviteOn')"
        @update:model-value="setInvite"
        @blur="emit('commit')"
      />
    </div>
  </fieldset>
</template>

<style scoped>
.event {
  padding: 8px 10px;
  margin: 0;
  gap: 6px;
  min-width: 0;
}
.pair {
  flex-wrap: nowrap;
}
.tiny {
  flex: 0 0 76px;
}
.part {
  display: grid;
  grid-template-columns: auto auto auto minmax(0, 1fr) 112px auto;
  gap: 5px;
  align-items: center;
}
.part .time {
  width: 94px;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 720px) {
  .part {
    grid-template-columns: auto auto 1fr;
  }
  .part > :nth-child(4),
  .part > :nth-child(5) {
    grid-column: 1 / -1;
  }
}
</style>
