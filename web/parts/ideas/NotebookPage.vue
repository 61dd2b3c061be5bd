<script setup lang="ts">
import { computed, type Ref } from 'vue'
import { Idea } from '@core/domain'
import { useDraft } from '../../composables/useDraft'
import { useUnit } from '../../stores/unit'
import { useWriter } from '../../stores/writer'
import FormField from '../fields/FormField.vue'

/** One half idea: its words, where it was seen, how it would look; to be finished, moved or left. */
const props = defineProps<{ idea: Idea; open: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
const store = useUnit()
const writer = useWriter()
const source = computed(() => props.idea)
// The idea is always there, so its draft is too.
const {
  draft: kept,
  errors,
  commit,
} = useDraft(source, Idea, (value) => void writer.commit(store.id, 'Change a half idea', [{ put: 'idea', value }]))
const draft = kept as Ref<Idea>
const write = { name: 'activity-new', query: { idea: props.idea.id, unit: store.id } }
const moveTo = (unitId: string | null) =>
  void writer.commit(store.id, unitId ? 'Take a half idea into the unit' : 'Put a half idea back', [
    { put: 'idea', value: { ...props.idea, unitId } },
  ])
const takeIn = () => moveTo(store.id)
const leave = () => void writer.commit(store.id, 'Throw a half idea away', [{ remove: 'idea', id: props.idea.id }])
const seen = computed(() =>
  [props.idea.page && `page ${props.idea.page}`, props.idea.link && 'a link', props.idea.sketch && 'a sketch in words']
    .filter(Boolean)
    .join(', '),
)
</script>

<template>
  <article class="card half-page">
    <button type="button" class="head" :aria-expanded="open" @click="emit('toggle')">
      <span>{{ idea.text }}</span><span class="small mute">{{ open ? 'close' : seen || 'open' }}</span>
    </button>
    <form v-if="open" class="stack" @submit.prevent="commit">
      <FormField label="In a line or two"
        ><v-textarea
          v-model="draft.text"
          :error-messages="errors.text"
          rows="2"
          auto-grow
          maxlength="2000"
          @blur="commit"
      /></FormField>
      <div class="two">
        <FormField label="Link"
          ><v-text-field
            v-model="draft.link"
            type="url"
            :error-messages="errors.link"
            placeholder="https://"
            maxlength="500"
            @blur="commit" /></FormField
        ><FormField label="Page"
          ><v-text-field
            v-model="draft.page"
            :error-messages="errors.page"
            placeholder="42, the green book"
            maxlength="120"
            @blur="commit"
        /></FormField>
      </div>
      <FormField label="How it would look, in words"
        ><v-textarea
          v-model="draft.sketch"
          :error-messages="errors.sketch"
          rows="3"
          auto-grow
          placeholder="What goes where, who sits where, what it is made of"
          maxlength="4000"
          @blur="commit"
      /></FormField>
      <a v-if="idea.link" :href="idea.link" target="_blank" rel="noreferrer noopener" class="link"
        >Open {{ idea.link }}</a
      >
    </form>
    <div class="inline acts">
      <v-btn size="small" :to="write" :aria-label="`Finish this idea: ${idea.text}`">Finish this idea</v-btn>
      <v-btn v-if="idea.unitId === null" size="small" :aria-label="`Take into the unit: ${idea.text}`" @click="takeIn"
        >Take into the unit</v-btn
      >
      <v-btn v-else size="small" class="plain" :aria-label="`For some other time: ${idea.text}`" @click="moveTo(null)"
        >For some other time</v-btn
      >
      <v-btn size="small" class="plain" :aria-label="`Throw away: ${idea.text}`" @click="leave">Throw away</v-btn>
    </div>
  </article>
</template>

<style scoped>
.half-page {
  padding: 8px 12px 10px;
  display: grid;
  gap: 8px;
  border-left: 3px solid var(--apricot);
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
  background: none;
  border: 0;
  padding: 2px 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  overflow-wrap: anywhere;
}
.head span:last-child {
  color: var(--spruce);
  text-decoration: underline;
  white-space: nowrap;
}
.two {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 10px;
}
.link {
  overflow-wrap: anywhere;
}
@media (max-width: 720px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
