<script setup lang="ts">
import type { Slot } from '@core/plan'

/** Why a card cannot lie where it was dropped, and where it could. */
defineProps<{ title: string; reason: string; remedies: readonly Slot[] }>()
defineEmits<{ place: [slot: Slot]; leave: [] }>()
</script>

<template>
  <div class="notice soft refusal" role="alert">
    <p>
      <b class="ember">{{ title }} stays where it was.</b>
      {{ reason }}
    </p>
    <div v-if="remedies.length" class="inline">
      <v-btn v-for="slot in remedies" :key="slot.words" size="small" @click="$emit('place', slot)">{{
        slot.words
      }}</v-btn>
    </div>
    <p v-else class="small mute">Nothing near it would work either. Look at the centers in Home.</p>
    <TextButton class="small" @click="$emit('leave')">Leave it there</TextButton>
  </div>
</template>

<style scoped>
.refusal {
  display: grid;
  gap: 6px;
  font-size: 15px;
}
</style>
