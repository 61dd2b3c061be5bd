<script setup lang="ts">
import { computed, onMounted, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { draftOf } from '@core/making'
import { newId } from '../../api/newId'
import { EMPTY_RECIPE, useMixing } from '../../stores/mixing'
import { useKitchen } from '../../stores/kitchen'
import FridgeList from './FridgeList.vue'
import RecipeEditor from './RecipeEditor.vue'
import MixTimers from './MixTimers.vue'
import RecipeAmounts from './RecipeAmounts.vue'
import RecipeList from './RecipeList.vue'

/** What is mixed, cooked and frozen: all recipes with who can use each, or one of them in the amounts of the day. */
const mixing = useMixing()
const kitchen = useKitchen()
onMounted(() => void kitchen.load())
const route = useRoute()
const router = useRouter()
watch(
  () => route.query.recipe,
  (id) => {
    const wanted = typeof id === 'string' ? id : ''
    if (wanted !== mixing.recipeId) mixing.open(wanted)
  },
  { immediate: true },
)
/** What is written anew, changed or copied; a recipe of the library is always copied. */
const editing = computed(() => {
  if (route.query.edit === 'new')
    return { base: null, id: newId(), start: mixing.incoming ?? EMPTY_RECIPE, about: `new ${mixing.incoming?.name}` }
  const { recipe } = mixing
  if (route.query.edit !== 'change' || !recipe) return null
  const own = mixing.isOwn(recipe.id)
  const start = draftOf(recipe, mixing.nameOf)
  return own
    ? { base: recipe, id: recipe.id, start, about: recipe.id }
    : { base: recipe, id: newId(), start: { ...start, name: `Our ${recipe.name.toLowerCase()}` }, about: recipe.id }
})
const saved = (recipe: string) => {
  mixing.incoming = null
  void router.push({ query: { tab: 'mix', recipe } })
}
const leave = () => {
  mixing.incoming = null
  go(editing.value?.base?.id)
}
const go = (recipe?: string) => void router.push({ query: { tab: 'mix', ...(recipe && { recipe }) } })
</script>

<template>
  <div class="mix">
    <RecipeEditor
      v-if="editing"
      :id="editing.id"
      :key="editing.about"
      :base="editing.base"
      :start="editing.start"
      @saved="saved"
      @leave="leave"
    />
    <RecipeAmounts v-else-if="mixing.recipe" @all="go()" />
    <template v-else>
      <p v-if="kitchen.failed" class="notice" role="alert">
        What is in the house could not be read: {{ kitchen.failed }}
        <TextButton @click="kitchen.load()">Try again</TextButton>
      </p>
      <FridgeList />
    </template>
    <MixTimers class="no-print waits" @open="go" />
    <RecipeList v-if="!mixing.recipe && !editing" :class="{ 'no-print': kitchen.here.length }" @open="go" />
  </div>
</template>

<style scoped>
.waits {
  margin: 4px 0 14px;
}
</style>
