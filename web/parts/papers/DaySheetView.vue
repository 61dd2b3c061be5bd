<script setup lang="ts">
import { computed } from 'vue'
import type { Tick, DaySheet } from '@core/domain'
import { spanWords } from '@core/base'
import SheetChildren from './SheetChildren.vue'
import SheetCircle from './SheetCircle.vue'
import SheetItemCard from './SheetItemCard.vue'
import SheetStandingCard from './SheetStandingCard.vue'

/**
 * One day for whoever runs it: large enough for an arm's length, each step a tick. The same for the provider, a link
 * and paper.
 */
const props = defineProps<{
  sheet: DaySheet
  ticks: readonly Tick[]
  canTick?: boolean
  /** Whether the circle can be led from here. */
  canLead?: boolean
  /** Without what stands at the centers, so that it fits one page. */
  short?: boolean
}>()
const ticksOf = computed(() => {
  const of = new Map<string, Tick[]>()
  for (const tick of props.ticks) of.set(tick.placementId, [...(of.get(tick.placementId) ?? []), tick])
  return of
})
const emit = defineEmits<{ tick: [placementId: string, step: string, done: boolean, text: string]; lead: [] }>()

const byId = computed(() => new Map(props.sheet.items.map((item) => [item.placementId, item])))
const standing = computed(() => props.sheet.items.filter((item) => item.standing))
</script>

<template>
  <div class="sheet" :class="{ short }" role="group" aria-label="The sheet of the day">
    <SheetChildren :sheet="sheet" />
    <section v-for="block in sheet.blocks" :key="block.id" class="block" :aria-label="block.name">
      <div class="row block-head" :class="{ empty: !block.placementIds.length && sheet.circle?.from !== block.from }">
        <h2>{{ block.name }}</h2>
        <span class="mute">{{ spanWords(block) }}</span>
      </div>
      <SheetCircle
        v-if="sheet.circle?.from === block.from"
        :circle="sheet.circle"
        :can-lead="canLead"
        @lead="emit('lead')"
      />
      <template v-for="id in block.placementIds" :key="id">
        <SheetItemCard
          v-if="byId.get(id)"
          :item="byId.get(id)!"
          :ticks="ticksOf.get(id)"
          :can-tick="canTick"
          @tick="(step, done, text) => emit('tick', id, step, done, text)"
        />
      </template>
    </section>
    <section v-if="standing.length && !short" class="block" aria-label="Out at the centers">
      <div class="row block-head"><h2>Out at the centers</h2></div>
      <div class="out-list">
        <SheetStandingCard v-for="item in standing" :key="item.placementId" :item="item" />
      </div>
    </section>
    <p class="mute closing">{{ sheet.closing }}</p>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 14px;
  max-width: 760px;
  font-size: 17px;
}
.block {
  display: grid;
  gap: 8px;
}
.block-head {
  border-top: 1px solid var(--edge);
  padding-top: 8px;
}
.block-head h2 {
  font-size: 16px;
}
.block-head.empty h2 {
  font-weight: 500;
}
.out-list {
  display: grid;
  gap: 8px;
}
.closing {
  font-style: italic;
  font-size: 15px;
}
@media print {
  /* No grids: what stands in one is torn wherever the page ends. */
  .sheet,
  .block {
    display: block;
  }
  .sheet {
    font-size: 9pt;
    line-height: 1.18;
    max-width: none;
  }
  .sheet :deep(.small) {
    font-size: 8.5pt;
  }
  .block {
    margin-top: 2px;
  }
  .block :deep(.item) {
    margin-top: 2px;
  }
  .block-head {
    break-after: avoid;
    padding-top: 1px;
  }
  .block-head h2 {
    font-size: 9.5pt;
  }
  .short {
    font-size: 8pt;
    line-height: 1.08;
  }
  .short :deep(.small) {
    font-size: 7.5pt;
  }
  /* What is asked stands on the longer sheet; where and who leads, beside the title. */
  .short :deep(.ask) {
    display: none;
  }
  .short :deep(.facts) {
    float: right;
    margin: -1.3em 40px 0 0;
  }
  .short :deep(.item > .row ~ *) {
    clear: right;
  }
  .short :deep(.item > .facts) {
    clear: none;
  }
  .short :deep(.here) {
    gap: 1px;
  }
  .short :deep(.item) {
    margin-top: 1px;
    padding-block: 0 1px;
  }
  .short :deep(.notice) {
    margin: 0;
  }
  .short :deep(.here .notice) {
    padding-block: 0;
  }
  .short .block {
    margin-top: 1px;
  }
  .short :deep(.box) {
    width: 10px;
    height: 10px;
  }
  .closing {
    font-size: 8pt;
  }
  .short :deep(.steps) {
    columns: 3;
  }
  .short :deep(.kids) {
    grid-template-columns: repeat(5, 1fr);
  }
  .short :deep(h3) {
    font-size: 9pt;
  }
  .short .block-head {
    padding-top: 0;
  }
  .short .block-head h2 {
    font-size: 8.5pt;
  }
  .out-list {
    display: block;
    columns: 3;
    column-gap: 8px;
    margin-top: 3px;
  }
}
</style>
