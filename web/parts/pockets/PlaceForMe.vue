<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import { bestSlots, type RankedSlot } from '@core/readings'
import { capital } from '@core/ideas'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

/** The best places for one card, each with why; looking at one shows in the pulse what it would change. */
const props = defineProps<{ activityId: string; placementId?: string; plain?: boolean }>()
const emit = defineEmits<{ placed: [] }>()
const store = useUnit()
const board = useBoard()
const open = ref(false)
const slots = computed(() =>
  open.value && store.snapshot && store.readings
    ? bestSlots(store.snapshot, store.readings.plan, props.activityId, props.placementId)
    : [],
)
const what = computed(() => ({ placementId: props.placementId ?? null, activityId: props.activityId }))
const look = (slot: RankedSlot | null) => board.look(slot && what.value, slot && slot.where)
onBeforeUnmount(() => look(null))
function take(slot: RankedSlot) {
  look(null)
  open.value = false
  if (board.drop(what.value, slot.where, slot.centerId)) emit('placed')
}
</script>

<template>
  <div class="place">
    <v-btn size="small" :class="{ plain }" :aria-expanded="open" @click="open = !open">{{
      open ? 'Never mind' : placementId ? 'Find a better place' : 'Place it for me'
    }}</v-btn>
    <ol v-if="open" class="rows">
      <li v-for="(slot, i) in slots" :key="slot.words">
        <button
          type="button"
          class="card slot"
          @click="take(slot)"
          @mouseenter="look(slot)"
          @mouseleave="look(null)"
          @focus="look(slot)"
          @blur="look(null)"
        >
          <b>{{ i + 1 }}. {{ slot.words }}</b
          ><span class="small">{{ capital(slot.reasons.join(', ')) }}</span
          ><span v-if="slot.against.length" class="small ember"
            >But: {{ slot.against.map((one) => one.words).join(', ') }}</span
          >
        </button>
      </li>
      <li v-if="!slots.length" class="small">
        There is no place for it in the days ahead: it is too long for what is free, or nobody could take part.
      </li>
    </ol>
  </div>
</template>

<style scoped>
.place {
  display: contents;
}
ol {
  flex: 1 0 100%;
  width: 100%;
}
.slot {
  display: grid;
  gap: 1px;
  width: 100%;
  padding: 6px 10px;
  font: inherit;
  font-size: 15px;
  color: inherit;
  text-align: left;
  cursor: pointer;
  line-height: 1.3;
}
.slot b {
  font-family: var(--head);
  font-weight: 650;
}
.slot:hover {
  border-color: var(--spruce);
}
</style>
