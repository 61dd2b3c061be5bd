<script setup lang="ts">
import type { Material } from '@core/domain'
import { moneyWords, quantityWords } from '@core/base'
import type { CartLine } from '@core/supplies'
import { useHomeWords } from '../../composables/homeWords'

/** What is in the cart: bought today in this shop. */
defineProps<{ cart: readonly (CartLine & { material: Material | undefined })[] }>()
defineEmits<{ putBack: [purchases: CartLine['purchases']] }>()
const words = useHomeWords()
</script>

<template>
  <section class="cubby part" aria-label="In the cart">
    <h2 class="label">In the cart</h2>
    <div v-for="one in cart" :key="one.purchases[0].id" class="card item done">
      <span class="tick" aria-hidden="true">✓</span
      ><span
        ><b>{{ one.material?.name }}</b
        ><span class="packs"
          >{{ quantityWords(one.quantity, one.material?.unit ?? 'each', words.measures) }},
          {{ moneyWords(one.paid, words.currency) }}</span
        ></span
      ><TextButton :aria-label="`Put ${one.material?.name} back`" @click="$emit('putBack', one.purchases)">
        put back
      </TextButton>
    </div>
  </section>
</template>

<style scoped>
.part {
  padding: 8px;
  display: grid;
  gap: 6px;
}
.label {
  font-size: 16px;
  padding: 0 4px;
}
.item {
  display: grid;
}
.done {
  grid-template-columns: 40px minmax(0, 1fr) auto;
  align-items: center;
  padding: 6px 12px 6px 8px;
  color: var(--mute);
}
.done .tick {
  color: var(--spruce);
  font-weight: 700;
  font-size: 20px;
  text-align: center;
}
.packs {
  display: block;
}
</style>
