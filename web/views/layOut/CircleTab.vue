<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { turnWords, WAY_WORDS, type PartOn } from '@core/circle'
import { countWords, listWords, longDate, spanWords } from '@core/base'
import { useBoard } from '../../stores/board'
import { useCircle } from '../../stores/circle'
import { useRepertoire } from '../../stores/repertoire'
import { useUnit } from '../../stores/unit'
import { useRowDrag } from '../../composables/useRowDrag'
import CircleWeek from '../../parts/circle/CircleWeek.vue'
import CircleStrip from '../../parts/circle/CircleStrip.vue'
import { KIND_NAMES } from '../../parts/circle/kindNames'

/** The circle of the day: drawn to its minutes, and as a list to order. */
const chosen = defineModel<string | null>({ required: true })
const emit = defineEmits<{ open: [] }>()
const circle = useCircle()
const board = useBoard()
const repertoire = useRepertoire()
const unit = useUnit()
const inHand = (one: PartOn) => [...(one.piece?.props ?? []), ...(one.piece?.figures ?? [])].join(', ')
const minutesOf = (id: string) => circle.fit.minutes.get(id) ?? 0
function choose(id: string | null): void {
  chosen.value = id
  emit('open')
}
const leaveOut = computed(() => circle.parts.find((one) => one.part.id === circle.fit.leaveOut))
const MOST_TURNS = 12
const newTurn = ref('')
const turnFault = ref('')
function addTurn(): void {
  const what = newTurn.value.trim()
  turnFault.value = !what
    ? 'Write what the turn is'
    : circle.circle.turns.some((one) => one.what === what)
      ? 'That turn is there already'
      : circle.circle.turns.length >= MOST_TURNS
        ? `At most ${MOST_TURNS} turns`
        : ''
  if (turnFault.value) return
  void circle.save(`Turn: ${what}`, { turns: [...circle.circle.turns, { what, childId: null }] })
  newTurn.value = ''
}
/** The week beside each other, instead of the one day. */
const week = ref(false)
function openDay(number: number): void {
  board.day = number
  chosen.value = null
  week.value = false
}
const rows = useTemplateRef('rows')
useRowDrag(
  rows,
  (from, to) => {
    const ids = circle.parts.map((one) => one.part.id)
    const [id] = ids.splice(from, 1)
    void circle.moveTo(id, ids[to] ?? null)
  },
  { draggable: '.row-of' },
)
/** Other days of the unit that it can be copied to. */
const others = computed(() => unit.days.filter((day) => day.held && day.number !== board.day))
</script>

