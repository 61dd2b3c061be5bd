<script setup lang="ts">
import { lentWords } from '@core/circle'
import type { PartOn } from '@core/circle'
import type { BookWay } from '@core/domain'
import { useCircle } from '../../stores/circle'
import { useSession } from '../../stores/session'
import FormField from '../fields/FormField.vue'
import { BOOK_KIND_NAMES, PLACE_NAMES, WAY_NAMES } from './kindNames'

/** A book of the circle: how it is shared with those who come, and why so. */
const props = defineProps<{ one: PartOn }>()
const circle = useCircle()
const session = useSession()
const WAYS: { title: string; value: BookWay | '' }[] = [
  { title: 'As it comes out', value: '' },
  ...(Object.entries(WAY_NAMES) as [BookWay, string][]).map(([value, title]) => ({ title, value })),
]
const set = (way: BookWay | '') => void circle.setWay(props.one.part.id, props.one.title, way || null)
</script>

<template>
  <div v-if="one.book && one.telling" class="stack">
    <p class="mute">
      <template v-if="one.book.author">{{ one.book.author }}. </template>A book: {{ BOOK_KIND_NAMES[one.book.kind] }}.
      {{ PLACE_NAMES[one.book.place] }}.
    </p>
    <FormField label="How it is shared"
      ><v-select
        :model-value="one.part.way ?? ''"
        :items="WAYS"
        aria-label="How it is shared"
        @update:model-value="set"
    /></FormField>
    <p class="small">
      <b>{{ WAY_NAMES[one.telling.way] }}.</b> {{ one.telling.why }}
    </p>
    <p v-if="one.book.lent" class="small mute">{{ lentWords(one.book, session.today) }}.</p>
    <p v-if="one.book.note" class="small mute">{{ one.book.note }}</p>
  </div>
</template>
