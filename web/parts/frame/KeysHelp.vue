<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useHotkeys } from '../../composables/useHotkeys'

const open = defineModel<boolean>({ required: true })
const route = useRoute()
useHotkeys({ Escape: () => (open.value ? !(open.value = false) : false) })
const EVERYWHERE: [string, string][] = [
  ['1 to 7', 'Go along the path'],
  ['/', 'Find anything'],
  ['u', 'Undo'],
  ['Shift + u', 'Redo'],
  ['?', 'These keys'],
  ['Esc', 'Close'],
]
const BOARD: [string, string][] = [
  ['Arrow keys', 'Move between the cubbies'],
  ['Enter', 'Open what is in the cubby'],
  ['m', 'Pick a card up, put it down'],
  ['c', 'Pick up a copy of a card'],
  ['s', 'Swap it for another idea that fits there'],
  ['p', 'Pin to its date, or let go'],
  ['Delete', 'Take it off the plan'],
]
const ROOM: [string, string][] = [
  ['Tab, Enter', 'Choose a center'],
  ['Arrow keys', 'Move a center, while the house is arranged'],
  ['Shift + arrows', 'Make it larger or smaller'],
]
const LIST: [string, string][] = [
  ['Arrow keys', 'Go from line to line'],
  ['Enter', 'Why, for the line'],
  ['b g o a h', 'Buy, gather, borrow, ask families, always there'],
]
const MIX: [string, string][] = [
  ['p', 'Put the recipe on the plan'],
  ['Space', 'The next step, while it is mixed'],
]
const keys = computed(() =>
  route.name === 'get-ready' && route.query.tab === 'mix'
    ? [...MIX, ...EVERYWHERE]
    : route.name === 'get-ready' && !route.query.tab
      ? [...LIST, ...EVERYWHERE]
      : route.name !== 'lay-out'
        ? EVERYWHERE
        : route.query.view === 'room'
          ? [...ROOM, ...EVERYWHERE]
          : route.query.view
            ? EVERYWHERE
            : [...BOARD, ...EVERYWHERE],
)
</script>

<template>
  <v-dialog v-model="open" aria-labelledby="keys-title">
    <div class="k-sheet">
      <h2 id="keys-title">Keys of this page</h2>
      <dl class="keys">
        <div v-for="[key, what] in keys" :key="key" class="row">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ what }}</dd>
        </div>
      </dl>
      <div><v-btn class="primary" @click="open = false">Close</v-btn></div>
    </div>
  </v-dialog>
</template>

<style scoped>
.keys {
  display: grid;
  gap: 6px;
}
kbd {
  font: inherit;
  font-weight: 650;
  background: var(--well);
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  padding: 1px 8px;
}
</style>
