<script setup lang="ts">
import type { NotThere, ShopItem } from '@core/supplies'

/** What the shop did not have, and for each what else could be done. */
defineProps<{ items: readonly ShopItem[]; waysOf: (item: ShopItem) => readonly NotThere[] }>()
defineEmits<{ choose: [item: ShopItem, way: NotThere]; found: [item: ShopItem] }>()
</script>

<template>
  <section class="cubby part" aria-label="Out of stock">
    <h2 class="label ember">Out of stock</h2>
    <div v-for="item in items" :key="item.line.material.id" class="card item vain">
      <div class="row">
        <b>{{ item.line.material.name }}</b><TextButton @click="$emit('found', item)"> found it </TextButton>
      </div>
      <ul class="rows">
        <li v-for="way in waysOf(item)" :key="way.words">
          <v-btn v-if="way.kind === 'instead'" class="way" @click="$emit('choose', item, way)">{{
            way.words
          }}</v-btn><span v-else-if="way.kind === 'elsewhere'" :class="{ brick: way.lateDays > 0 }">{{
            way.words
          }}</span
          ><span v-else class="mute">{{ way.words }}</span>
        </li>
      </ul>
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
.vain {
  padding: 8px 12px;
  gap: 6px;
}
.vain li {
  padding: 2px 0;
}
.way {
  text-align: left;
}
</style>
