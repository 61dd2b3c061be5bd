<script setup lang="ts">
import { computed } from 'vue'
import { RECIPES } from '@core/library/recipes'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/** From a thing to the recipe that it is mixed by. */
const props = defineProps<{ recipeId?: string; materialIds: readonly string[] }>()
const house = useHouse()
const unit = useUnit()
const all = computed(() => [...house.recipes, ...RECIPES])
const mixedBy = computed(() => all.value.find((one) => one.id === props.recipeId))
/** The home's own before the library's, each once. */
const makers = computed(() => {
  const found = all.value.filter((one) => one.makes !== null && props.materialIds.includes(one.makes))
  return found.filter((one, i) => found.findIndex((other) => other.id === one.id) === i)
})
const to = (recipe: string) => ({ name: 'get-ready', params: { unitId: unit.id! }, query: { tab: 'mix', recipe } })
</script>

<template>
  <p v-if="mixedBy">
    Mixed by <router-link :to="to(mixedBy.id)">{{ mixedBy.name }}</router-link>
  </p>
  <p v-else-if="makers.length">
    You can make it:
    <template v-for="(one, i) in makers" :key="one.id"
      ><template v-if="i">, </template><router-link :to="to(one.id)">{{ one.name }}</router-link></template
    >
  </p>
</template>
