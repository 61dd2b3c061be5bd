<script setup lang="ts">
import { laterBy } from '@core/base'
import { computed } from 'vue'
import { BLOCK_KINDS, Home, takesPlacements, type BlockKind } from '@core/domain'
import { newId } from '../../api/newId'
import { useDraft } from '../../composables/useDraft'
import { useHouse } from '../../stores/house'

/** The order of the day: blocks with their times. */
const house = useHouse()
const source = computed(() => house.home)
const { draft, errors, commit } = useDraft(
  source,
  Home,
  (value) =>
    void house.commit('Change the rhythm', [
      { put: 'home', value: { ...value, rhythm: [...value.rhythm].sort((a, b) => (a.from < b.from ? -1 : 1)) } },
    ]),
)
const KIND_NAMES: Record<BlockKind, string> = {
  arrival: 'arrival',
  circle: 'circle',
  choice: 'choice time',
  outdoors: 'outdoors',
  meal: 'meal',
  nap: 'nap',
  after: 'after nap or school',
  departure: 'going home',
}
function add() {
  const last = draft.value!.rhythm.at(-1)
  draft.value!.rhythm.push({
    id: newId(),
    name: 'New block',
    kind: 'choice',
    from: last?.to ?? '09:00',
    to: laterBy(last?.to ?? '09:00', 60),
  })
  commit()
}
function drop(i: number) {
  draft.value!.rhythm.splice(i, 1)
  commit()
}
const wrong = (i: number) => ['name', 'from', 'to'].map((key) => errors.value[`rhythm.${i}.${key}`]).find(Boolean)
const overlapped = (i: number) =>
  draft.value!.rhythm.find(
    (other, j) => j !== i && other.from < draft.value!.rhythm[i].to && other.to > draft.value!.rhythm[i].from,
  )
</script>

<template>
  <form v-if="draft" class="stack rhythm" @submit.prevent="commit">
    <p class="mute">
      Activities go into circle, choice time, outdoors, nap and after. The other blocks keep their time free.
    </p>
    <div
      v-for="(block, i) in draft.rhythm"
      :key="block.id"
      class="cubby block"
      :class="{ quiet: !takesPlacements(block.kind) }"
    >
      <input v-model="block.from" class="time" type="time" :aria-label="`${block.name} from`" @blur="commit" /><span
        >to</span
      ><input v-model="block.to" class="time" type="time" :aria-label="`${block.name} to`" @blur="commit" />
      <v-text-field v-model="block.name" :aria-label="`Name of block ${i + 1}`" maxlength="120" @blur="commit" />
      <v-select
        v-model="block.kind"
        :items="BLOCK_KINDS.map((kind) => ({ title: KIND_NAMES[kind], value: kind }))"
        :aria-label="`Kind of ${block.name}`"
        @update:model-value="commit"
      />
      <TextButton :aria-label="`Remove ${block.name}`" @click="drop(i)">remove</TextButton>
      <p v-if="wrong(i)" class="small brick wide" role="alert">{{ wrong(i) }}</p>
      <p v-else-if="overlapped(i)" class="small ember wide">
        It overlaps {{ overlapped(i)!.name }}, {{ overlapped(i)!.from }} to {{ overlapped(i)!.to }}.
      </p>
    </div>
    <div><v-btn @click="add">Add a block</v-btn></div>
  </form>
</template>

<style scoped>
.rhythm {
  max-width: 760px;
  gap: 8px;
}
.block {
  display: grid;
  grid-template-columns: auto auto auto minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 6px 10px;
}
.block.quiet {
  background: none;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 720px) {
  .block {
    grid-template-columns: auto auto auto 1fr;
  }
  .block > :nth-child(4),
  .block > :nth-child(5) {
    grid-column: 1 / -1;
  }
}
</style>
