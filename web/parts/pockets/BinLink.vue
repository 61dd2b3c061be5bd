<script setup lang="ts">
import { computed } from 'vue'
import type { Placement } from '@core/domain'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/** From what stands in the sensory bin to the bin itself. */
const props = defineProps<{ placement: Placement }>()
const house = useHouse()
const unit = useUnit()
const isBin = computed(() => house.centers.find((one) => one.id === props.placement.centerId)?.kind === 'sensory-bin')
</script>

<template>
  <p v-if="isBin || placement.bin">
    <router-link :to="{ name: 'lay-out', params: { unitId: unit.id! }, query: { view: 'room', bin: placement.id } }">{{
      placement.bin ? 'See the bin' : 'Set up the bin'
    }}</router-link>
  </p>
</template>
