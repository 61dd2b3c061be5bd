<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import { shortWeekday, weekdayOf } from '@core/base'
import { TAB_STEP, TAB_WIDTH, useRibbon, type RibbonOf } from '../../composables/useRibbon'
import ThingPicture from '../lines/ThingPicture.vue'

/** The unit's program days as tabs, with closures, today, special events, slow projects and what begins ahead. */
const props = defineProps<RibbonOf>()
/** Program day that is looked at. */
const here = defineModel<number>({ required: true })
const list = ref<HTMLElement>()

const { tabs, lanes, edgeOf } = useRibbon(props)
watch(
  () => [here.value, tabs.value.length],
  async () => {
    await nextTick()
    const tab = list.value?.querySelector<HTMLElement>('[aria-current]')
    if (list.value && tab) list.value.scrollLeft = tab.offsetLeft - list.value.clientWidth / 2 + TAB_WIDTH / 2
  },
  { immediate: true },
)
</script>

<template>
  <div ref="list" class="scroller" role="group" aria-label="Program days" tabindex="0">
    <div class="inner">
      <div class="lane">
        <div
          v-for="lane in lanes.shown"
          :key="`${lane.name} ${lane.from}`"
          class="slow"
          :class="{ ahead: !lane.slow, late: lane.late }"
          :style="{ left: `${lane.from}px`, width: `${lane.width}px` }"
        >
          <span>{{ lane.name }}</span><i />
        </div>
        <span v-if="lanes.more" class="more" :style="{ left: `${edgeOf(tabs.length - 1) + TAB_STEP}px` }"
          >+{{ lanes.more }} ahead</span
        >
      </div>
      <div class="tabs">
        <template v-for="tab in tabs" :key="tab.number">
          <span v-if="tab.gap" class="gap" :class="{ shut: tab.shut }" :title="tab.shut || undefined"
            ><span v-if="tab.shut" class="sr-only">{{ tab.shut }}</span></span
          >
          <button
            type="button"
            class="tab"
            :class="{
              today: tab.isToday,
              past: tab.past,
              event: tab.event,
              dropped: !tab.held,
              here: here === tab.number,
            }"
            :aria-current="here === tab.number ? 'true' : undefined"
            :title="tab.words"
            @click="here = tab.number"
          >
            <ThingPicture v-if="tab.drawing" class="drawing" :name="tab.drawing" :size="18" /><span>{{
              tab.isToday ? 'today' : shortWeekday(weekdayOf(tab.date))
            }}</span
            ><b>{{ tab.number }}</b
            ><span class="sr-only">{{ tab.words }}</span>
          </button>
        </template>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  position: relative;
  overflow: auto hidden;
  height: 94px;
  scrollbar-width: none;
  min-width: 0;
}
.inner {
  min-width: max-content;
}
.lane {
  height: 29px;
  position: relative;
}
.slow {
  position: absolute;
  top: 6px;
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 14px;
  color: var(--mute);
  white-space: nowrap;
}
.slow i {
  flex: 1;
  height: 3px;
  background: var(--grass);
  border-radius: 2px;
}
.slow.ahead i {
  height: 0;
  border-top: 2px dotted var(--apricot);
  background: none;
}
.slow.late span {
  color: var(--brick);
}
.more {
  position: absolute;
  top: 6px;
  font-size: 14px;
  color: var(--mute);
  white-space: nowrap;
}
.tabs {
  display: flex;
  align-items: end;
  height: 64px;
}
.gap {
  width: 14px;
  align-self: stretch;
}
.gap.shut {
  background: linear-gradient(var(--edge-strong), var(--edge-strong)) center 70% / 6px 2px no-repeat;
}
.tab {
  position: relative;
  width: 50px;
  margin-right: 4px;
  height: 56px;
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 1px;
  border: 1px solid var(--edge);
  border-bottom: 0;
  border-radius: 5px 5px 0 0;
  background: var(--well);
  color: var(--ink);
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}
.tab b {
  font-family: var(--head);
  font-weight: 650;
  font-size: 17px;
  line-height: 1.1;
}
.tab span {
  color: var(--mute);
}
.tab.past {
  background: var(--linen);
  color: var(--mute);
}
.tab.today {
  height: 64px;
  background: var(--paper);
  border-color: var(--edge-strong);
}
.tab.today span {
  color: var(--ember);
  font-weight: 700;
}
.tab.event {
  border: 1px dashed var(--apricot);
  border-bottom: 0;
}
.drawing {
  position: absolute;
  top: -9px;
  right: -5px;
}
.tab.dropped {
  text-decoration: line-through;
  opacity: 0.8;
}
.tab.here {
  border-top: 3px solid var(--spruce);
}
.tab:focus-visible {
  outline-offset: -3px;
}
@media (max-width: 720px) {
  .scroller {
    height: 76px;
  }
  .lane {
    visibility: hidden;
    height: 12px;
  }
}
</style>
