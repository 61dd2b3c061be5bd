<script setup lang="ts">
import { onMounted, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useMixing } from '../../stores/mixing'
import { useKitchen } from '../../stores/kitchen'
import FridgeList from './FridgeList.vue'
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
const go = (recipe?: string) => void router.push({ query: { tab: 'mix', ...(recipe && { recipe }) } })
</script>

<template>
  <div class="mix">
    <RecipeAmounts v-if="mixing.recipe" @all="go()" />
    <template v-else>
      <p v-if="kitchen.failed" class="notice" role="alert">
        What is in the house could not be read: {{ kitchen.failed }}
        <TextButton @click="kitchen.load()">Try again</TextButton>
      </p>
      <FridgeList />
    </template>
    <MixTimers class="no-print waits" @open="go" />
    <RecipeList v-if="!mixing.recipe" :class="{ 'no-print': kitchen.here.length }" @open="go" />
  </div>
</template>

<style scoped>
.waits {
  margin: 4px 0 14px;
}
</style>
