<script setup lang="ts">
import { computed } from 'vue'
import type { Placement, Stage } from '@core/domain'
import { listWords } from '@core/base'
import { stageOn } from '@core/plan'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'
import BinKids from './bin/BinKids.vue'
import BinLife from './bin/BinLife.vue'
import BinRules from './bin/BinRules.vue'

/** What is said at the bin, how far each child is, and the life of what is in it. */
const props = defineProps<{ placement: Placement }>()
const house = useHouse()
const unit = useUnit()
const TODDLERS: readonly Stage[] = ['infant', 'young-toddler', 'older-toddler']
const bin = computed(() => props.placement.bin)
const session = computed(() => unit.readings?.plan.sessions.find((one) => one.placement.id === props.placement.id))
const kids = computed(() => {
  const near = new Set(session.value?.parts.filter((part) => part.does === 'takes-part').map((part) => part.child.id))
  return house.children.filter((child) => near.has(child.id))
})
/** Toddlers, and whoever is new to bins, hear less of it. */
const young = computed(() =>
  kids.value
    .filter(
      (child) =>
        child.sensory === 'new' ||
        TODDLERS.includes(stageOn(child, session.value!.days[0].date, house.thisHome.stageBounds)),
    )
    .map((child) => child.name),
)
</script>

<template>
  <div class="stack">
    <BinRules :young="young" />
    <BinKids v-if="kids.length" :children="kids" :filler-id="bin?.fillerId ?? null" />
    <BinLife :placement="placement" :kids="kids.length" />
    <p v-if="bin?.hidden.length" class="small mute no-print">
      At cleanup, count back {{ listWords(bin.hidden.map((one) => `${one.count} ${one.name}`)) }}.
    </p>
  </div>
</template>
