<script setup lang="ts">
import type { LookAhead } from '@core/readings'
import { dateOfDay, hourWords, countWords, listWords, longDate, shortDate } from '@core/base'
import type { Session } from '@core/plan'
import { useBoard } from '../../stores/board'

/** What a look over the days ahead finds: nothing is wrong, all of it is worth a thought. */
defineProps<{ found: LookAhead }>()
const emit = defineEmits<{ open: [] }>()
const board = useBoard()
const MINUTES_A_DAY = 1440
const names = (children: readonly { name: string }[]) => listWords(children.map((child) => child.name))
const when = (session: Session) => `${shortDate(session.days[0].date)}, ${hourWords(session.from)}`
function show(session: Session) {
  board.selected = { kind: 'placement', id: session.placement.id }
  emit('open')
}
</script>

<template>
  <div class="ahead">
    <p v-if="found.fullest">
      The fullest day ahead is <b>day {{ found.fullest.day }}, {{ longDate(found.fullest.date) }}</b
      >: {{ countWords(found.fullest.count, 'child', 'children') }}.
    </p>
    <section v-if="found.fuller.length" class="rows">
      <h2>For the folders</h2>
      <div v-for="one in found.fuller" :key="one.session.placement.id" class="card line">
        <p>
          <TextButton class="k-label" @click="show(one.session)"> {{ one.session.activity.title }}</TextButton>,
          {{ when(one.session) }}: on another day {{ names(one.gains) }} would make one too.
        </p>
        <v-btn
          size="small"
          @click="board.moveTo(one.session.placement.id, one.slot.where, `Move ${one.session.activity.title}`)"
          >Move to {{ one.slot.words }}</v-btn
        >
      </div>
    </section>
    <section v-if="found.missed.length" class="rows">
      <h2>Who misses it</h2>
      <div v-for="one in found.missed" :key="one.session.placement.id" class="card line">
        <p>
          <TextButton class="k-label" @click="show(one.session)"> {{ one.session.activity.title }}</TextButton>,
          {{ when(one.session) }}: without {{ names(one.children) }}.
        </p>
        <v-btn v-if="one.again" size="small" @click="board.copyTo(one.session.placement, one.again.slot.where)"
          >Again {{ one.again.slot.words }}, for {{ names(one.again.catches) }}</v-btn
        >
      </div>
    </section>
    <section v-if="found.inARow.length" class="rows">
      <h2>Energy through the day</h2>
      <div v-for="one in found.inARow" :key="`${one.first.placement.id} ${one.second.placement.id}`" class="card line">
        <p>
          {{ one.kind === 'high' ? 'Two wild things in a row' : 'Two long sitting times in a row' }},
          {{ when(one.first) }}: <TextButton @click="show(one.first)">{{ one.first.activity.title }}</TextButton>, then
          <TextButton @click="show(one.second)">{{ one.second.activity.title }}</TextButton>.
        </p>
      </div>
    </section>
    <section v-if="found.messes.length || found.drying.length" class="rows">
      <h2>Mess and drying</h2>
      <div v-for="[a, b] in found.messes" :key="`${a.placement.id} ${b.placement.id}`" class="card line">
        <p>
          Two messes at once, {{ when(b) }}: <TextButton @click="show(a)">{{ a.activity.title }}</TextButton> and
          <TextButton @click="show(b)">{{ b.activity.title }}</TextButton>.
        </p>
      </div>
      <div v-for="one in found.drying" :key="one.from" class="card line">
        <p>
          {{ countWords(one.sessions.length, 'thing') }} to dry from
          {{ shortDate(dateOfDay(Math.floor(one.from / MINUTES_A_DAY))) }} on, and
          {{ countWords(one.places, 'place') }} for it:
          <template v-for="(session, i) in one.sessions" :key="session.placement.id"
            ><template v-if="i">, </template
            ><TextButton @click="show(session)">{{ session.activity.title }}</TextButton></template
          >.
        </p>
      </div>
    </section>
    <p
      v-if="
        !found.fuller.length &&
        !found.missed.length &&
        !found.inARow.length &&
        !found.messes.length &&
        !found.drying.length
      "
      class="mute"
    >
      Nothing stands out: nobody misses a thing for a group, and no day is too wild, too still, too messy or too wet.
    </p>
  </div>
</template>

<style scoped>
.ahead {
  display: grid;
  gap: 16px;
}
.line {
  padding: 7px 12px;
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
}
.line p {
  flex: 1;
}
.line .v-btn {
  flex: 0 1 260px;
}
@media (max-width: 720px) {
  .line {
    display: grid;
  }
}
</style>
