<script setup lang="ts">
import { computed } from 'vue'
import { moneyWords, quantityWords } from '@core/base'
import { capital } from '@core/ideas'
import { readable } from '@core/making'
import { markOf } from '@core/papers'
import type { FillerRank } from '@core/readings'
import { useHomeWords } from '../../../composables/homeWords'

/** One filler: for whom it is, the reason that weighs most, and what it would cost. */
const props = defineProps<{ rank: FillerRank; used: boolean }>()
const emit = defineEmits<{ use: [] }>()
const words = useHomeWords()
const marks = computed(() =>
  props.rank.children.map(({ child, safe }) => ({
    id: child.id,
    text: markOf(child.name, words.value.childNames),
    look: safe ? 'takes-part' : 'caution',
    words: `${child.name}: ${safe ? 'fine' : 'not safe'}`,
  })),
)
const aside = computed(() => {
  const { material, cost, quantity } = props.rank
  if (props.used) return 'in use'
  if (cost) return moneyWords(cost, words.value.currency)
  if (cost === null) return quantity === null ? 'not weighed' : 'no price'
  return material.onHand ? `have ${quantityWords(readable(material.onHand), material.unit, words.value.measures)}` : ''
})
</script>

<template>
  <li class="card filler" :class="{ used, out: rank.ruledOut }">
    <component
      :is="rank.ruledOut ? 'div' : 'button'"
      class="in"
      :type="rank.ruledOut ? undefined : 'button'"
      :aria-pressed="rank.ruledOut ? undefined : used"
      @click="rank.ruledOut || emit('use')"
    >
      <span class="name">{{ capital(rank.material.name) }}</span>
      <span class="marks">
        <span v-for="mark in marks" :key="mark.id" class="mark" :class="mark.look" :title="mark.words"
          ><span aria-hidden="true">{{ mark.text }}</span
          ><span class="sr-only">{{ mark.words }}. </span></span
        >
      </span>
      <span class="small why-words" :class="{ brick: rank.ruledOut && !rank.time }"
        >{{ rank.reasons.slice(0, 2).join('. ').replace(/\.$/, '') }}.</span
      >
      <span class="small mute aside">{{ aside }}</span>
    </component>
  </li>
</template>

<style scoped>
.filler.used {
  outline: 2px solid var(--spruce);
  outline-offset: -2px;
}
.in {
  display: grid;
  grid-template-columns: minmax(0, 140px) auto minmax(0, 1fr) minmax(60px, auto);
  gap: 4px 14px;
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: 6px 12px;
  background: none;
  border: 0;
  font: inherit;
  color: inherit;
  text-align: left;
}
button.in {
  cursor: pointer;
}
button.in:hover .name {
  text-decoration: underline;
}
.name {
  font-weight: 650;
}
.aside {
  text-align: right;
}
@media (max-width: 900px) {
  .in {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .marks {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .why-words {
    grid-column: 1 / -1;
  }
}
</style>
