<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import type { PrintJob } from '@core/cards'
import type { PrintSet } from '@core/domain'
import { usePrinting } from '../../stores/printing'
import PageSheet from './PageSheet.vue'

/** One design on the shelf: what a child does with it, and its first page as the theme fills it, drawn once it is in sight. */
const props = defineProps<{ title: string; about: string; set: PrintSet }>()
defineEmits<{ add: [] }>()
const printing = usePrinting()
const card = useTemplateRef<HTMLElement>('card')
const seen = ref(false)
const { stop } = useIntersectionObserver(card, ([entry]) => {
  if (!entry?.isIntersecting) return
  seen.value = true
  stop()
})
const job = shallowRef<PrintJob | null>(null)
watch(
  () => seen.value && props.set,
  (set) => {
    // One after the other, so that the page can be scrolled meanwhile.
    if (set)
      setTimeout(() => {
        job.value = printing.jobOf(set).job
        const page = job.value?.pages[0]
        if (page) void printing.pictures.want(page.pictures).catch(() => undefined)
      })
  },
  { immediate: true },
)
const page = computed(() => job.value?.pages[0])
</script>

<template>
  <li ref="card" class="card kind">
    <div class="thumb">
      <PageSheet v-if="page" :page="page" :sources="printing.pictures.sources" :words="`A page of ${title}`" />
    </div>
    <div class="stack words">
      <b class="card-title" data-title>{{ title }}</b>
      <p class="small">{{ about }}</p>
      <p v-if="job?.lacks" class="small ember">{{ job.lacks }}</p>
      <div class="inline">
        <v-btn size="small" :aria-label="`Add ${title}`" @click="$emit('add')">Add</v-btn>
        <slot />
      </div>
    </div>
  </li>
</template>

<style scoped>
.kind {
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr);
  gap: 12px;
  padding: 10px;
  min-height: 172px;
}
.thumb {
  min-height: 150px;
}
.words {
  gap: 4px;
  align-content: start;
  justify-items: start;
}
</style>
