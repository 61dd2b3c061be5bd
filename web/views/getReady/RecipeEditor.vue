<script setup lang="ts">
import { computed, ref, toRaw } from 'vue'
import { RECIPE_KINDS, STAGES, STORAGES, type Recipe } from '@core/domain'
import { STAGE_NAMES } from '@core/base'
import { capital } from '@core/ideas'
import { made, RECIPE_KIND_NAMES, recipeOfDraft, scaleWords, STORAGE_WORDS, type RecipeDraft } from '@core/making'
import { newId } from '../../api/newId'
import { faultOf } from '../../composables/faultOf'
import { useKeptDraft } from '../../composables/useKeptDraft'
import { useMixWords } from '../../composables/mixWords'
import FormField from '../../parts/fields/FormField.vue'
import { numberOrNone } from '../../parts/fields/numberOrNone'
import { useHouse } from '../../stores/house'
import { useMixing } from '../../stores/mixing'

/** A recipe of her own, written as it is said: a line for each ingredient and each step. */
const props = defineProps<{
  start: RecipeDraft
  /** The recipe that is changed, or copied; null for a new one. */
  base: Recipe | null
  /** The id under which it is kept: its own where it is changed. */
  id: string
}>()
const emit = defineEmits<{ saved: [id: string]; leave: [] }>()
const house = useHouse()
const mixing = useMixing()
const { main } = useMixWords()
const kept = useKeptDraft<RecipeDraft>(`recipe-${props.base?.id ?? 'new'}`, () => structuredClone(toRaw(props.start)))
const draft = kept.draft
const tried = ref(false)
const read = computed(() =>
  recipeOfDraft(draft.value, props.id, props.base, [...mixing.materials.values()], () => 'to-come'),
)
const isEmpty = computed(() => !draft.value.ingredients.trim() && !draft.value.steps.trim())
const faults = computed<Record<string, string>>(() =>
  'faults' in read.value && (tried.value || !isEmpty.value)
    ? Object.fromEntries([...read.value.faults].reverse().map((one) => [one.field, one.message]))
    : {},
)
/** What it comes to, as soon as it can be read: for one usual portion, six times. */
const PREVIEW = 6
const preview = computed(() => {
  if (!('recipe' in read.value)) return null
  const { recipe, materials } = read.value
  const all = new Map([...mixing.materials, ...materials.map((one) => [one.id, one] as const)])
  const compute = () => made(recipe, all, { by: 'portions', portions: PREVIEW }, house.thisHome.measures)
  const wrong = faultOf(compute)
  if (Object.keys(wrong).length) return { wrong: Object.values(wrong)[0], lines: [], gives: '', fresh: [] }
  const { lines, gives, unit } = compute()
  return {
    wrong: '',
    lines: lines.map((line) => ({
      id: line.ingredient.id,
      name: all.get(line.ingredient.materialId)?.name ?? '',
      words: main(line),
      feel: line.ingredient.until !== null,
    })),
    gives: scaleWords({ g: null, ml: null, each: null, [unit]: gives }),
    fresh: materials.map((one) => one.name),
  }
})
function giveIn(unit: string) {
  draft.value.gives =
    unit === 'g' || unit === 'ml' || unit === 'each' ? { quantity: draft.value.gives?.quantity ?? null, unit } : null
}
function save() {
  tried.value = true
  const answer = recipeOfDraft(draft.value, props.id, props.base, [...mixing.materials.values()], newId)
  if ('faults' in answer) return
  const shipped = mixing.neededBy(answer.recipe).filter((one) => 'put' in one && one.put === 'material')
  void house.commit(`Recipe ${answer.recipe.name}`, [
    ...shipped,
    ...answer.materials.map((value) => ({ put: 'material' as const, value })),
    { put: 'recipe', value: answer.recipe },
  ])
  kept.forget()
  emit('saved', answer.recipe.id)
}
function leave() {
  kept.forget()
  emit('leave')
}
</script>

<template>
  <form class="editor" @submit.prevent="save">
    <p v-if="kept.pickedUp.value" class="small mute" role="status">
      Picked up where you left it. <TextButton @click="kept.startOver()">Start over</TextButton>
    </p>
    <h2>{{ base?.id === id ? `Change ${base.name}` : 'A recipe of your own' }}</h2>
    <div class="two">
      <div class="rows">
        <FormField label="Name"
          ><v-text-field v-model="draft.name" maxlength="120" placeholder="Kitchen sand" :error-messages="faults.name"
        /></FormField>
        <FormField label="What goes in, one to a line"
          ><v-textarea
            v-model="draft.ingredients"
            rows="5"
            auto-grow
            aria-label="What goes in, one to a line"
            placeholder="8 parts wheat flour
