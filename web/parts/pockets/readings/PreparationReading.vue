<script setup lang="ts">
import { computed } from 'vue'
import { longDate, minutesWords } from '@core/base'
import { useUnit } from '../../../stores/unit'
import PrepCures from '../../prep/PrepCures.vue'

/** Hands-on minutes by day beside the windows before it, and what would make them fit. */
const store = useUnit()
const preparation = computed(() => store.readings!.preparation)
</script>

<template>
  <div class="stack">
    <h2>Preparation</h2>
    <p class="small mute">
      Hands-on minutes still to do by each day from tomorrow on, added up, next to the prep time before it<template
        v-if="store.snapshot!.lastDayBefore && store.snapshot!.lastDayBefore > store.snapshot!.today"
      >
        from {{ longDate(store.snapshot!.lastDayBefore) }} on: until then it is for the unit that runs</template
      >. Drying, freezing and rising count too: what must wait is begun in time.
    </p>
    <p v-if="!preparation.days.length">Nothing ahead needs preparing.</p>
    <div v-for="one in preparation.days" :key="one.date" class="card day" :class="{ over: one.over }">
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
        <PrepCures
          v-for="over in preparation.overs.filter((each) => each.task.session.days[0].date === one.date)"
          :key="over.task.key"
          :over="over"
        />
      </template>
    </div>
    <router-link :to="{ name: 'get-ready', params: { unitId: store.id! }, query: { tab: 'time' } }"
      >What is done when</router-link
    >
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
</style>
