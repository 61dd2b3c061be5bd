<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed } from 'vue'
import type { Recipe } from '@core/domain'
import { clockWords, mediumDate } from '@core/base'
import { latestStart, timelineOf } from '@core/making'
import { clockAt } from '../../composables/savedWords'
import { useMixing } from '../../stores/mixing'

/** A recipe that takes hours or days, on the clock: begun now, and begun as late as it can be for its day. */
const props = defineProps<{ recipe: Recipe }>()
const mixing = useMixing()
const now = useNow({ interval: 30_000 })
const dateOf = (at: Date) =>
  `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`
const said = (at: number) => {
  const when = new Date(at)
  return `${mediumDate(dateOf(when))}, ${clockAt(when)}`
}
const line = computed(() => timelineOf(props.recipe, now.value.getTime()))
const ready = computed(() => line.value[line.value.length - 1].ready)
/** When the children come to it on the day that it is for: the start of what it is mixed for, else nine. */
const NINE = '09:00'
const due = computed(() => {
  if (!mixing.day) return null
  const time = mixing.planned?.from ?? NINE
  return {
    at: new Date(`${mixing.day.date}T${time}:00`).getTime(),
    words: `${mediumDate(mixing.day.date)}, ${clockWords(time)}`,
  }
})
const latest = computed(() => (due.value ? latestStart(props.recipe, due.value.at) : null))
</script>

<template>
  <section class="rows timeline" aria-label="On the clock">
    <h3>On the clock</h3>
    <p v-if="due && latest !== null" :class="{ brick: latest < now.getTime() && due.at > now.getTime() }">
      To have it by {{ due.words }}, begin by <b>{{ said(latest) }}</b><template
        v-if="latest < now.getTime() && due.at > now.getTime()"
        >: that is past</template
      >.
    </p>
    <ol>
      <li v-for="(step, i) in line" :key="i" class="row">
        <span>{{ said(step.from) }}</span><span class="what">{{ step.text }}</span>
      </li>
      <li class="row">
        <b>{{ said(ready) }}</b><span class="what">Ready, begun now</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.timeline {
  padding: 12px 2px;
}
.timeline ol {
  list-style: none;
  padding: 0 0 0 12px;
  border-left: 2px solid var(--edge-strong);
}
.timeline li {
  padding: 4px 0;
  justify-content: flex-start;
  gap: 14px;
}
.timeline li > :first-child {
  flex: 0 0 150px;
}
.what {
  color: var(--mute);
}
</style>
