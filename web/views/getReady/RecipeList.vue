<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { RECIPE_KINDS, type Recipe } from '@core/domain'
import { countWords, listWords } from '@core/base'
import { RECIPE_KIND_NAMES } from '@core/making'
import { readJsonLd } from '@core/papers'
import FileIn from '../../parts/fields/FileIn.vue'
import { useHouse } from '../../stores/house'
import { useMixing } from '../../stores/mixing'
import MixDay from './MixDay.vue'

/** Every recipe, with who of those who are there can use it. */
const emit = defineEmits<{ open: [recipeId: string] }>()
const router = useRouter()
const house = useHouse()
const wrong = ref('')
const write = () => void router.push({ query: { tab: 'mix', edit: 'new' } })
/** A recipe that Kobby wrote comes in whole; any other is looked over first. */
async function take(file: File) {
  wrong.value = ''
  let value: unknown
  try {
    value = JSON.parse(await file.text())
  } catch {
    wrong.value = `${file.name} is not a recipe file: it is not JSON. Nothing was changed.`
    return
  }
  const read = readJsonLd(value)
  if ('faults' in read) {
    const [fault] = read.faults
    wrong.value = `${file.name}: ${fault.message} (${fault.field}). Nothing was changed.`
  } else if ('draft' in read) {
    mixing.incoming = read.draft
    write()
  } else if (mixing.recipes.some((one) => one.id === read.recipe.id)) emit('open', read.recipe.id)
  else {
    await house.commit(`Recipe ${read.recipe.name}`, mixing.bringIn(read.recipe, read.materials))
    emit('open', read.recipe.id)
  }
}
const mixing = useMixing()
const text = ref('')
const wanted = computed(() => (text.value ?? '').trim().toLowerCase())
const isFound = (one: Recipe) =>
  !wanted.value ||
  `${one.name} ${RECIPE_KIND_NAMES[one.kind]} ${one.ingredients.map((part) => mixing.nameOf(part.materialId)).join(' ')}`
    .toLowerCase()
    .includes(wanted.value)
const groups = computed(() =>
  RECIPE_KINDS.map((kind) => ({
    kind,
    recipes: mixing.recipes.filter((one) => one.kind === kind && isFound(one)).map((one) => ({ one, who: who(one) })),
  })).filter((group) => group.recipes.length),
)
/** For whom it is, in a few words. */
function who(recipe: Recipe): string {
  const { verdicts, swapIds, without } = mixing.dietsOf(recipe)
  if (!verdicts.length) return ''
  if (without.length === verdicts.length) return 'for nobody who is there'
  const served = without.length
    ? `not ${listWords(
        without.map((one) => one.child.name),
        'or',
      )}`
    : 'for all'
  const swaps = swapIds.map((id) => mixing.nameOf(recipe.swaps.find((one) => one.id === id)!.materialId))
  return swaps.length ? `${served}, with ${listWords(swaps)}` : served
}
</script>

<template>
  <div>
    <div class="inline top">
      <h2>Mix</h2>
      <MixDay />
      <span class="mute">{{ countWords(mixing.eaters.length, 'child', 'children') }} there</span>
      <v-text-field
        v-model="text"
        class="find"
        placeholder="Dough, paint, corn starch"
        aria-label="Find a recipe"
        clearable
      />
    </div>
    <div class="inline no-print own">
      <v-btn @click="write">Write a recipe</v-btn
      ><FileIn accept=".jsonld,.json,application/ld+json,application/json" label="Bring a recipe in" @take="take" />
    </div>
    <p v-if="wrong" class="notice" role="alert">{{ wrong }}</p>
    <div class="groups" role="group" aria-label="Recipes">
      <section
        v-for="group in groups"
        :key="group.kind"
        class="cubby group"
        :aria-label="RECIPE_KIND_NAMES[group.kind]"
      >
        <h3>{{ RECIPE_KIND_NAMES[group.kind] }}</h3>
        <ul>
          <li v-for="{ one, who: words } in group.recipes" :key="one.id">
            <button type="button" class="recipe" @click="emit('open', one.id)">
              <span class="name">{{ one.name }}</span><span class="mute small">{{ words }}</span>
            </button>
          </li>
        </ul>
      </section>
    </div>
    <div v-if="!groups.length" class="stack none">
      <h2>No recipe like that</h2>
      <p class="mute">Look for what it is or what goes into it: dough, paint, flour, soap.</p>
    </div>
  </div>
</template>

<style scoped>
.top {
  margin-bottom: 12px;
}
.own {
  margin-bottom: 12px;
}
.find {
  flex: 1 1 200px;
  max-width: 320px;
}
.groups {
  columns: 2 320px;
  column-gap: 14px;
}
.group {
  break-inside: avoid;
  margin-bottom: 14px;
  padding: 8px 10px 6px;
}
.group li {
  border-top: 1px solid var(--edge);
}
.group h3 {
  padding: 0 4px 6px;
}
.recipe {
  display: flex;
  gap: 0 16px;
  justify-content: space-between;
  align-items: baseline;
  width: 100%;
  min-height: 44px;
  padding: 8px 4px;
  background: none;
  border: 0;
  text-align: left;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.recipe .name {
  font-weight: 650;
}
.recipe .mute {
  flex: 0 1 55%;
  text-align: right;
}
.recipe:hover .name {
  text-decoration: underline;
}
.none {
  padding: 24px 0;
}
</style>
