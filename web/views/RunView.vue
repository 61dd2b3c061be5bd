<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { longDate } from '@core/base'
import { daySheet, sheetTitle } from '@core/papers'
import DaySheetView from '../parts/papers/DaySheetView.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** The day as it runs: the sheet with its ticks, as they come in from every phone. */
const store = useUnit()
const board = useBoard()
const day = computed(() => store.days.find((one) => one.number === board.day))
const sheet = computed(() =>
  store.snapshot && store.readings && day.value?.held
    ? daySheet(store.snapshot, store.readings.plan, day.value.number)
    : null,
)
const router = useRouter()
const lead = () => void router.push({ name: 'stage', params: { unitId: store.id!, day: board.day } })
const isToday = computed(() => day.value?.date === store.snapshot?.today)
</script>

<template>
  <UnitFrame title="Run">
    <template v-if="sheet">
      <div class="row top">
        <h2>{{ isToday ? 'Today, ' : '' }}{{ sheetTitle(sheet) }}</h2>
        <v-btn v-if="!isToday && store.today" size="small" @click="board.day = store.today.number">Go to today</v-btn>
      </div>
      <p v-if="!sheet.items.some((item) => !item.standing)" class="mute">
        Nothing is laid out for this day yet.
        <router-link :to="{ name: 'lay-out', params: { unitId: store.id! } }">Lay it out</router-link>
      </p>
      <DaySheetView :sheet="sheet" :ticks="store.ticks" can-tick can-lead @tick="store.tick" @lead="lead" />
    </template>
    <p v-else-if="day" class="mute">{{ longDate(day.date) }} is skipped: {{ day.reason }}.</p>
  </UnitFrame>
</template>

<style scoped>
.top {
  margin-bottom: 12px;
  max-width: 760px;
}
</style>