1 part sunflower oil"
            :error-messages="faults.ingredients"
        /></FormField>
        <p class="small mute">
          Parts, cups, spoons, g, ml or pieces. End a line with “, by feel: how it looks when it is right” for what you
          add until it is right.
        </p>
        <FormField label="Steps, one to a line"
          ><v-textarea
            v-model="draft.steps"
            rows="4"
            auto-grow
            aria-label="Steps, one to a line"
            placeholder="Rub the oil into the flour, 8 min, kids
Let it rest, 1 min, then wait 2 h"
            :error-messages="faults.steps"
        /></FormField>
      </div>
      <div class="rows">
        <FormField label="Kind"
          ><v-select
            v-model="draft.kind"
            aria-label="Kind"
            :items="RECIPE_KINDS.map((value) => ({ title: RECIPE_KIND_NAMES[value], value }))"
        /></FormField>
        <div class="pair">
          <FormField label="It gives"
            ><v-select
              :model-value="draft.gives?.unit ?? 'sum'"
              aria-label="It gives"
              :items="[
                { title: 'all of it, in g', value: 'sum' },
                { title: 'pieces', value: 'each' },
                { title: 'g', value: 'g' },
                { title: 'ml', value: 'ml' },
              ]"
              @update:model-value="giveIn($event)"
          /></FormField>
          <FormField v-if="draft.gives" label="How much"
            ><v-text-field
              type="number"
              min="0"
              :model-value="draft.gives.quantity"
              :error-messages="faults.gives"
              @update:model-value="draft.gives = { ...draft.gives!, quantity: numberOrNone($event) }"
          /></FormField>
          <FormField :label="`One child gets (${draft.gives?.unit === 'each' ? 'pieces' : (draft.gives?.unit ?? 'g')})`"
            ><v-text-field
              type="number"
              min="0"
              :model-value="draft.portion"
              :error-messages="faults.portion"
              @update:model-value="draft.portion = numberOrNone($event)"
          /></FormField>
        </div>
        <FormField label="For which ages"
          ><v-select
            v-model="draft.stages"
            multiple
            aria-label="For which ages"
            :items="STAGES.map((value) => ({ title: STAGE_NAMES[value], value }))"
            :error-messages="faults.stages"
        /></FormField>
        <div>
          <v-checkbox v-model="draft.tasteSafe" label="A taste of it does no harm" />
          <v-checkbox v-model="draft.cooked" label="All of it is cooked, so no flour is raw" />
        </div>
        <div class="pair">
          <FormField label="How it is kept"
            ><v-select
              v-model="draft.storage"
              aria-label="How it is kept"
              :items="STORAGES.map((value) => ({ title: capital(STORAGE_WORDS[value]), value }))"
          /></FormField>
          <FormField label="Days it keeps"
            ><v-text-field
              type="number"
              min="0"
              :model-value="draft.keepsDays"
              :error-messages="faults.keepsDays"
              @update:model-value="draft.keepsDays = numberOrNone($event)"
          /></FormField>
        </div>
        <section v-if="preview" class="cubby preview" aria-label="What it comes to">
          <h3>For {{ PREVIEW }} portions</h3>
          <p v-if="preview.wrong" class="ember">
            {{ preview.wrong }}. Choose above what it gives, and it can be scaled.
          </p>
          <div v-for="line in preview.lines" :key="line.id" class="row">
            <span>{{ capital(line.name) }}<template v-if="line.feel">, by feel</template></span
            ><b>{{ line.words }}</b>
          </div>
          <p v-if="preview.gives" class="small mute">Makes {{ preview.gives }}.</p>
          <p v-if="preview.fresh.length" class="small mute">New in the pantry: {{ preview.fresh.join(', ') }}.</p>
        </section>
      </div>
    </div>
    <div class="buttons">
      <v-btn class="primary" type="submit">Save the recipe</v-btn><v-btn @click="leave">Cancel</v-btn>
      <span v-if="tried && Object.keys(faults).length" class="ember" role="alert"
        >Not saved yet: {{ Object.values(faults)[0] }}. Nothing is lost.</span
      >
    </div>
  </form>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 12px;
  align-content: start;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 6fr) minmax(0, 5fr);
  gap: 10px 22px;
  align-items: start;
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 10px;
  align-items: end;
}
.preview {
  padding: 10px 14px;
}
.preview .row {
  padding: 4px 0;
  border-bottom: 1px solid var(--edge);
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
