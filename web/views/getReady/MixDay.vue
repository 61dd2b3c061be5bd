<script setup lang="ts">
import { mediumDate } from '@core/base'
import { useMixing } from '../../stores/mixing'

/** The day that it is mixed for: it says who is there. */
const mixing = useMixing()
</script>

<template>
  <v-select
    class="day"
    :model-value="mixing.day?.date"
    :items="mixing.days.map((one) => ({ title: `Day ${one.number}, ${mediumDate(one.date)}`, value: one.date }))"
    aria-label="For which day"
    @update:model-value="mixing.date = $event"
  />
</template>

<style scoped>
.day {
  flex: 0 1 270px;
}
</style>
