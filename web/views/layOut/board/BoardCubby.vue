<script setup lang="ts">
import { computed } from 'vue'
import { hourWords, type ProgramDay } from '@core/base'
import type { Caution } from '@core/cautions'
import type { Session } from '@core/plan'
import { railOf, type Cubby } from '../../../composables/useDayCells'
import { usePictures } from '../../../composables/usePictures'
import PlanCard from '../../../parts/cards/PlanCard.vue'

/** One cubby of the board with what lies in it; empty, it says what would suit and is a way to it. */
const { ofTheme } = usePictures()
const props = defineProps<{
  cubby: Cubby
  day: ProgramDay
  /** Where the arrows find its first card, or itself where it is empty. */
  spot: number
  /** The spot of the cell that is in the tab order; null where it is in another cell. */
  activeSpot: number | null
  cautionsOf: (session: Session) => readonly Caution[]
  selectedId: string | null
  carriedId: string | null
  empty: string
  isToday: boolean
  /** Whether something is held over it, and whether it could lie here. */
  over: 'fits' | 'no' | null
}>()
defineEmits<{ choose: [] }>()
const rail = computed(() => railOf(props.cubby))
/** Ids of what goes on at the same time as something else in it. */
const together = computed(() => new Set(rail.value.filter((one) => one.of > 1).map((one) => one.id)))
const name = computed(() => props.cubby.part?.name ?? props.cubby.block.name)
const spotId = (i = 0) => `${props.day.number} ${props.cubby.block.id} ${props.spot + i}`
const tab = (i = 0) => (props.activeSpot === props.spot + i ? 0 : -1)
</script>

<template>
  <div
    class="cubby slot"
    :class="{ today: isToday, event: cubby.part, over, no: over === 'no' }"
    :data-slot="`${day.number} ${cubby.slot}`"
    :data-over="over || undefined"
  >
    <p v-if="cubby.part" class="part">
      <b>{{ cubby.part.name }}</b> <span class="small mute">{{ hourWords(cubby.part.from) }}</span>
    </p>
    <div v-if="cubby.sessions.length" class="rail" aria-hidden="true">
      <i
        v-for="one in rail"
        :key="one.id"
        :title="one.words"
        :style="{ top: `${one.top}%`, height: `${one.height}%`, left: `${one.lane * 3}px` }"
      />
    </div>
    <div class="list" data-list>
      <PlanCard
        v-for="(session, i) in cubby.sessions"
        :key="session.placement.id"
        data-drag
        role="group"
        :aria-label="`${session.activity.title}, day ${day.number}, ${name}. Enter opens it, m picks it up`"
        :data-spot="spotId(i)"
        :tabindex="tab(i)"
        :session="session"
        :picture="ofTheme(session.activity)"
        :cautions="cautionsOf(session)"
        :timed="cubby.sessions.length > 1"
        :together="together.has(session.placement.id)"
        :selected="selectedId === session.placement.id"
        :carried="carriedId === session.placement.id"
      />
    </div>
    <p v-if="!day.held" class="empty">Closed</p>
    <button
      v-else-if="!cubby.sessions.length"
      type="button"
      class="empty"
      :data-spot="spotId()"
      :tabindex="tab()"
      :aria-label="`Day ${day.number}, ${name}: ${empty}`"
      @click="$emit('choose')"
    >
      {{ empty }}
    </button>
  </div>
</template>

<style scoped>
.slot.event {
  border-style: dashed;
  border-color: var(--apricot);
}
.part {
  font-size: 15px;
  padding: 0 4px;
}
.part b {
  font-family: var(--head);
  font-weight: 650;
}
.rail {
  position: absolute;
  left: 1px;
  top: 4px;
  bottom: 4px;
  width: 5px;
}
.rail i {
  position: absolute;
  width: 2px;
  border-radius: 2px;
  background: var(--spruce);
  min-height: 6px;
}
.list {
  display: grid;
  gap: 5px;
}
.list:empty {
  display: none;
}
.empty {
  border: 1px dashed var(--edge-strong);
  border-radius: 4px;
  background: none;
  color: var(--mute);
  font: inherit;
  font-size: 15px;
  line-height: 1.3;
  padding: 8px 6px;
  min-height: 46px;
  text-align: center;
  cursor: pointer;
  width: 100%;
}
.empty:hover {
  border-color: var(--spruce);
  color: var(--spruce);
}
</style>
