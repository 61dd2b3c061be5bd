<script setup lang="ts">
import { computed, ref } from 'vue'
import { listWords, STAGE_NAMES } from '@core/base'
import { lentWords } from '@core/circle'
import type { Book } from '@core/domain'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import ThingCard from '../cards/ThingCard.vue'
import { BOOK_KIND_NAMES, PLACE_NAMES } from '../circle/kindNames'

/** The books of the home: what goes back first, then by title. */
defineProps<{ openId: string | null }>()
defineEmits<{ open: [id: string]; add: [] }>()
const house = useHouse()
const session = useSession()
const word = ref('')
const shown = computed(() => {
  const wanted = word.value.trim().toLowerCase()
  return house.books
    .filter((one) => `${one.title} ${one.author} ${one.topics.join(' ')}`.toLowerCase().includes(wanted))
    .sort((a, b) => (a.lent?.until ?? '9').localeCompare(b.lent?.until ?? '9'))
})
const capital = (text: string) => text.replace(/^./, (letter) => letter.toUpperCase())
const facts = (book: Book) => [
  `${capital(BOOK_KIND_NAMES[book.kind])}, ${book.minutes} min, from ${STAGE_NAMES[book.from].toLowerCase()}`,
  [PLACE_NAMES[book.place], book.topics.length && `about ${listWords(book.topics)}`].filter(Boolean).join(', '),
  lentWords(book, session.today),
]
</script>

<template>
  <div class="stack">
    <v-text-field
      v-if="house.books.length > 6"
      v-model="word"
      placeholder="Look for a title or a word"
      aria-label="Look for a title or a word"
      clearable
      class="look"
    />
    <ul class="things">
      <ThingCard
        v-for="one in shown"
        :key="one.id"
        :name="one.title"
        :aside="one.author"
        :lines="facts(one).filter(Boolean)"
        :selected="openId === one.id"
        @open="$emit('open', one.id)"
      />
    </ul>
    <p v-if="!house.books.length" class="mute">
      No book yet. What stands here can be read in a circle, and what is lent reminds you before it goes back.
    </p>
    <p v-else-if="!shown.length" class="mute">No book with that word.</p>
    <div><v-btn class="primary" @click="$emit('add')">Add a book</v-btn></div>
  </div>
</template>

<style scoped>
.things {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 10px;
}
.look {
  max-width: 360px;
}
</style>
