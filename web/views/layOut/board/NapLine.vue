<script setup lang="ts">
import { mdiWeatherNight } from '@mdi/js'
import { useNapWords } from '../../../composables/useNapWords'

/** Nap, as a line between the rows: who sleeps when. */
const words = useNapWords()
</script>

<template>
  <p class="nap"><v-icon :icon="mdiWeatherNight" size="18" aria-hidden="true" />{{ words }}</p>
</template>

<style scoped>
.nap {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--mute);
  font-size: 15px;
  border-block: 1px dashed var(--edge-strong);
  padding: 4px 6px;
}
</style>
