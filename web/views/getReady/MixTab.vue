<script setup lang="ts">
import { watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useMixing } from '../../stores/mixing'
import RecipeAmounts from './RecipeAmounts.vue'
import RecipeList from './RecipeList.vue'

/** What is mixed, cooked and frozen: all recipes with who can use each, or one of them in the amounts of the day. */
const mixing = useMixing()
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
const go = (recipe?: string) => void router.push({ query: { tab: 'mix', ...(recipe && { recipe }) } })
</script>

<template>
  <RecipeAmounts v-if="mixing.recipe" @all="go()" />
  <RecipeList v-else @open="go" />
</template>
