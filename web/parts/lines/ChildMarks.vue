<script setup lang="ts">
import { computed } from 'vue'
import { markOf, partWords } from '@core/papers'
import type { Part } from '@core/plan'
import { useHomeWords } from '../../composables/homeWords'

/** The children of an activity as marks, youngest first. Those who are not in the house at all are left out. */
const props = defineProps<{ parts: readonly Part[]; risky?: readonly string[]; all?: boolean }>()
const words = useHomeWords()
const marks = computed(() =>
  props.parts
    .filter((part) => props.all || part.does !== 'out' || part.reason !== 'not-here')
    .map((part) => {
      const caution = props.risky?.includes(part.child.id) ?? false
      return {
        id: part.child.id,
        text: markOf(part.child.name, words.value.childNames),
        look: caution ? 'caution' : part.does,
        words: `${partWords(part)}${caution ? ' There is a caution.' : ''}`,
      }
    }),
)
</script>

<template>
  <ul class="marks" aria-label="Who">
    <li v-for="mark in marks" :key="mark.id" class="mark" :class="mark.look" :data-look="mark.look" :title="mark.words">
      <span aria-hidden="true">{{ mark.text }}</span><span class="sr-only">{{ mark.words }}</span>
    </li>
  </ul>
</template>
