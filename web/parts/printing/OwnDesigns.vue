<script setup lang="ts">
import type { PrintTemplate } from '@core/domain'
import { usePrinting } from '../../stores/printing'
import DesignCard from './DesignCard.vue'

/** Designs that the home keeps, each as it comes out for this unit. */
defineEmits<{ take: [design: PrintTemplate] }>()
const printing = usePrinting()
</script>

<template>
  <p v-if="printing.designs.length" class="mute intro">
    These are the home’s, for every unit: what is added here begins as it was kept.
  </p>
  <ul v-if="printing.designs.length" class="shelf">
    <DesignCard
      v-for="design in printing.designs"
      :key="design.id"
      :title="design.name"
      :about="printing.infoOf(design.kind).about"
      :set="printing.ofDesign(design, `design-${design.id}`)"
      @add="$emit('take', design)"
    >
      <TextButton :aria-label="`Drop ${design.name}`" @click="printing.dropDesign(design)">Drop it</TextButton>
    </DesignCard>
  </ul>
  <p v-else class="mute intro">
    Nothing of your own yet. Choose something under “For this unit”, give it your words, pictures and size, and keep it
    as a design: then it is here in every unit.
  </p>
</template>

<style scoped>
.intro {
  margin-top: 12px;
}
.shelf {
  list-style: none;
  padding: 0;
  margin-top: 12px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 330px), 1fr));
  gap: 10px;
}
</style>
