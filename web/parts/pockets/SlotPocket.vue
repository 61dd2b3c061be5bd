<script setup lang="ts">
import { computed } from 'vue'
import type { Where } from '@core/domain'
import { longDate, STYLE_NAMES } from '@core/base'
import { blockOn } from '@core/plan'
import { SKELETONS } from '@core/ideas'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/** An empty cubby: which ideas of the basket suit it. */
const props = defineProps<{ where: Where }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const day = computed(() =>
  store.days.find((one) => one.number === (props.where.kind === 'moment' ? props.where.day : props.where.fromDay)),
)
const block = computed(() =>
  props.where.kind === 'moment' && house.home && store.unit
    ? blockOn(house.home, store.unit, props.where.day, props.where.blockId)
    : undefined,
)
const hint = computed(() => {
  const where = props.where
  const kind = where.kind === 'moment' ? block.value?.kind : 'set-up'
  return kind && SKELETONS[store.unit!.style].hints[kind]
})
const title = computed(() => {
  const where = props.where
  return where.kind === 'moment' ? (block.value?.name ?? 'A time') : 'Out at the centers'
})
const options = computed(() => {
  const ids = [...new Set(store.ideas.flatMap((idea) => (idea.activityId ? [idea.activityId] : [])))]
  const placed = new Set(store.placements.map((one) => one.activityId))
  return ids
    .map((activityId) => ({
      activityId,
      placed: placed.has(activityId),
      verdict: board.verdict({ placementId: null, activityId }, props.where),
    }))
    .sort((a, b) => Number(a.placed) - Number(b.placed))
})
const fits = computed(() => options.value.filter((one) => one.verdict?.ok))
const not = computed(() => options.value.filter((one) => !one.placed && one.verdict && !one.verdict.ok))
</script>

<template>
  <div class="stack">
    <div>
      <h2>{{ title }}</h2>
      <p v-if="day" class="mute small">Day {{ day.number }}, {{ longDate(day.date) }}</p>
      <p v-if="hint" class="small">{{ STYLE_NAMES[store.unit!.style] }} puts here: {{ hint.toLowerCase() }}.</p>
    </div>
    <section class="rows">
      <h3>{{ fits.length ? 'These suit it' : 'Nothing in the basket suits it' }}</h3>
      <ul class="rows">
        <li v-for="one in fits" :key="one.activityId">
          <v-btn class="idea" block @click="board.drop({ placementId: null, activityId: one.activityId }, props.where)"
            ><span
              >{{ board.titleOf(one.activityId) }}<span v-if="one.placed" class="mute small">&nbsp;again</span></span
            ></v-btn
          >
        </li>
      </ul>
      <v-btn :to="{ name: 'gather', params: { unitId: store.id! } }" class="plain">Look in the library</v-btn>
    </section>
    <details v-if="not.length">
      <summary>Why not the others</summary>
      <p v-for="one in not" :key="one.activityId" class="small other">
        <b>{{ board.titleOf(one.activityId) }}</b>:
        {{ one.verdict && !one.verdict.ok ? one.verdict.refusal.reason : '' }}
      </p>
    </details>
  </div>
</template>

<style scoped>
/* As wide as its line, whatever it says. */
.idea {
  width: 100%;
  justify-content: start;
}
.other {
  margin-top: 6px;
}
summary {
  cursor: pointer;
  color: var(--spruce);
}
</style>
