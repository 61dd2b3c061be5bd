<script setup lang="ts">
import { computed } from 'vue'
import { countWords, mondayOf, shortDate } from '@core/base'
import { useBoard } from '../../stores/board'
import { useCircle } from '../../stores/circle'
import { useHouse } from '../../stores/house'

/** The circles of a week beside each other: what is in each, in its order, and what does not fit. */
const emit = defineEmits<{ open: [day: number] }>()
const circle = useCircle()
const board = useBoard()
const house = useHouse()
const days = computed(() => {
  const monday = circle.day && mondayOf(circle.day.date)
  return circle.week.filter((one) => mondayOf(one.day.date) === monday)
})
type Shown = (typeof days.value)[number]['shown']
const taken = (shown: NonNullable<Shown>) =>
  shown.parts.reduce((sum, one) => sum + (shown.fit.minutes.get(one.part.id) ?? 0), 0)
const longest = (shown: NonNullable<Shown>) => Math.max(0, ...shown.stretches.map((one) => one.minutes))
const others = computed(() => days.value.filter((one) => one.shown?.parts.length && one.day.number !== board.day))
const opens = computed(() => circle.parts.filter((one) => one.item.kind === 'gather' || one.item.kind === 'greet'))
</script>

<template>
  <div class="stack">
    <ul class="week" aria-label="The circles of the week">
      <li
        v-for="{ day, shown } in days"
        :key="day.number"
        class="cubby day"
        :class="{ here: day.number === board.day }"
      >
        <button type="button" class="day-head" @click="emit('open', day.number)">
          <b>{{ shortDate(day.date) }}</b><span class="small mute">day {{ day.number }}</span>
        </button>
        <template v-if="shown?.parts.length">
          <p class="small mute">{{ taken(shown) }} of {{ shown.on.window }} min</p>
          <ol>
            <li v-for="one in shown.parts" :key="one.part.id">{{ one.title }}</li>
          </ol>
          <p v-if="shown.fit.over > 0" class="small brick">{{ shown.fit.over }} min over</p>
          <p
            v-if="shown.on.listeners.sitting !== null && longest(shown) > shown.on.listeners.sitting"
            class="small ember"
          >
            They sit {{ longest(shown) }} min, the youngest about {{ shown.on.listeners.sitting }}
          </p>
        </template>
        <p v-else class="small mute">Nothing yet</p>
      </li>
    </ul>
    <div class="inline">
      <v-checkbox
        :model-value="house.home?.circle.sameOpening"
        label="The circles of a week open alike"
        hide-details
        density="compact"
        @update:model-value="circle.setSameOpening(Boolean($event))"
      />
      <v-btn v-if="opens.length && others.length" @click="circle.openAlike(others.map((one) => one.day.number))"
        >Open {{ countWords(others.length, 'other', 'others') }} like day {{ board.day }}</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.week {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(122px, 1fr));
  gap: 10px;
}
.day {
  padding: 8px 10px;
  display: grid;
  gap: 4px;
  align-content: start;
}
.day.here {
  outline: 2px solid var(--spruce);
}
.day-head {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  padding: 4px 0;
  text-align: left;
  cursor: pointer;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 6px;
}
ol {
  list-style: none;
  padding: 0;
  font-size: 15px;
  line-height: 1.3;
  display: grid;
  gap: 2px;
}
</style>
