<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Idea } from '@core/domain'
import { countWords } from '@core/base'
import { useBasket } from '../../stores/basket'
import { useUnit } from '../../stores/unit'
import HalfIdeaLine from '../lines/HalfIdeaLine.vue'
import NotebookPage from './NotebookPage.vue'

/** Half ideas: those of this unit, and those that wait for one. */
const store = useUnit()
const basket = useBasket()
const openId = ref<string | null>(null)
const here = computed(() => store.ideas.filter((idea) => !idea.activityId))
const groups = computed<{ title: string; ideas: Idea[]; empty: string }[]>(() => [
  { title: `For ${store.unit?.name ?? 'this unit'}`, ideas: here.value, empty: 'No unfinished ideas here.' },
  {
    title: 'For some other time',
    ideas: store.loose,
    empty: 'What you put back, and what a removed unit leaves behind, waits here.',
  },
])
</script>

<template>
  <p class="mute lead">
    A line is enough: where you saw it, what it was. It waits here until you write it out, and it is never lost.
  </p>
  <div class="line"><HalfIdeaLine @keep="basket.keepHalf" /></div>
  <section v-for="group in groups" :key="group.title" class="group" :aria-label="group.title">
    <h2>
      {{ group.title }}
      <span class="mute small count">{{ group.ideas.length ? countWords(group.ideas.length, 'half idea') : '' }}</span>
    </h2>
    <p v-if="!group.ideas.length" class="mute small">{{ group.empty }}</p>
    <NotebookPage
      v-for="idea in group.ideas"
      :key="idea.id"
      :idea="idea"
      :open="openId === idea.id"
      @toggle="openId = openId === idea.id ? null : idea.id"
    />
  </section>
</template>

<style scoped>
.lead {
  margin-bottom: 8px;
}
.line {
  max-width: 560px;
  margin-bottom: 18px;
}
.group {
  display: grid;
  gap: 8px;
  margin-bottom: 22px;
  max-width: 760px;
}
.count {
  font-family: var(--text);
  font-weight: 400;
}
</style>
