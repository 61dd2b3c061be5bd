<script setup lang="ts">
import { countWords } from '@core/base'
import type { ThemeStarter } from '@core/library/starters'

/** What Kobby can fill in for a theme, to take over and to take out again. */
defineProps<{ starters: readonly ThemeStarter[]; taken: ThemeStarter | null }>()
defineEmits<{ take: [starter: ThemeStarter]; drop: [] }>()
</script>

<template>
  <p v-if="taken" class="notice soft small" role="status">
    Filled in from “{{ taken.name }}”: {{ countWords(taken.objects.length, 'object') }},
    {{ countWords(taken.words.length, 'word') }}, a big idea and {{ countWords(taken.questions.length, 'question') }}.
    Change what you like.
    <TextButton @click="$emit('drop')">Take it out again</TextButton>
  </p>
  <div v-else-if="starters.length" class="inline offer" role="group" aria-label="Kobby can fill this in">
    <span class="small mute">Kobby can fill this in:</span>
    <v-btn v-for="one in starters" :key="one.name" size="small" @click="$emit('take', one)">{{ one.name }}</v-btn>
  </div>
</template>

<style scoped>
.offer {
  margin-top: -2px;
}
</style>