<template>
  <div class="stack">
    <div class="row head">
      <div>
        <h2>{{ week ? 'Circles of the week' : `Circle, day ${board.day}` }}</h2>
        <p v-if="circle.day && circle.block && !week" class="mute">
          {{ longDate(circle.day.date) }}, {{ spanWords(circle.block)
          }}<template v-if="circle.planned.length"
            >, less {{ listWords(circle.planned.map((one) => one.activity.title)) }}: {{ circle.window }} min</template
          >
        </p>
      </div>
      <div v-if="circle.block" class="inline">
        <v-btn :aria-pressed="week" @click="week = !week">{{ week ? 'The one day' : 'The week at a glance' }}</v-btn>
        <v-btn v-if="!week" @click="circle.fill()">Fill the circle</v-btn>
        <v-btn
          v-if="circle.parts.length && !week"
          class="primary"
          :to="{ name: 'stage', params: { unitId: unit.id!, day: board.day } }"
          >On stage</v-btn
        >
      </div>
    </div>
    <p v-if="!circle.day?.held" class="mute">This day is skipped. Choose another day above.</p>
    <p v-else-if="!circle.block" class="mute">
      The home’s rhythm has no circle. Give it one in <router-link to="/home?tab=rhythm">Home</router-link>.
    </p>
    <div v-else-if="repertoire.failed" class="notice" role="alert">
      The rhymes and songs could not be fetched.
      <TextButton @click="repertoire.load()">Try again</TextButton>
    </div>
    <p v-else-if="!repertoire.shipped.length" class="mute" role="status">Opening the circle</p>
    <CircleWeek v-else-if="week" @open="openDay" />
    <template v-else>
      <template v-if="circle.parts.length">
        <CircleStrip v-model="chosen" />
        <div v-if="circle.fit.over > 0" class="notice" role="status">
          It goes {{ circle.fit.over }} min over, even with everything as short as it can be.
          <template v-if="leaveOut"
            >Without “{{ leaveOut.title }}” it fits.
            <TextButton @click="circle.drop(leaveOut.part.id, leaveOut.title)">Leave it out</TextButton></template
          >
          <template v-else>No single thing is enough for that: leave out two.</template>
        </div>
        <div v-if="circle.calmer" class="notice soft" role="status">
          In another order they sit {{ circle.calmer.then }} min at a stretch at most, not {{ circle.calmer.now }}.
          <TextButton @click="circle.reorder(circle.calmer.ids)">Put it so</TextButton>
        </div>
        <p v-if="!circle.calmEnd" class="notice soft" role="status">
          It ends lively, and what follows wants them calm. End with something from “to calm”.
        </p>
        <ol ref="rows" class="list cubby" aria-label="The circle in order">
          <li v-for="(one, i) in circle.parts" :key="one.part.id" class="row-of">
            <button
              type="button"
              class="card line"
              :class="{ 'is-selected': chosen === one.part.id }"
              :aria-pressed="chosen === one.part.id"
              @click="choose(one.part.id)"
              @keydown.alt.up.prevent="circle.move(one.part.id, -1)"
              @keydown.alt.down.prevent="circle.move(one.part.id, 1)"
            >
              <span class="mute">{{ i + 1 }}</span>
              <span class="card-title" data-title>{{ one.title }}</span>
              <span class="small mute">{{
                one.telling ? `book, ${WAY_WORDS[one.telling.way]}` : KIND_NAMES[one.item.kind]
              }}</span>
              <span class="small mute props">{{ inHand(one) }}</span>
              <span>{{ minutesOf(one.part.id) }} min</span>
            </button>
          </li>
        </ol>
        <div class="inline">
          <v-btn @click="choose(null)">Add something</v-btn>
          <v-menu
            ><template #activator="{ props: menu }"><v-btn v-bind="menu">The same on another day</v-btn></template>
            <v-list density="compact" role="menu">
              <v-list-item
                role="menuitem"
                v-for="day in others"
                :key="day.number"
                :title="`Day ${day.number}, ${longDate(day.date)}`"
                @click="circle.copyTo(day.number)"
              />
            </v-list>
          </v-menu>
        </div>
      </template>
      <div v-else class="cubby empty">
        <p>
          Nothing yet for these {{ countWords(circle.window, 'minute') }}. “Fill the circle” proposes one for
          {{ countWords(circle.expected.length, 'kid') }}, from {{ circle.pieces.length }} pieces and the objects of
          {{ unit.unit?.name }}.
        </p>
        <div class="inline"><v-btn @click="choose(null)">Choose pieces yourself</v-btn></div>
      </div>
      <section v-if="circle.parts.length" class="rows" aria-label="Turns">
        <h3>Whose turn</h3>
        <div v-for="(turn, i) in circle.turns" :key="i" class="turn">
          <span>{{ turn.what }}</span>
          <v-select
            :model-value="turn.next?.child.id ?? null"
            :items="turn.order.map((one) => ({ title: one.child.name, value: one.child.id }))"
            :aria-label="turn.what"
            :placeholder="turn.order.length ? '' : 'nobody is expected'"
            @update:model-value="
              circle.save(`Turn: ${turn.what}`, {
                turns: circle.circle.turns.map((one, at) => (at === i ? { ...one, childId: $event } : one)),
              })
            "
          />
          <TextButton
            :aria-label="`Take off ${turn.what}`"
            @click="circle.save(`No turn: ${turn.what}`, { turns: circle.circle.turns.filter((_, at) => at !== i) })"
            >take off</TextButton
          >
          <span v-if="turn.next" class="small mute reason">{{
            turn.childId === turn.next.child.id
              ? 'As you chose.'
              : turnWords(turn.next.child.name, turn.next.times, turn.next.last)
          }}</span>
        </div>
        <form class="inline" @submit.prevent="addTurn">
          <v-text-field v-model="newTurn" aria-label="Another turn" placeholder="Rings the bell" maxlength="120" />
          <v-btn type="submit">Add a turn</v-btn>
        </form>
        <p v-if="turnFault" class="brick small" role="alert">{{ turnFault }}</p>
      </section>
    </template>
  </div>
</template>

<style scoped>
.stack {
  max-width: 860px;
}
.head {
  align-items: start;
  flex-wrap: wrap;
  gap: 8px;
}
.list {
  list-style: none;
  padding: 7px;
  display: grid;
  gap: 4px;
}
.line {
  display: grid;
  grid-template-columns: 22px minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1.3fr) auto;
  gap: 10px;
  align-items: center;
  width: 100%;
  padding: 8px 12px;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.empty {
  padding: 18px;
  display: grid;
  gap: 10px;
}
.turn {
  display: grid;
  grid-template-columns: minmax(0, 180px) minmax(0, 200px) auto minmax(0, 1fr);
  gap: 10px;
  align-items: center;
}
@media (max-width: 720px) {
  .turn {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .line {
    grid-template-columns: 22px minmax(0, 1fr) auto;
  }
  .line .mute:not(:first-child) {
    display: none;
  }
}
</style>
