<script setup lang="ts">
import { computed } from 'vue'
import { adultHours } from '@core/readings'
import { childHours, hoursOn } from '@core/plan'
import { spanWords } from '@core/base'
import type { Adult, CalendarDate, Child, TimeSpan } from '@core/domain'
import { usePresence } from '../../stores/presence'
import { useHouse } from '../../stores/house'

/** Everyone of the house on one date: away, here as usual, or dropping in; all readings follow at once. */
const props = defineProps<{ date: CalendarDate }>()
const house = useHouse()
const presence = usePresence()
const usualOf = (who: Child | Adult) =>
  hoursOn({ pattern: 'attendance' in who ? who.attendance : who.hours, exceptions: [] }, props.date)
const hereWords = (span: TimeSpan | null) => (span ? spanWords(span) : 'away')
const children = computed(() =>
  house.children
    .filter((child) => child.born <= props.date)
    .map((child) => ({ child, here: childHours(child, props.date), usual: usualOf(child) })),
)
const adults = computed(() =>
  house.adults.map((adult) => ({ adult, here: adultHours(adult, props.date), usual: usualOf(adult) })),
)
/**
 * Hours that someone who does not come on this weekday is taken to come for: those of the home, until they are changed
 * in Home.
 */
const dropIn = computed(() => Object.values(house.thisHome.open)[0] ?? { from: '08:00', to: '16:00' })
const toggleChild = (one: (typeof children.value)[number]) =>
  presence.setChild(
    one.child.id,
    props.date,
    one.here ? (one.usual ? null : undefined) : one.usual ? undefined : dropIn.value,
  )
const toggleAdult = (one: (typeof adults.value)[number]) =>
  presence.setHours(one.adult.id, props.date, one.here ? null : (one.usual ?? dropIn.value))
</script>

<template>
  <div class="card who">
    <fieldset>
      <legend class="k-label">Children</legend>
      <v-checkbox
        v-for="one in children"
        :key="one.child.id"
        :model-value="one.here !== null"
        :label="`${one.child.name}, ${one.here ? hereWords(one.here) : one.usual ? 'away' : 'not on this weekday'}`"
        @update:model-value="toggleChild(one)"
      />
    </fieldset>
    <fieldset>
      <legend class="k-label">Adults</legend>
      <v-checkbox
        v-for="one in adults"
        :key="one.adult.id"
        :model-value="one.here !== null"
        :label="`${one.adult.name}, ${one.here ? hereWords(one.here) : one.usual ? 'away' : 'not on this weekday'}`"
        @update:model-value="toggleAdult(one)"
      />
    </fieldset>
    <p class="small mute">
      For this date only. To change the hours on a date, go to
      <router-link :to="{ name: 'home', query: { tab: 'children' } }">Home</router-link>.
    </p>
  </div>
</template>

<style scoped>
.who {
  padding: 8px 12px 10px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 4px 20px;
}
.who > p {
  grid-column: 1 / -1;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
</style>
