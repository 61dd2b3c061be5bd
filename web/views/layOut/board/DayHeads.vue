<script setup lang="ts">
import { shortDate, type ProgramDay } from '@core/base'
import type { UnitSnapshot } from '@core/domain'
import { countHere } from '@core/papers'

/** The heads of the columns: each day with its date and how many children are here in the middle of the morning. */
defineProps<{ days: readonly ProgramDay[]; snapshot: UnitSnapshot; previousDay: ProgramDay | null }>()
defineEmits<{ back: [] }>()
const MID_MORNING = ['09:40', '10:30'] as const
</script>

<template>
  <div class="heads line" role="group" aria-label="The days that are shown">
    <span class="label"
      ><v-btn v-if="previousDay" class="plain" size="small" @click="$emit('back')"
        >← Day {{ previousDay.number }}</v-btn
      ></span
    >
    <div v-for="day in days" :key="day.number" class="day-head" :class="{ today: day.date === snapshot.today }">
      <h2>Day {{ day.number }}</h2>
      <span class="small mute"
        >{{ shortDate(day.date) }} · {{ day.held ? countHere(snapshot, day.date, ...MID_MORNING) : 'closed'
        }}<template v-if="day.held && day.number === days[0].number"> here</template></span
      >
    </div>
  </div>
</template>

<style scoped>
.label :deep(.v-btn.k-btn) {
  min-height: 24px;
  padding: 0;
  font-size: 14px;
}
.day-head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 6px;
  padding: 0 4px;
  white-space: nowrap;
  overflow: hidden;
}
.day-head h2 {
  font-size: 17px;
}
.day-head.today h2 {
  color: var(--ember);
}
</style>
