<script setup lang="ts">
import { computed, toRef } from 'vue'
import { addDays, STAGE_NAMES } from '@core/base'
import { lentWords } from '@core/circle'
import { Book, STAGES } from '@core/domain'
import { useDraft } from '../../composables/useDraft'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import { commaList } from '../fields/commaList'
import FormField from '../fields/FormField.vue'
import { BOOK_KIND_NAMES, PLACE_NAMES } from '../circle/kindNames'

/** A book of the shelf: what it is, whom it suits, where it stands, and when it goes back. */
const props = defineProps<{ book: Book }>()
const house = useHouse()
const session = useSession()
const { draft, errors, commit } = useDraft(
  toRef(props, 'book'),
  Book,
  (value) => void house.commit(`Change ${value.title}`, [{ put: 'book', value }]),
)
const items = <T extends string>(names: Record<T, string>) =>
  (Object.entries(names) as [T, string][]).map(([value, title]) => ({ value, title }))
/** Libraries that were lent from before: most lend from one. */
const lenders = computed(() => [...new Set(house.books.flatMap((one) => one.lent?.from ?? []))])
/** What most libraries lend for. */
const LENT_DAYS = 21
function setLent(is: boolean): void {
  draft.value!.lent = is ? { from: lenders.value[0] ?? 'the library', until: addDays(session.today, LENT_DAYS) } : null
  commit()
}
const lentFault = computed(
  () =>
    Object.entries(errors.value).find(([path]) => path.startsWith('lent'))?.[1] ??
    (draft.value?.lent && !draft.value.lent.until ? 'Write until when' : undefined),
)
</script>

<template>
  <form v-if="draft" class="stack" @submit.prevent="commit">
    <FormField label="Title"
      ><v-text-field v-model="draft.title" :error-messages="errors.title" maxlength="120" @blur="commit"
    /></FormField>
    <FormField label="Author"
      ><v-text-field v-model="draft.author" :error-messages="errors.author" maxlength="120" @blur="commit"
    /></FormField>
    <FormField label="Kind"
      ><v-select v-model="draft.kind" :items="items(BOOK_KIND_NAMES)" aria-label="Kind" @update:model-value="commit"
    /></FormField>
    <FormField label="The youngest who listen to all of it"
      ><v-select
        v-model="draft.from"
        :items="STAGES.map((value) => ({ title: STAGE_NAMES[value], value }))"
        aria-label="The youngest who listen to all of it"
        @update:model-value="commit"
    /></FormField>
    <FormField label="Minutes to read it aloud"
      ><v-text-field
        v-model.number="draft.minutes"
        type="number"
        min="1"
        max="120"
        :error-messages="errors.minutes"
        @blur="commit"
    /></FormField>
    <FormField label="Where it stands"
      ><v-select
        v-model="draft.place"
        :items="items(PLACE_NAMES)"
        aria-label="Where it stands"
        @update:model-value="commit"
    /></FormField>
    <FormField label="What it is about" hint="With commas between: kite, wind."
      ><v-text-field
        :model-value="draft.topics.join(', ')"
        :error-messages="errors.topics"
        maxlength="400"
        @update:model-value="draft.topics = commaList($event)"
        @blur="commit"
    /></FormField>
    <v-checkbox
      :model-value="draft.lent !== null"
      label="It is lent, and goes back"
      hide-details
      density="compact"
      @update:model-value="setLent(Boolean($event))"
    />
    <template v-if="draft.lent">
      <FormField label="Lent from"
        ><v-text-field v-model="draft.lent.from" :error-messages="errors['lent.from']" maxlength="120" @blur="commit"
      /></FormField>
      <FormField label="Until"
        ><input v-model="draft.lent.until" class="time" type="date" aria-label="Until" @change="commit"
      /></FormField>
      <p v-if="lentFault" class="small brick" role="alert">{{ lentFault }}</p>
      <p v-else class="small mute">{{ lentWords(book, session.today) }}.</p>
    </template>
    <FormField label="Note"
      ><v-text-field v-model="draft.note" :error-messages="errors.note" maxlength="120" @blur="commit"
    /></FormField>
  </form>
</template>
