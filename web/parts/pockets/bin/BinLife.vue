<script setup lang="ts">
import { computed } from 'vue'
import type { Placement } from '@core/domain'
import { countWords, mediumDate } from '@core/base'
import { outBy } from '@core/making'
import { useBoard } from '../../../stores/board'
import { useSession } from '../../../stores/session'
import { useSupplies } from '../../../stores/supplies'
import { useUnit } from '../../../stores/unit'

/** The life of what is in the bin: filled, used, put away or thrown away. */
const props = defineProps<{ placement: Placement; kids: number }>()
const unit = useUnit()
const board = useBoard()
const session = useSession()
const supplies = useSupplies()
const bin = computed(() => props.placement.bin)
const title = computed(() => board.titleOf(props.placement.activityId))
/** Until when the filling is used, who used it, on how many days. */
const life = computed(() => {
  if (!bin.value?.filledOn) return null
  const filledOn = bin.value.filledOn
  const of = unit.readings?.plan.sessions.find((one) => one.placement.id === props.placement.id)
  const days = (of?.days ?? []).filter((day) => day.date >= filledOn && day.date <= session.today)
  const last = unit.days[unit.days.length - 1]?.date ?? filledOn
  const until = outBy(bin.value, last)!
  return { filledOn, days: days.length, kids: props.kids, until, over: until < session.today }
})
const patch = (label: string, filledOn: string | null) =>
  board.patch(props.placement, `${title.value}: ${label}`, { bin: { ...bin.value!, filledOn } })
</script>

<template>
  <section class="rows no-print" aria-label="This filler’s life">
    <h3>This filler’s life</h3>
    <template v-if="life">
      <div class="row">
        <span>Filled</span><span>{{ mediumDate(life.filledOn) }}</span>
      </div>
      <div class="row">
        <span>Used by {{ countWords(life.kids, 'kid') }}</span
        ><span>{{ countWords(life.days, 'day') }}</span>
      </div>
      <div class="row" :class="{ brick: life.over }">
        <span>Out by</span><b>{{ mediumDate(life.until) }}</b>
      </div>
      <div class="buttons">
        <v-btn size="small" @click="patch('back in its box', null)">Back in its box</v-btn
        ><v-btn size="small" @click="supplies.tossFiller(placement, title)">Thrown away</v-btn>
      </div>
    </template>
    <template v-else-if="bin">
      <p class="mute">Not filled yet. Filling it is in preparation until then.</p>
      <div><v-btn size="small" @click="patch('filled', session.today)">Filled today</v-btn></div>
    </template>
    <p v-else class="mute">Choose a filler, and filling it joins preparation and the list.</p>
  </section>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
