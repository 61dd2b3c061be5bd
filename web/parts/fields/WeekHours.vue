<script setup lang="ts">
import { WEEKDAYS, type Weekday, type WeeklyHours } from '@core/domain'
import { longWeekday, shortWeekday } from '@core/base'

/** Hours by weekday: a tick for each day, and from when to when. */
const hours = defineModel<WeeklyHours>({ required: true })
const props = defineProps<{
  legend: string
  errors?: Record<string, string>
  path?: string
  usual?: { from: string; to: string }
}>()
const emit = defineEmits<{ left: [] }>()
function toggle(day: Weekday, on: boolean) {
  const next = { ...hours.value }
  if (on) next[day] = Object.values(hours.value)[0] ?? props.usual ?? { from: '08:00', to: '17:00' }
  else delete next[day]
  hours.value = next
  emit('left')
}
const set = (day: Weekday, key: 'from' | 'to', value: string) =>
  (hours.value = { ...hours.value, [day]: { ...hours.value[day]!, [key]: value } })
const wrong = (day: Weekday) =>
  props.errors?.[`${props.path}.${day}.to`] ??
  props.errors?.[`${props.path}.${day}.from`] ??
  props.errors?.[`${props.path}.${day}`]
</script>

<template>
  <fieldset class="week">
    <legend class="k-label">{{ legend }}</legend>
    <div v-for="day in WEEKDAYS" :key="day" class="day">
      <v-checkbox
        :model-value="Boolean(hours[day])"
        :label="shortWeekday(day)"
        @update:model-value="toggle(day, Boolean($event))"
      />
      <template v-if="hours[day]">
        <input
          class="time"
          type="time"
          :value="hours[day]!.from"
          :aria-label="`${longWeekday(day)} from`"
          @input="set(day, 'from', ($event.target as HTMLInputElement).value)"
          @blur="emit('left')"
        />
        <span>to</span>
        <input
          class="time"
          type="time"
          :value="hours[day]!.to"
          :aria-label="`${longWeekday(day)} to`"
          @input="set(day, 'to', ($event.target as HTMLInputElement).value)"
          @blur="emit('left')"
        />
        <span v-if="wrong(day)" class="small brick wrong" role="alert">{{ wrong(day) }}</span>
      </template>
    </div>
  </fieldset>
</template>

<style scoped>
.week {
  border: 0;
  padding: 0;
  margin: 0;
}
.day {
  display: grid;
  grid-template-columns: 84px auto auto auto;
  gap: 8px;
  align-items: center;
  justify-content: start;
  min-height: 38px;
  margin-left: -8px;
}
.wrong {
  grid-column: 2 / -1;
}
@media (max-width: 720px) {
  .day {
    min-height: 46px;
  }
  .time {
    min-height: 44px;
  }
}
</style>
