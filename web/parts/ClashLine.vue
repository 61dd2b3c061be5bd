<script setup lang="ts">
import { computed } from 'vue'
import { attentionRemedies, type Clash, bestSlots } from '@core/readings'
import { clockWords, longDate } from '@core/base'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** Placements that want more hands than there are at a time, or a lead who is not there, and what would settle it. */
const props = defineProps<{ clash: Clash }>()
const board = useBoard()
const house = useHouse()
const store = useUnit()
const SAYS = {
  hands: 'want more hands than are here',
  'lead-twice': 'led by one person at once',
  'lead-away': 'led by someone who is not here then',
} as const
const remedies = computed(() => attentionRemedies(props.clash, house.adults))
/** Another time for the last of them, where somebody has hands. */
const other = computed(() => {
  const session = props.clash.sessions[props.clash.sessions.length - 1]
  if (!store.snapshot || !store.readings || props.clash.kind === 'lead-away') return undefined
  return bestSlots(store.snapshot, store.readings.plan, session.activity.id, session.placement.id, 12)
    .filter((slot) => !slot.against.some(({ kind }) => kind === 'hands'))
    .map((slot) => ({ slot, session }))[0]
})
</script>

<template>
  <div class="rows">
    <b class="ember">{{ longDate(clash.date) }}, {{ clockWords(clash.from) }} to {{ clockWords(clash.to) }}</b>
    <p class="item">
      <template v-for="(session, i) in clash.sessions" :key="session.placement.id"
        ><template v-if="i">, </template
        ><button type="button" class="why" @click="board.selected = { kind: 'placement', id: session.placement.id }">
          {{ session.activity.title }}
        </button></template
      >
      {{ SAYS[clash.kind] }}<template v-if="clash.adult"> ({{ clash.adult.name }})</template>.
    </p>
    <div class="inline">
      <v-btn v-for="one in remedies" :key="one.words" size="small" @click="board.mendAdults(one)">{{
        one.words
      }}</v-btn><v-btn
        v-if="other"
        size="small"
        @click="board.moveTo(other.session.placement.id, other.slot.where, `Move ${other.session.activity.title}`)"
        >{{ other.session.activity.title }}: {{ other.slot.words }}</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.item {
  font-size: 15px;
}
.inline {
  gap: 6px;
}
</style>
