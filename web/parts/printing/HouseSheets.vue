<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { countWords, longDate, shortDate } from '@core/base'
import { daySheet, sheetTitle, weekSheet, weeksOf } from '@core/papers'
import { isToGet } from '@core/supplies'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'
import DaySheetView from '../papers/DaySheetView.vue'
import FamilyNotes from '../papers/FamilyNotes.vue'
import SupplySheetView from '../papers/SupplySheetView.vue'
import WeekSheetView from '../papers/WeekSheetView.vue'
import FormField from '../fields/FormField.vue'

/** The day, the week and the lists of the unit as sheets: looked at as they are printed, and printed from here. */
const unit = useUnit()
const house = useHouse()
const board = useBoard()
const supplies = useSupplies()

type Kind = 'day' | 'short' | 'week' | 'supplies' | 'notes'
const kind = ref<Kind>('day')
const toGet = computed(() => supplies.lines.filter(isToGet).length)
const KINDS = computed(() => [
  { value: 'day' as const, title: 'The day', about: 'For whoever runs it, with what stands at the centers' },
  { value: 'short' as const, title: 'The day on one page', about: 'Without what stands at the centers' },
  { value: 'week' as const, title: 'The week', about: 'For the fridge and for families: no names on it' },
  {
    value: 'supplies' as const,
    title: 'What to get',
    about: toGet.value ? `${countWords(toGet.value, 'thing')}, by shop` : 'All of it is in the house',
  },
  {
    value: 'notes' as const,
    title: 'Notes for families',
    about: supplies.spread.notes.length
      ? `${countWords(supplies.spread.notes.length, 'note')}, to cut apart`
      : 'Nothing is asked for right now',
  },
])
const held = computed(() => unit.days.filter((day) => day.held))
/** The day that the ribbon shows, or the first that is held where that one is skipped. */
const number = computed({
  get: () => (held.value.some((day) => day.number === board.day) ? board.day : (held.value[0]?.number ?? 0)),
  set: (value: number) => (board.day = value),
})
const dayItems = computed(() =>
  held.value.map((day) => ({ title: `${longDate(day.date)}, day ${day.number}`, value: day.number })),
)
const day = computed(() =>
  unit.snapshot && unit.readings && number.value ? daySheet(unit.snapshot, unit.readings.plan, number.value) : null,
)
const weeks = computed(() => (unit.readings ? weeksOf(unit.readings.plan) : []))
const monday = ref('')
watch(
  [weeks, number],
  () => {
    const own = weeks.value.find((week) => week.numbers.includes(number.value))
    monday.value = (own ?? weeks.value[0])?.from ?? ''
  },
  { immediate: true },
)
const weekItems = computed(() =>
  weeks.value.map((week, i) => ({ title: `Week ${i + 1}, from ${shortDate(week.from)}`, value: week.from })),
)
const week = computed(() =>
  unit.snapshot && unit.readings && monday.value ? weekSheet(unit.snapshot, unit.readings.plan, monday.value) : null,
)
const isDay = computed(() => kind.value === 'day' || kind.value === 'short')
const title = computed(() => {
  if (isDay.value) return day.value ? sheetTitle(day.value) : ''
  if (kind.value === 'week') return `Week ${weeks.value.findIndex((one) => one.from === monday.value) + 1}`
  return KINDS.value.find((one) => one.value === kind.value)!.title
})
const about = computed(() =>
  [unit.unit?.name, isDay.value && day.value?.event ? `Today: ${day.value.event}` : '', week.value?.focus]
    .filter(Boolean)
    .join(' · '),
)
const empty = computed(() =>
  !held.value.length
    ? 'The unit has no days yet. Give it its dates in Spark.'
    : kind.value === 'notes' && !supplies.spread.notes.length
      ? 'Nothing is asked of families right now.'
      : '',
)
const print = () => window.print()
</script>

<template>
  <div class="desk" :class="{ wide: kind === 'week' }">
    <div class="stack no-print">
      <ul class="kinds" aria-label="Sheets of the house">
        <li v-for="one in KINDS" :key="one.value">
          <button
            type="button"
            class="card one"
            :class="{ 'is-selected': kind === one.value }"
            :aria-pressed="kind === one.value"
            @click="kind = one.value"
          >
            <span class="card-title" data-title>{{ one.title }}</span><span class="small mute">{{ one.about }}</span>
          </button>
        </li>
      </ul>
      <FormField v-if="isDay && held.length" label="Which day"
        ><v-select v-model="number" aria-label="Which day" :items="dayItems"
      /></FormField>
      <FormField v-if="kind === 'week' && held.length" label="Which week"
        ><v-select v-model="monday" aria-label="Which week" :items="weekItems"
      /></FormField>
      <div>
        <v-btn class="primary" :disabled="Boolean(empty)" :title="empty" @click="print"
          ><v-icon :icon="mdiPrinterOutline" size="20" start />Print</v-btn
        >
      </div>
      <p class="small mute">Names and allergies of kids stand on the sheets of the day only.</p>
    </div>
    <article class="sheet-page" :aria-label="title">
      <p v-if="empty" class="mute">{{ empty }}</p>
      <template v-else>
        <header class="head">
          <div>
            <h2>{{ title }}</h2>
            <p class="mute">{{ about }}</p>
          </div>
          <span class="mute small">{{ house.home?.name }}</span>
        </header>
        <DaySheetView v-if="isDay && day" :sheet="day" :ticks="[]" :short="kind === 'short'" />
        <WeekSheetView v-else-if="kind === 'week' && week" :sheet="week" />
        <SupplySheetView v-else-if="kind === 'supplies'" :lines="supplies.lines" />
        <FamilyNotes v-else-if="kind === 'notes'" />
      </template>
    </article>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(220px, 260px) minmax(0, 1fr);
  gap: 16px;
  margin-top: 12px;
  align-items: start;
}
.kinds {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 6px;
}
.one {
  display: grid;
  width: 100%;
  padding: 8px 12px;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.sheet-page {
  background: var(--paper);
  border: 1px solid var(--edge);
  padding: 22px 24px;
  min-height: 400px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 12px;
  margin-bottom: 12px;
}
@media (max-width: 720px) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
  }
  .sheet-page {
    padding: 14px;
    overflow-x: auto;
  }
}
@media print {
  .desk {
    display: block;
    margin: 0;
  }
  .sheet-page {
    border: 0;
    padding: 0;
    min-height: 0;
  }
  .head {
    margin-bottom: 5px;
  }
  .wide {
    page: wide;
  }
}
</style>
<style>
@page wide {
  size: landscape;
}
</style>
