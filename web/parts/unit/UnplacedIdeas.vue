<script setup lang="ts">
import { computed } from 'vue'
import { countWords, FORM_NAMES } from '@core/base'
import PlaceForMe from '../pockets/PlaceForMe.vue'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

/** Ideas of the basket that have no place yet, to drag or to carry onto the plan. */
const store = useUnit()
const board = useBoard()
const ideas = computed(() =>
  store.unplaced.flatMap((idea) => {
    const activity = idea.activityId ? store.activitiesById.get(idea.activityId) : undefined
    return activity ? [{ idea, activity }] : []
  }),
)
/** Placements that a closure or a shorter unit left without a date: kept, and said here. */
const stranded = computed(() => {
  const { plan } = store.readings ?? {}
  const dated = new Set(plan?.sessions.map((session) => session.placement.id))
  return (plan?.problems ?? []).flatMap((problem) => {
    const placement = store.placements.find((one) => one.id === problem.placementId)
    return placement && !dated.has(placement.id) ? [{ placement, message: problem.message }] : []
  })
})
const halves = computed(() => store.halves)
function pickUp(activityId: string, placementId: string | null = null) {
  board.carried =
    board.carried?.activityId === activityId && board.carried.placementId === placementId
      ? null
      : { placementId, activityId }
  board.said = board.carried
    ? `${board.titleOf(activityId)} picked up. Choose a cubby, Enter or m puts it down`
    : 'Put back'
}
</script>

<template>
  <div class="stack">
    <section v-if="stranded.length" class="notice soft rows stranded" aria-label="Without a date">
      <h2>{{ countWords(stranded.length, 'card') }} without a date</h2>
      <p class="small">Nothing is lost: put each where it fits now.</p>
      <div data-list class="rows list">
        <div
          v-for="{ placement, message } in stranded"
          :key="placement.id"
          class="card idea"
          data-drag
          :data-placement="placement.id"
          :data-activity="placement.activityId"
        >
          <div>
            <b class="card-title" data-title>{{ board.titleOf(placement.activityId) }}</b>
            <p class="small mute">{{ message }}</p>
          </div>
          <v-btn
            size="small"
            class="plain"
            :aria-label="`Pick up ${board.titleOf(placement.activityId)}`"
            @click="pickUp(placement.activityId, placement.id)"
            >Pick up</v-btn
          >
        </div>
      </div>
    </section>
    <div>
      <h2>{{ ideas.length ? `${countWords(ideas.length, 'idea')} not scheduled yet` : 'Every idea has a day' }}</h2>
      <p class="mute small">
        {{
          ideas.length
            ? 'Drag one into a cubby, or pick it up and choose where.'
            : 'Gather more in the library, or open a cubby to lay something there again.'
        }}
      </p>
    </div>
    <div class="rows list" data-list>
      <div
        v-for="{ idea, activity } in ideas"
        :key="idea.id"
        class="card idea"
        :class="{ 'is-selected': board.carried?.activityId === activity.id && !board.carried.placementId }"
        data-drag
        :data-activity="activity.id"
      >
        <div class="what">
          <b class="card-title" data-title>{{ activity.title }}</b>
          <p class="small mute">
            {{ activity.minutes.do }} min · {{ activity.standing ? 'can stay out' : FORM_NAMES[activity.form] }}
          </p>
        </div>
        <v-btn
          size="small"
          class="plain"
          :aria-label="`Pick up ${activity.title}`"
          :aria-pressed="board.carried?.activityId === activity.id"
          @click="pickUp(activity.id)"
          >Pick up</v-btn
        >
        <PlaceForMe plain :activity-id="activity.id" />
      </div>
    </div>
    <section v-if="halves.length" class="rows">
      <h3>Half ideas</h3>
      <p v-for="half in halves" :key="half.id" class="small half">{{ half.text }}</p>
    </section>
    <v-btn :to="{ name: 'gather', params: { unitId: store.id! } }">Look in the library</v-btn>
  </div>
</template>

<style scoped>
.list {
  gap: 6px;
}
.idea {
  padding: 6px 6px 7px 10px;
  display: flex;
  justify-content: space-between;
  gap: 8px;
  align-items: center;
  cursor: grab;
}
.what {
  flex: 1 0 100%;
}
.list .idea {
  flex-wrap: wrap;
  justify-content: start;
  gap: 0 4px;
  padding-bottom: 2px;
}
.list .idea :deep(.plain) {
  padding-left: 0;
  margin-right: 10px;
}
.half {
  border-left: 3px solid var(--apricot);
  padding-left: 8px;
}
</style>
