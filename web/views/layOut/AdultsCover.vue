<script setup lang="ts">
import { computed, ref } from 'vue'
import { adultHours, coverOn, type Clash, type CoverInterval } from '@core/readings'
import { childHours } from '@core/plan'
import { minutesOf, weekdayOf, spanWords, countWords, longDate } from '@core/base'
import ClashLine from '../../parts/lines/ClashLine.vue'
import CoverLine from '../../parts/lines/CoverLine.vue'
import WhoIsHere from '../../parts/unit/WhoIsHere.vue'
import { useHouse } from '../../stores/house'
import { usePresence } from '../../stores/presence'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

/**
 * Every day from arrival to home time: children there, adults asked for and there, and where hands are wanted twice.
 */
defineEmits<{ open: [] }>()
const store = useUnit()
const board = useBoard()
const presence = usePresence()
const house = useHouse()
const opened = ref<string | null>(null)

interface Row {
  date: string
  number: number
  from: number
  to: number
  intervals: CoverInterval[]
  clashes: Clash[]
  adults: { id: string; name: string; from: number; to: number; words: string }[]
  away: string[]
}
const rows = computed<Row[]>(() => {
  const { readings, snapshot } = store
  if (!readings || !snapshot) return []
  return store.days
    .filter((day) => day.held && day.date >= snapshot.today)
    .map((day): Row => {
      const open = snapshot.home.open[weekdayOf(day.date)]
      const intervals = coverOn(day.date, snapshot)
      const edges = [
        ...intervals.flatMap((one) => [minutesOf(one.from), minutesOf(one.to)]),
        ...(open ? [minutesOf(open.from), minutesOf(open.to)] : []),
      ]
      const [from, to] = [Math.min(...edges), Math.max(...edges)]
      return {
        date: day.date,
        number: day.number,
        from,
        to,
        intervals,
        clashes: readings.cover.clashes.filter((one) => one.date === day.date),
        adults: house.adults.flatMap((adult) => {
          const hours = adultHours(adult, day.date)
          return hours
            ? [
                {
                  id: adult.id,
                  name: adult.name,
                  from: Math.max(from, minutesOf(hours.from)),
                  to: Math.min(to, minutesOf(hours.to)),
                  words: `${adult.name}, ${spanWords(hours)}`,
                },
              ]
            : []
        }),
        away: snapshot.children
          .filter(
            (child) => child.exceptions.some((one) => one.date === day.date) && childHours(child, day.date) === null,
          )
          .map((child) => child.name),
      }
    })
})
const at = (row: Row, minute: number) => ((minute - row.from) / Math.max(1, row.to - row.from)) * 100
const span = (row: Row, from: string, to: string) => ({
  left: `${at(row, minutesOf(from))}%`,
  width: `${at(row, minutesOf(to)) - at(row, minutesOf(from))}%`,
})
const bad = (one: CoverInterval) => one.short > 0 || one.over > 0
const words = (one: CoverInterval) =>
  `${spanWords(one)}: ` +
  `${countWords(one.children.length, 'child', 'children')}, ${countWords(one.required, 'adult')} ` +
  `needed, ${one.adults.length} here`
</script>

<template>
  <div class="cover">
    <p v-if="house.thisHome.license.example" class="notice soft">
      The rule behind this is only an example, not your state’s rule.
      <router-link :to="{ name: 'home', query: { tab: 'settings' } }">Write down what your license says</router-link>.
    </p>
    <p class="small mute">
      For each stretch of the day: the adults who are here of those needed, by your license and the children who are
      here, asleep or not. Each adult is a line below.
    </p>
    <section v-for="row in rows" :key="row.date" class="day" :aria-label="longDate(row.date)">
      <div class="row head">
        <h2>Day {{ row.number }}, {{ longDate(row.date) }}</h2>
        <span class="small mute">{{ row.away.length ? `${row.away.join(', ')} away` : '' }}</span><TextButton
          class="small"
          :aria-expanded="opened === row.date"
          @click="opened = opened === row.date ? null : row.date"
        >
          {{ opened === row.date ? 'Close' : 'Who is here' }}
        </TextButton>
      </div>
      <ul class="cubby band" :aria-label="`Adults through ${longDate(row.date)}`">
        <li
          v-for="one in row.intervals"
          :key="one.from"
          class="stretch"
          :class="{ bad: bad(one), tight: !bad(one) && one.adults.length === one.required }"
          :style="span(row, one.from, one.to)"
          :title="words(one)"
        >
          <span class="figure" aria-hidden="true">{{ one.adults.length }} of {{ one.required }}</span
          ><span class="sr-only">{{ words(one) }}</span>
        </li>
      </ul>
      <div class="lines" aria-hidden="true">
        <span
          v-for="adult in row.adults"
          :key="adult.id"
          class="adult"
          :style="{ left: `${at(row, adult.from)}%`, width: `${at(row, adult.to) - at(row, adult.from)}%` }"
          :title="adult.words"
          ><b>{{ adult.name }}</b></span
        >
      </div>
      <WhoIsHere v-if="opened === row.date" :date="row.date" />
      <CoverLine
        v-for="one in row.intervals.filter(bad)"
        :key="one.from"
        :interval="one"
        :adults="house.adults"
        @mend="presence.mend"
      />
      <ClashLine
        v-for="one in row.clashes"
        :key="`${one.kind} ${one.from} ${one.sessions.map((session) => session.placement.id).join()}`"
        :clash="one"
        :adults="house.adults"
        :snapshot="store.snapshot!"
        :plan="store.readings!.plan"
        @open="(id) => (board.selected = { kind: 'placement', id })"
        @mend="presence.mend"
        @move="board.moveTo"
      />
    </section>
    <p v-if="!rows.length" class="mute">No day of this unit is still to come.</p>
    <p class="small mute">Your licensing rules come first: Kobby only does the counting.</p>
  </div>
</template>

<style scoped>
.cover {
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 1fr);
}
.day {
  display: grid;
  gap: 4px;
}
.head {
  align-items: baseline;
}
.head h2 {
  font-size: 16px;
  flex: 0 0 auto;
}
.head .small:nth-child(2) {
  flex: 1;
}
.band {
  position: relative;
  height: 34px;
}
.stretch {
  position: absolute;
  top: 3px;
  bottom: 3px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: var(--paper);
  display: grid;
  place-items: center;
  font-size: 14px;
  white-space: nowrap;
  overflow: hidden;
}
/* The numbers stand where there is room; the words for a reader, and on hover, say all of it. */
.stretch {
  container-type: inline-size;
}
@container (max-width: 46px) {
  .figure {
    display: none;
  }
}
.stretch.tight {
  border-color: var(--spruce);
}
.stretch.bad {
  background: var(--brick-tint);
  border-color: var(--brick);
  color: var(--brick);
  font-weight: 650;
}
.lines {
  position: relative;
  display: grid;
  gap: 1px;
}
.adult {
  position: relative;
  font-size: 14px;
  line-height: 1.25;
  border-top: 3px solid var(--spruce);
  color: var(--mute);
  white-space: nowrap;
}
.adult b {
  font-weight: 400;
}
</style>
