<script setup lang="ts">
import { computed } from 'vue'
import type { Placement } from '@core/domain'
import { listWords } from '@core/base'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'
import BinKids from './bin/BinKids.vue'
import BinLife from './bin/BinLife.vue'
import BinRules from './bin/BinRules.vue'

/** What is said at the bin, how far each child is, and the life of what is in it. */
const props = defineProps<{ placement: Placement }>()
const house = useHouse()
const unit = useUnit()
const bin = computed(() => props.placement.bin)
const kids = computed(() => {
  const session = unit.readings?.plan.sessions.find((one) => one.placement.id === props.placement.id)
  const near = new Set(session?.parts.filter((part) => part.does === 'takes-part').map((part) => part.child.id))
  return house.children.filter((child) => near.has(child.id))
})
const fresh = computed(() => kids.value.filter((child) => child.sensory === 'new').map((child) => child.name))
</script>

<template>
  <div class="stack">
    <BinRules :fresh="fresh" />
    <BinKids v-if="kids.length" :children="kids" :filler-id="bin?.fillerId ?? null" />
    <BinLife :placement="placement" :kids="kids.length" />
    <p v-if="bin?.hidden.length" class="small mute no-print">
      At cleanup, count back {{ listWords(bin.hidden.map((one) => `${one.count} ${one.name}`)) }}.
    </p>
  </div>
</template>
