<script setup lang="ts">
import { computed } from 'vue'
import type { Activity, Placement } from '@core/domain'
import { quantityWords } from '@core/base'
import { useHomeWords } from '../../composables/homeWords'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/** What a placement takes, and what is other than the idea says: swapped, or fewer. */
const props = defineProps<{ placement: Placement; activity: Activity }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const words = useHomeWords()
const patch = (label: string, over: Partial<Placement>) =>
  board.patch(props.placement, `${props.activity.title}: ${label}`, over)
const needs = computed(() =>
  (store.readings?.lines ?? []).flatMap((line) =>
    line.needs.filter((need) => need.session.placement.id === props.placement.id).map((need) => ({ need, line })),
  ),
)
const swapBack = (requirementId: string) => {
  const { [requirementId]: _, ...rest } = props.placement.swaps
  patch('swap back', { swaps: rest })
}
const moreAgain = (requirementId: string) => {
  const { [requirementId]: _, ...rest } = props.placement.quantities
  patch('as many as the idea says', { quantities: rest })
}
const swaps = computed(() =>
  Object.entries(props.placement.swaps).map(([requirementId, materialId]) => ({
    requirementId,
    to: house.materialsById.get(materialId)?.name,
    from: house.materialsById.get(props.activity.requirements.find((one) => one.id === requirementId)?.materialId ?? '')
      ?.name,
  })),
)
</script>

<template>
  <section v-if="needs.length" class="rows" aria-label="Needs">
    <div class="row">
      <h3>Needs</h3>
      <router-link :to="{ name: 'get-ready', params: { unitId: store.id! } }">why?</router-link>
    </div>
    <div v-for="{ need, line } in needs" :key="need.requirement.id" class="row need">
      <span>{{ need.material.name }}</span>
      <span :class="need.short > 0 ? 'ember' : 'mute'"
        >{{ quantityWords(need.quantity, need.material.unit, words.measures)
        }}<template v-if="need.short > 0"
          >, {{ quantityWords(need.short, need.material.unit, words.measures) }} short</template
        ><template v-else-if="need.material.way !== 'have'">
          of {{ quantityWords(line.onHand, need.material.unit, words.measures) }}</template
        ></span
      >
    </div>
    <p v-for="requirementId in Object.keys(placement.quantities)" :key="`fewer-${requirementId}`" class="small">
      Fewer
      {{
        house.materialsById.get(activity.requirements.find((one) => one.id === requirementId)?.materialId ?? '')?.name
      }}
      than the idea says <TextButton @click="moreAgain(requirementId)">as the idea says</TextButton>
    </p>
    <p v-for="swap in swaps" :key="swap.requirementId" class="small">
      {{ swap.to }} in place of {{ swap.from }}
      <TextButton @click="swapBack(swap.requirementId)">swap back</TextButton>
    </p>
  </section>
</template>

<style scoped>
.need > :last-child {
  text-align: right;
}
</style>
