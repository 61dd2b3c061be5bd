<script setup lang="ts" generic="T extends { id: string }">
import { mdiDragHorizontalVariant } from '@mdi/js'
import { nextTick, ref } from 'vue'
import { useRowDrag } from '../../composables/useRowDrag'

/** Rows in an order that matters: dragged by their handle, or moved by the arrow keys on it. */
const rows = defineModel<T[]>({ required: true })
const props = defineProps<{ what: string }>()
defineSlots<{ row(props: { row: T; i: number }): unknown }>()
const list = ref<HTMLElement>()
const said = ref('')

function move(from: number, to: number): void {
  if (to < 0 || to >= rows.value.length || from === to) return
  const next = [...rows.value]
  next.splice(to, 0, ...next.splice(from, 1))
  rows.value = next
  said.value = `${props.what} ${from + 1} is now ${to + 1} of ${next.length}`
}
async function byKey(i: number, by: number, event: KeyboardEvent) {
  const item = rows.value[i]
  move(i, i + by)
  await nextTick()
  if (rows.value[i] !== item) list.value?.querySelectorAll<HTMLElement>('.handle')[i + by]?.focus()
  event.preventDefault()
}
const drop = (i: number) => (rows.value = rows.value.filter((_, at) => at !== i))
useRowDrag(list, move, { draggable: '.ordered', handle: '.handle' })
</script>

<template>
  <ol ref="list" class="rows">
    <li v-for="(row, i) in rows" :key="row.id" class="card ordered">
      <button
        type="button"
        class="handle"
        :aria-label="`Move ${what.toLowerCase()} ${i + 1}: arrow up or down`"
        @keydown.up="byKey(i, -1, $event)"
        @keydown.down="byKey(i, 1, $event)"
      >
        <v-icon :icon="mdiDragHorizontalVariant" size="20" aria-hidden="true" /><span class="n">{{ i + 1 }}</span>
      </button>
      <slot name="row" :row="row" :i="i" />
      <TextButton class="small" :aria-label="`Remove ${what.toLowerCase()} ${i + 1}`" @click="drop(i)">
        remove
      </TextButton>
    </li>
  </ol>
  <p class="sr-only" role="status">{{ said }}</p>
</template>

<style scoped>
.rows {
  gap: 6px;
  position: relative;
}
.ordered {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 8px;
  align-items: start;
  padding: 6px 10px 6px 4px;
}
.handle {
  display: flex;
  align-items: center;
  background: none;
  border: 0;
  color: var(--mute);
  cursor: grab;
  padding: 8px 2px;
  border-radius: 4px;
  font: inherit;
  touch-action: none;
}
.n {
  min-width: 18px;
  font-weight: 650;
}
.why {
  align-self: center;
}
</style>
