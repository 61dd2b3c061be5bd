<script setup lang="ts">
import { computed } from 'vue'
import type { Activity } from '@core/domain'
import { asksFor } from '@core/making'
import { RECIPES } from '@core/library/recipes'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/** From an idea or a thing to the recipes that it is mixed by. */
const props = defineProps<{ recipeId?: string; activity?: Activity; materialId?: string }>()
const house = useHouse()
const unit = useUnit()
/** The home's own before the library's, each once. */
const all = computed(() => {
  const own = new Set(house.recipes.map((one) => one.id))
  return [...house.recipes, ...RECIPES.filter((one) => !own.has(one.id))]
})
const mixedBy = computed(() => all.value.find((one) => one.id === props.recipeId))
const makers = computed(() =>
  all.value.filter((one) =>
    props.activity ? asksFor(props.activity, one) : one.makes !== null && one.makes === props.materialId,
  ),
)
const to = (recipe: string) => ({ name: 'get-ready', params: { unitId: unit.id! }, query: { tab: 'mix', recipe } })
</script>

<template>
  <p v-if="mixedBy">
    Mixed by <router-link :to="to(mixedBy.id)">{{ mixedBy.name }}</router-link>
  </p>
  <p v-else-if="makers.length">
    {{ activity ? 'Recipes for it:' : 'You can make it:' }}
    <template v-for="(one, i) in makers" :key="one.id"
      ><template v-if="i">, </template><router-link :to="to(one.id)">{{ one.name }}</router-link></template
    >
  </p>
</template>
