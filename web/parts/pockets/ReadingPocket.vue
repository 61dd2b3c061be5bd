<script setup lang="ts">
import type { ReadingName } from '@core/readings'
import AdultsReading from './readings/AdultsReading.vue'
import CautionsReading from './readings/CautionsReading.vue'
import MoneyReading from './readings/MoneyReading.vue'
import PreparationReading from './readings/PreparationReading.vue'
import RoundedReading from './readings/RoundedReading.vue'

/** The parts of a reading, what moves it, and what would mend it. */
defineProps<{ name: ReadingName }>()
const PARTS = {
  money: MoneyReading,
  preparation: PreparationReading,
  rounded: RoundedReading,
  adults: AdultsReading,
  cautions: CautionsReading,
}
</script>

<template>
  <component :is="PARTS[name]" />
</template>
