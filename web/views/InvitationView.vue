<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { childHours } from '@core/plan'
import { aroundAll, spanWords, longDate } from '@core/base'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** Invitations to a special day, one for each family, to print and hand out: no child is named on them. */
const store = useUnit()
const house = useHouse()
const route = useRoute()
const event = computed(() => store.unit?.events.find((one) => one.day === Number(route.params.day)))
const day = computed(() => store.days.find((one) => one.number === event.value?.day))
const count = computed(() =>
  day.value ? house.children.filter((child) => childHours(child, day.value!.date) !== null).length : 0,
)
const times = computed(() => {
  const around = aroundAll(event.value?.parts ?? [])
  return around ? spanWords(around) : ''
})
const print = () => window.print()
</script>

<template>
  <UnitFrame title="Invitations">
    <template v-if="event && day">
      <div class="row top no-print">
        <div>
          <h2>Invitations to {{ event.name }}</h2>
          <p class="mute">
            {{ count }}, one for each child who comes that day<template v-if="event.inviteOn"
              >, to hand out on day {{ event.inviteOn }}</template
            >
          </p>
        </div>
        <v-btn class="primary" @click="print">Print</v-btn>
      </div>
      <div class="cards">
        <article v-for="i in count" :key="i" class="card invitation keep">
          <p class="for">For <span class="line" /></p>
          <h3>{{ event.name }}</h3>
          <p>
            {{ longDate(day.date) }}<template v-if="times">, {{ times }}</template>
          </p>
          <p>{{ house.home?.name }}</p>
          <p v-if="event.parts.length" class="small">{{ event.parts.map((part) => part.name).join(' · ') }}</p>
          <p v-if="event.bring.length">
            <b>Please bring:</b> {{ event.bring.map((one, j) => (j ? one.toLowerCase() : one)).join(', ') }}
          </p>
        </article>
      </div>
    </template>
    <div v-else class="stack">
      <p>This unit has no special day with that number.</p>
      <div><v-btn :to="{ name: 'spark', params: { unitId: store.id! } }">To Spark</v-btn></div>
    </div>
  </UnitFrame>
</template>

<style scoped>
.top {
  margin-bottom: 12px;
  align-items: center;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 10px;
}
.invitation {
  padding: 16px 18px;
  display: grid;
  gap: 6px;
  border-top: 3px solid var(--apricot);
}
.invitation h3 {
  font-size: 24px;
}
.for {
  display: flex;
  gap: 8px;
  align-items: end;
  color: var(--mute);
}
.line {
  flex: 1;
  border-bottom: 1px solid var(--control);
  height: 1em;
}
@media print {
  .cards {
    grid-template-columns: 1fr 1fr;
    gap: 8mm;
  }
  .invitation {
    min-height: 70mm;
  }
}
</style>
