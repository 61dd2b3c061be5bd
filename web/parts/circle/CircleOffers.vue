<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CirclePart, PieceKind } from '@core/domain'
import { useCircle } from '../../stores/circle'
import { KIND_NAMES } from './kindNames'

/** What could come into a circle: pieces and books, the best for the day first, or something of her own. */
defineEmits<{ write: []; talk: [] }>()
const circle = useCircle()
const kind = ref<PieceKind | 'all' | 'books'>('all')
const KINDS = [
  { title: 'Everything', value: 'all' as const },
  { title: 'books', value: 'books' as const },
  ...Object.entries(KIND_NAMES).map(([value, title]) => ({ title, value: value as PieceKind })),
]
const word = ref('')
const offers = computed(() =>
  circle.offers
    .filter(({ piece: one }) => kind.value === 'all' || one.kind === kind.value)
    .filter(({ piece: one }) => `${one.title} ${one.text}`.toLowerCase().includes(word.value.trim().toLowerCase()))
    .slice(0, 30),
)
const books = computed(() =>
  circle.shelf
    .filter(({ fits }) => kind.value === 'books' || (kind.value === 'all' && (fits || word.value.trim() !== '')))
    .filter(({ book }) =>
      `${book.title} ${book.author} ${book.topics.join(' ')}`.toLowerCase().includes(word.value.trim().toLowerCase()),
    )
    .filter(({ book }) => !circle.parts.some((one) => one.book?.id === book.id)),
)
const nameOf = (id: string) => circle.titleOf(circle.piecesById.get(id)!, { thing: '', range: null } as CirclePart)
</script>

<template>
  <div class="stack">
    <div>
      <h2>What could come in</h2>
      <p class="mute small">The best for this day first.</p>
    </div>
    <div class="inline">
      <v-btn @click="$emit('write')">Write your own</v-btn>
      <v-btn @click="$emit('talk')">Only a line</v-btn>
    </div>
    <v-text-field v-model="word" placeholder="Look for a word" aria-label="Look for a word" clearable />
    <v-select v-model="kind" :items="KINDS" aria-label="Kind" />
    <ul v-if="books.length" class="rows">
      <li v-for="{ book, why } in books" :key="book.id" class="card offer">
        <span class="card-title" data-title>{{ book.title }}</span>
        <span class="small mute">book, {{ book.minutes }} min. {{ why.join('. ') }}.</span>
        <v-btn size="small" :aria-label="`Add ${book.title}`" @click="circle.addBook(book.id, book.title)">Add</v-btn>
      </li>
    </ul>
    <ul class="rows">
      <li v-for="{ piece: one, why } in offers" :key="one.id" class="card offer">
        <span class="card-title" data-title>{{ nameOf(one.id) }}</span>
        <span class="small mute">{{ KIND_NAMES[one.kind] }}, {{ one.minutes.planned }} min. {{ why.join('. ') }}.</span>
        <v-btn size="small" :aria-label="`Add ${nameOf(one.id)}`" @click="circle.add(one)">Add</v-btn>
      </li>
    </ul>
    <p v-for="title in kind === 'books' ? circle.unshelved : []" :key="title" class="small">
      “{{ title }}” is on the list of the unit, not on the shelf.
      <TextButton :aria-label="`Put ${title} there`" @click="circle.putOnShelf(title)">Put it there</TextButton>
    </p>
    <p v-if="kind === 'books' && !circle.shelf.length" class="mute">
      No book on the shelf yet. Put them there in <router-link to="/home?tab=books">Home</router-link>.
    </p>
    <p v-else-if="!offers.length && !books.length" class="mute">Nothing of that kind, or with that word.</p>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
}
.offer {
  display: grid;
  gap: 2px;
  padding: 8px 10px;
  justify-items: start;
}
</style>
