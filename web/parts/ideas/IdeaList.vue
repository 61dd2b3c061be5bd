<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Activity, UsedBefore } from '@core/domain'
import type { Fit, TimeFit } from '@core/ideas'
import IdeaCard from '../cards/IdeaCard.vue'

/** Ideas as cards, a page at a time: how one fits is computed when its card is shown. */
const props = defineProps<{
  activities: readonly Activity[]
  fit: (activity: Activity) => Fit
  timesOf: (activity: Activity) => TimeFit[]
  used?: Record<string, readonly UsedBefore[]>
  openId: string | null
  gathered: (activity: Activity) => boolean
  aboutOf?: (activity: Activity) => string
  pictureOf?: (activity: Activity) => string
}>()
const emit = defineEmits<{ open: [activity: Activity]; gather: [activity: Activity]; leave: [activity: Activity] }>()
const PAGE = 24
const count = ref(PAGE)
watch(
  () => props.activities.map((one) => one.id).join(),
  () => (count.value = PAGE),
)
</script>

<template>
  <ul class="ideas" aria-label="Ideas">
    <IdeaCard
      v-for="one in activities.slice(0, count)"
      :key="one.id"
      :fit="fit(one)"
      :times="timesOf(one)"
      :used="used?.[one.id]"
      :selected="openId === one.id"
      :gathered="gathered(one)"
      :about="aboutOf?.(one)"
      :picture="pictureOf?.(one)"
      @open="emit('open', one)"
      @gather="emit('gather', one)"
      @leave="emit('leave', one)"
    />
  </ul>
  <div v-if="activities.length > count" class="more">
    <v-btn @click="count += PAGE">Show {{ Math.min(PAGE, activities.length - count) }} more</v-btn>
  </div>
</template>

<style scoped>
.ideas {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 10px;
}
.more {
  padding: 16px 0;
}
</style>
