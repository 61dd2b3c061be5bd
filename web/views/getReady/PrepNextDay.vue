<script setup lang="ts">
import { computed } from 'vue'
import { countWords, longDate, quantityWords, shortDate, type ProgramDay } from '@core/base'
import { capital } from '@core/ideas'
import { holdersFor, roundFor, walkedEarlier, type Holder, type PrepTask } from '@core/prep'
import { useHouse } from '../../stores/house'
import { usePrep } from '../../stores/prep'
import { useSession } from '../../stores/session'
import { useUnit } from '../../stores/unit'

/** The next day with children: what of it is ready, what lies where, and what it takes in one round through the house. */
const props = defineProps<{ day: ProgramDay }>()
const unit = useUnit()
const house = useHouse()
const prep = usePrep()
const session = useSession()
const ofNext = computed(() => prep.tasks.filter((task) => task.session.days[0].date === props.day.date))
const notReady = computed(() => ofNext.value.filter((task) => task.left > 0))
const firstNeeded = computed(() => [...notReady.value].sort((a, b) => a.due - b.due)[0] as PrepTask | undefined)
const stops = computed(() =>
  unit.readings ? roundFor(unit.readings.plan, props.day.date, house.thisHome.prep.round) : [],
)
const holders = computed(() => (unit.readings ? holdersFor(unit.readings.plan, props.day.date) : []))
const HOLDERS: Record<Holder, string> = {
  'circle-basket': 'in the circle basket',
  tray: 'on a tray',
  bin: 'in the bin',
  folder: 'in the folder of the day',
  out: 'set out at its center',
}
const earlier = (place: string) => {
  const places = stops.value.map((stop) => stop.place).filter(Boolean)
  void prep.setRules(`${capital(place)} earlier on the round`, {
    round: walkedEarlier(house.thisHome.prep.round, places, place),
  })
}
const whenOf = (task: PrepTask) => {
  const one = prep.windows.find(({ pieces }) => pieces.some((piece) => piece.task.key === task.key))
  return one
    ? `${one.window.date === session.today ? 'today' : shortDate(one.window.date)}, ${one.window.name.toLowerCase()}`
    : 'in no prep time'
}
</script>

<template>
  <section class="card tomorrow rows" aria-label="The next day">
    <h2>{{ longDate(day.date) }}, day {{ day.number }}</h2>
    <p v-if="!ofNext.length" class="mute">Nothing has to be prepared for it.</p>
    <p v-else-if="!notReady.length" class="good">All {{ ofNext.length }} of its tasks are ready.</p>
    <template v-else>
      <p>
        {{ ofNext.length - notReady.length }} of {{ countWords(ofNext.length, 'task') }} ready.
        <template v-if="firstNeeded">First: {{ firstNeeded.step.text.toLowerCase() }}.</template>
      </p>
      <div v-for="task in notReady" :key="task.key" class="row">
        <span>{{ task.step.text }}</span><span class="small mute">{{ whenOf(task) }}</span>
      </div>
    </template>
    <details v-if="holders.length">
      <summary>What lies in which basket, tray and folder</summary>
      <div v-for="one in holders" :key="one.session.placement.id" class="stop">
        <h3>
          {{ one.session.activity.title }} <span class="small mute">{{ HOLDERS[one.holder] }}</span>
        </h3>
        <p>
          {{
            [
              ...one.things.map(
                ({ material, quantity }) =>
                  `${quantityWords(quantity, material.unit, house.thisHome.measures)} ${material.name}`,
              ),
              ...one.besides,
            ].join(', ')
          }}
        </p>
      </div>
    </details>
    <details v-if="stops.length">
      <summary>What it takes, in one round through the house</summary>
      <div v-for="(stop, i) in stops" :key="stop.place" class="stop">
        <div class="row">
          <h3>{{ stop.place ? capital(stop.place) : 'No place written down' }}</h3>
          <TextButton
            v-if="i > 0 && stop.place"
            :aria-label="`${capital(stop.place)} earlier`"
            @click="earlier(stop.place)"
            >Earlier</TextButton
          >
        </div>
        <div v-for="one in stop.things" :key="one.material.id" class="row">
          <span
            ><b>{{ quantityWords(one.quantity, one.material.unit, house.thisHome.measures) }}</b>
            {{ one.material.name }}</span
          ><span class="small mute">{{ one.sessions.map((each) => each.activity.title).join(', ') }}</span>
        </div>
      </div>
    </details>
  </section>
</template>

<style scoped>
.tomorrow {
  padding: 12px 14px;
  gap: 6px;
}
.good {
  color: var(--spruce);
  font-weight: 650;
}
.stop {
  padding-top: 8px;
}
summary {
  cursor: pointer;
  min-height: 32px;
  color: var(--spruce);
}
</style>
