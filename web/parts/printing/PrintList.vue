<script setup lang="ts">
import { countWords } from '@core/base'
import { printSum } from '@core/printing'
import { usePrinting, type PrintRow } from '../../stores/printing'
import ThingPicture from '../lines/ThingPicture.vue'

/** Sets one below the other: what, for which idea, how many sheets, and for when. */
defineProps<{ rows: readonly PrintRow[]; label: string }>()
const chosen = defineModel<string | null>({ required: true })
const printing = usePrinting()
const sheets = (row: PrintRow) => (row.kept ? printSum(row.set).sheets : (printing.sums.get(row.set.id)?.sheets ?? 0))
const picture = (row: PrintRow) => {
  const names = row.set.things
  const all = printing.things
  return (names.length ? all.find((thing) => names.includes(thing.one)) : all[0])?.picture ?? ''
}
const when = (row: PrintRow) =>
  row.set.printedOn
    ? 'printed'
    : row.date === printing.nextDay && row.date
      ? 'next day'
      : row.date
        ? printing.shortWords(row.date)
        : ''
const about = (row: PrintRow) => {
  const { groups } = printing.jobOf(row.set).job ?? { groups: [] }
  const names = groups.flatMap((group) => group.children.map((child) => child.name))
  return [row.forWhat && `for ${row.forWhat}`, row.kept && names.length ? countWords(names.length, 'kid') : '']
    .filter(Boolean)
    .join(', ')
}
</script>

<template>
  <ul class="prints" :aria-label="label">
    <li v-for="row in rows" :key="row.set.id">
      <button
        type="button"
        class="card print"
        :class="{ 'is-selected': row.set.id === chosen }"
        :aria-pressed="row.set.id === chosen"
        @click="chosen = row.set.id"
      >
        <ThingPicture v-if="picture(row)" :name="picture(row)" :size="34" />
        <span class="words"
          ><span class="card-title" data-title>{{ row.set.name }}</span
          ><span class="small mute">{{ about(row) }}</span></span
        >
        <span class="right"
          ><b>{{ sheets(row) || '' }}</b
          ><span class="small" :class="when(row) === 'next day' ? 'ember' : 'mute'">{{ when(row) }}</span></span
        >
      </button>
    </li>
  </ul>
</template>

<style scoped>
.prints {
  list-style: none;
  display: grid;
  gap: 6px;
  padding: 0;
}
.print {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 4px 12px;
  align-items: center;
  width: 100%;
  padding: 8px 12px;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.words {
  display: grid;
  grid-column: 2;
}
.right {
  display: grid;
  justify-items: end;
  white-space: nowrap;
}
</style>
