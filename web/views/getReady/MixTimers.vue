<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed, watch } from 'vue'
import { leftWords } from '@core/making'
import { ring } from '../../composables/ring'
import { clockAt } from '../../composables/savedWords'
import { useKitchen } from '../../stores/kitchen'
import { useMixing } from '../../stores/mixing'

/** Every wait that runs, of all that is being mixed: it goes by the clock, so a phone that was locked has lost nothing. */
const emit = defineEmits<{ open: [recipeId: string] }>()
const kitchen = useKitchen()
const mixing = useMixing()
const now = useNow({ interval: 1000 })
const timers = computed(() =>
  kitchen.going
    .flatMap((one) => one.timers.map((timer) => ({ ...timer, of: one })))
    .sort((a, b) => a.endsAt - b.endsAt)
    .map((timer) => ({
      ...timer,
      key: `${timer.of.id} ${timer.step}`,
      what: mixing.recipes.find((one) => one.id === timer.of.recipeId)?.steps[timer.step]?.text ?? '',
      left: leftWords(timer, now.value.getTime()),
      over: timer.endsAt <= now.value.getTime(),
      at: whenWords(new Date(timer.endsAt)),
    })),
)
const others = computed(() => kitchen.going.filter((one) => one.recipeId !== mixing.recipeId && !one.timers.length))
/** At which time it is over, and on which day where that is not today. */
function whenWords(at: Date): string {
  const time = clockAt(at)
  return at.toDateString() === now.value.toDateString()
    ? time
    : `${time}, ${at.toLocaleDateString('en-US', { weekday: 'long' })}`
}
// It rings when a wait ends while the page is open, not for one that ended while it was away.
watch(
  () => timers.value.filter((one) => one.over).map((one) => one.key),
  (ended, before) => {
    if (ended.some((key) => !before.includes(key))) ring()
  },
)
</script>

<template>
  <section v-if="timers.length || others.length" class="timers" aria-label="Timers">
    <div v-for="timer in timers" :key="timer.key" class="card timer" :class="{ over: timer.over }">
      <button type="button" class="what" @click="emit('open', timer.of.recipeId)">
        <b>{{ timer.of.name }}</b> <span class="small mute">after: {{ timer.what }}</span>
      </button>
      <span class="left" :role="timer.over ? 'alert' : 'timer'"
        ><template v-if="timer.over">ready since {{ timer.at }}</template
        ><template v-else>{{ timer.left }}</template></span
      >
      <span v-if="!timer.over" class="small mute">at {{ timer.at }}</span>
      <TextButton class="small" @click="kitchen.stopTimer(timer.of.id, timer.step)">{{
        timer.over ? 'Got it' : 'Stop this timer'
      }}</TextButton>
    </div>
    <div v-for="one in others" :key="one.id" class="card timer">
      <button type="button" class="what" @click="emit('open', one.recipeId)">
        <b>{{ one.name }}</b> <span class="small mute">started, not finished</span>
      </button>
    </div>
  </section>
</template>

<style scoped>
.timers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 8px;
}
.timer {
  display: grid;
  gap: 2px;
  justify-items: start;
  padding: 8px 12px;
}
.timer.over {
  border-color: var(--apricot);
  border-width: 2px;
}
.what {
  padding: 0;
  background: none;
  border: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.what:hover b {
  text-decoration: underline;
}
.left {
  font: 650 20px var(--head);
  font-variant-numeric: tabular-nums;
}
</style>
