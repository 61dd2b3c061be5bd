<script setup lang="ts">
import { computed, ref } from 'vue'
import { cureEffect, curesFor, type PrepOver } from '@core/prep'
import { usePrep } from '../../stores/prep'
import { useUnit } from '../../stores/unit'

/** What would cure something that does not fit, each with its effect on the whole plan. */
const props = defineProps<{ over: PrepOver }>()
const FIRST = 3
const unit = useUnit()
const prep = usePrep()
const all = ref(false)
const cures = computed(() => {
  const { snapshot, readings } = unit
  return snapshot && readings ? curesFor(props.over, snapshot, readings.plan, readings.preparation, readings.lines) : []
})
const shown = computed(() => (all.value ? cures.value : cures.value.slice(0, FIRST)))
</script>

<template>
  <div class="cures">
    <p v-if="!cures.length" class="small">
      Nothing of what Kobby tried would help: begin the unit later, or find more time in Home.
    </p>
    <button v-for="cure in shown" :key="cure.words" type="button" class="cure card" @click="prep.apply(cure)">
      <b>{{ cure.words }}</b>
      <span class="small mute">{{ cureEffect(cure, over) }}</span>
    </button>
    <TextButton v-if="cures.length > FIRST" :aria-expanded="all" @click="all = !all">{{
      all ? 'Fewer' : `${cures.length - FIRST} more`
    }}</TextButton>
  </div>
</template>

<style scoped>
.cures {
  display: grid;
  gap: 7px;
  justify-items: stretch;
}
.cures > :deep(.why) {
  justify-self: start;
}
.cure {
  display: grid;
  gap: 1px;
  padding: 7px 11px;
  border-color: var(--control);
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  text-align: left;
  cursor: pointer;
}
.cure b {
  font-family: var(--head);
  font-weight: 650;
  line-height: 1.25;
  overflow-wrap: anywhere;
}
.cure:hover {
  background: var(--well);
}
</style>
