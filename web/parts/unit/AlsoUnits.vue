<script setup lang="ts">
import { computed } from 'vue'
import { countWords } from '@core/base'
import { useSupplies } from '../../stores/supplies'

/** Other units on the same list: what they share is bought once. */
const supplies = useSupplies()
const also = computed<string[]>({
  get: () => supplies.also,
  set: (ids) => {
    for (const unit of supplies.choices)
      if (ids.includes(unit.id) !== supplies.also.includes(unit.id))
        void supplies.takeAlong(unit.id, ids.includes(unit.id))
  },
})
</script>

<template>
  <v-select
    v-if="supplies.choices.length"
    v-model="also"
    class="also"
    :items="supplies.choices.map((one) => ({ title: one.name, value: one.id }))"
    multiple
    aria-label="Together with other units"
    placeholder="This unit only"
    ><template #selection="{ index }"
      ><span v-if="index === 0">with {{ countWords(also.length, 'more unit') }}</span></template
    ></v-select
  >
</template>

<style scoped>
.also {
  width: 176px;
  flex: none;
}
</style>
