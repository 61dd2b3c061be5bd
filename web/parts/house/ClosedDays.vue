<script setup lang="ts">
import { ref } from 'vue'
import { longDate } from '@core/base'
import type { Home } from '@core/domain'
import { useSession } from '../../stores/session'

/** The days on which the home is closed. */
const draft = defineModel<Home>({ required: true })
const emit = defineEmits<{ left: [] }>()
const session = useSession()
const closure = ref({ date: '', reason: '' })
function addClosure() {
  if (!closure.value.date) return
  draft.value.closures = [
    ...draft.value.closures.filter((one) => one.date !== closure.value.date),
    { ...closure.value },
  ].sort((a, b) => (a.date < b.date ? -1 : 1))
  emit('left')
  closure.value = { date: '', reason: '' }
}
function dropClosure(date: string) {
  draft.value.closures = draft.value.closures.filter((one) => one.date !== date)
  emit('left')
}
</script>

<template>
  <section class="rows">
    <h2>Closed on</h2>
    <p v-if="!draft.closures.length" class="mute">No closures written down.</p>
    <div v-for="one in draft.closures" :key="one.date" class="row">
      <span
        >{{ longDate(one.date) }} {{ one.date.slice(0, 4)
        }}<span v-if="one.reason" class="mute">&nbsp;· {{ one.reason }}</span></span
      ><TextButton :aria-label="`Open on ${longDate(one.date)} after all`" @click="dropClosure(one.date)">
        remove
      </TextButton>
    </div>
    <form class="inline" @submit.prevent="addClosure">
      <input
        v-model="closure.date"
        class="time"
        type="date"
        aria-label="Date closed"
        :min="session.today"
      /><v-text-field v-model="closure.reason" aria-label="Reason" placeholder="Reason" maxlength="120" /><v-btn
        type="submit"
        :disabled="!closure.date"
        :title="closure.date ? undefined : 'Choose the date first'"
        >Close</v-btn
      >
    </form>
    <p class="small mute">Days of a unit slide past a closure, or drop that day: choose in the unit's Spark.</p>
  </section>
</template>
