<script setup lang="ts">
import type { CalendarDate, DateException } from '@core/domain'

/** Dates on which someone is away, or here at other hours than in a usual week. */
const dates = defineModel<DateException[]>({ required: true })
const props = defineProps<{ today: CalendarDate; errors?: Record<string, string> }>()
const emit = defineEmits<{ left: [] }>()
function add(here: boolean) {
  dates.value = [...dates.value, { date: props.today, here: here ? { from: '08:00', to: '17:00' } : null }]
  emit('left')
}
function drop(i: number) {
  dates.value = dates.value.filter((_, j) => j !== i)
  emit('left')
}
</script>

<template>
  <fieldset class="plain">
    <legend class="k-label">Changes on certain dates</legend>
    <div v-for="(one, i) in dates" :key="i" class="inline line">
      <input v-model="one.date" class="time" type="date" :aria-label="`Date ${i + 1}`" @blur="emit('left')" /><span
        v-if="one.here === null"
        >away</span
      ><template v-else
        ><input
          v-model="one.here.from"
          class="time"
          type="time"
          :aria-label="`Date ${i + 1} from`"
          @blur="emit('left')" /><span>to</span
        ><input
          v-model="one.here.to"
          class="time"
          type="time"
          :aria-label="`Date ${i + 1} to`"
          @blur="emit('left')" /></template
      ><TextButton :aria-label="`Remove date ${i + 1}`" @click="drop(i)">remove</TextButton
      ><span v-if="errors?.[`exceptions.${i}.date`] ?? errors?.[`exceptions.${i}.here.to`]" class="small brick">{{
        errors?.[`exceptions.${i}.date`] ?? errors?.[`exceptions.${i}.here.to`]
      }}</span>
    </div>
    <TextButton @click="add(false)">Away on a date</TextButton> ·
    <TextButton @click="add(true)">Here on a date</TextButton>
  </fieldset>
</template>

<style scoped>
.plain {
  border: 0;
  padding: 0;
  margin: 0;
}
.line {
  margin-bottom: 6px;
}
</style>
