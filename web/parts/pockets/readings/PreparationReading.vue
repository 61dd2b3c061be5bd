<script setup lang="ts">
import { computed } from 'vue'
import { longDate, minutesWords } from '@core/base'
import { readyRemedies } from '@core/prep'
import { useBoard } from '../../../stores/board'
import { useUnit } from '../../../stores/unit'

/** Hands-on minutes by day beside the windows before it, and what would make them fit. */
const MOST_CURES = 3
const store = useUnit()
const board = useBoard()
const days = computed(() =>
  store.readings!.ready.map((one) => ({
    ...one,
    cures:
      one.over && store.snapshot ? readyRemedies(one, store.snapshot, store.readings!.plan).slice(0, MOST_CURES) : [],
  })),
)
</script>

<template>
  <div class="stack">
    <h2>Preparation</h2>
    <p class="small mute">
      Hands-on minutes due by each day from tomorrow on, added up, next to the prep time before it<template
        v-if="store.snapshot!.lastDayBefore && store.snapshot!.lastDayBefore > store.snapshot!.today"
      >
        from {{ longDate(store.snapshot!.lastDayBefore) }} on: until then they are for the unit that runs</template
      >. Waits are not in it.
    </p>
    <p v-if="!days.length">Nothing ahead needs preparing.</p>
    <div v-for="one in days" :key="one.date" class="card day" :class="{ over: one.over }">
      <div class="row">
        <b>Day {{ one.day }}, {{ longDate(one.date) }}</b
        ><span>{{ minutesWords(one.own) }}</span>
      </div>
      <p class="small" :class="one.over ? 'brick' : 'mute'">
        {{ minutesWords(one.due) }} by then, {{ minutesWords(one.window) }} of prep time<template v-if="one.over"
          >: {{ minutesWords(one.over) }} over</template
        >
      </p>
      <template v-if="one.over">
        <p class="small">{{ one.sessions.map((session) => session.activity.title).join(', ') }}</p>
        <div class="inline">
          <v-btn
            v-for="cure in one.cures"
            :key="cure.words"
            size="small"
            :title="`${minutesWords(cure.minutes)} later`"
            @click="board.moveTo(cure.placementId, cure.where, cure.words)"
            >{{ cure.words }}</v-btn
          >
        </div>
      </template>
    </div>
    <router-link :to="{ name: 'home', query: { tab: 'adults' } }">Prep time, in Home</router-link>
  </div>
</template>

<style scoped>
.day {
  padding: 6px 10px;
  display: grid;
  gap: 3px;
}
.day.over {
  border-left: 3px solid var(--brick);
}
.inline {
  gap: 6px;
  padding-top: 3px;
}
</style>
