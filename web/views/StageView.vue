<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { rangeOf } from '@core/domain'
import StageAfter from '../parts/stage/StageAfter.vue'
import StageShow from '../parts/stage/StageShow.vue'
import { useBoard } from '../stores/board'
import { useCircle } from '../stores/circle'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** The circle of a day, full screen: led first, then remembered. */
const unit = useUnit()
const house = useHouse()
const board = useBoard()
const circle = useCircle()
const route = useRoute()
const router = useRouter()
watch(
  () => [route.params.day, unit.ready] as const,
  () => (board.day = Number(route.params.day)),
  { immediate: true },
)
const names = computed(() => house.children.map((child) => child.name))
/** Minutes of what was held; null while it is led. */
const took = ref<Record<string, number> | null>(null)
function grow(partId: string, word: string | null): void {
  const one = circle.parts.find((part) => part.part.id === partId)
  if (!one?.piece) return
  if (word !== null) void circle.addWord(partId, word)
  else {
    const range = rangeOf(one.piece, one.part)
    if (range) void circle.change(partId, `${one.title}: one more`, { range: { ...range, to: range.to + range.step } })
  }
}
const leave = () =>
  void router.push({ name: 'lay-out', params: { unitId: unit.id! }, query: { view: 'circle', day: board.day } })
/** Back from afterward, by the same keys as on stage. */
onKeyStroke(['ArrowLeft', 'PageUp'], () => {
  if (took.value) took.value = null
})
</script>

<template>
  <div class="stage" role="region" aria-label="Circle on stage">
    <h1 class="sr-only">Circle on stage</h1>
    <p v-if="!unit.ready || !circle.pieces.length" class="mute plain" role="status">Opening the circle</p>
    <div v-else-if="!circle.script?.parts.length" class="stack plain">
      <p>There is nothing in this circle yet.</p>
      <div><v-btn @click="leave">Put it together</v-btn></div>
    </div>
    <template v-else>
      <StageShow
        v-show="!took"
        :script="circle.script"
        :names="names"
        :paused="took !== null"
        keeps
        @grow="grow"
        @over="took = $event"
        @leave="leave"
      />
      <StageAfter v-if="took" :took="took" @back="took = null" @leave="leave" />
    </template>
  </div>
</template>

<style scoped>
.stage {
  position: fixed;
  inset: 0;
  z-index: 1500;
  background: var(--paper);
  overflow: auto;
}
.plain {
  padding: 32px;
  max-width: 640px;
}
</style>
