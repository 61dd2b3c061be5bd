<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'
import { minutesWords } from '@core/base'
import { dueWords, type PrepTask } from '@core/prep'
import { usePrep } from '../../stores/prep'

/** What she is preparing, with a clock that may rest. */
const props = defineProps<{ task: PrepTask }>()
const emit = defineEmits<{ ready: [] }>()
const prep = usePrep()
const now = useNow({ interval: 1000 })
const spent = computed(() => Math.max(0, Math.floor(prep.spentMs(now.value.getTime()) / 1000)))
const clock = computed(() => `${Math.floor(spent.value / 60)}:${String(spent.value % 60).padStart(2, '0')}`)
const part = ref<number | null>(null)
const partFault = ref('')
function leavePart() {
  partFault.value = typeof part.value === 'number' && part.value > 0 ? '' : 'Write minutes above 0'
  if (partFault.value || part.value === null) return
  void prep.leave(props.task, Math.min(part.value, props.task.left))
  part.value = null
  prep.stop()
}
</script>

<template>
  <section class="card current" aria-label="What you are doing">
    <h2>{{ task.step.text }}</h2>
    <p class="mute">{{ task.session.activity.title }}, {{ dueWords(task) }}</p>
    <p class="clock" role="timer">
      {{ clock }} <span class="small mute">of about {{ minutesWords(task.left) }}</span>
    </p>
    <div class="inline">
      <v-btn class="primary" size="large" @click="emit('ready')">Ready</v-btn>
      <v-btn v-if="prep.going?.since" size="large" @click="prep.rest()">Pause</v-btn>
      <v-btn v-else size="large" @click="prep.resume()">Go on</v-btn>
      <TextButton @click="part = part === null ? Math.max(1, Math.round(spent / 60)) : null"
        >Only a part of it</TextButton
      >
      <TextButton @click="prep.stop()">Stop the clock</TextButton>
    </div>
    <form v-if="part !== null" class="inline" @submit.prevent="leavePart">
      <label
        >Minutes of it that are done
        <input v-model.number="part" type="number" min="1" :max="task.left" class="minutes"
      /></label>
      <v-btn size="small" type="submit">Write it down</v-btn>
      <span v-if="partFault" class="small brick" role="alert">{{ partFault }}</span>
    </form>
  </section>
</template>

<style scoped>
.current {
  padding: 12px 14px;
  display: grid;
  gap: 8px;
  border-color: var(--spruce);
  border-width: 2px;
}
.clock {
  font-family: var(--head);
  font-size: 34px;
  font-weight: 650;
  line-height: 1.1;
}
.clock .small {
  font-family: var(--text);
  font-weight: 400;
}
.inline {
  align-items: center;
  gap: 8px 14px;
}
.minutes {
  width: 84px;
  min-height: 40px;
  padding: 4px 8px;
  border: 1px solid var(--control);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}
</style>
