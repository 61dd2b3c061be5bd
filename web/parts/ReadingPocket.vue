<script setup lang="ts">
import { computed } from 'vue'
import { CAUTION_CLOSING } from '@core/cautions'
import { clockWords, countWords, DOMAIN_NAMES, listWords, longDate, minutesWords, moneyWords } from '@core/format'
import { lacksOf } from '@core/touches'
import { useBoard, type ReadingName } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** The parts of a reading, and what moves it. */
const props = defineProps<{ name: ReadingName }>()
const store = useUnit()
const board = useBoard()
const house = useHouse()
const words = (cents: number) => moneyWords(cents, store.snapshot!.home.currency)
const money = computed(() => store.readings!.money)
const weeks = computed(() => store.readings!.weeks.map((week) => ({ monday: week.monday, lacks: lacksOf(week) })))
/** Days on which the adults do not hold, one line for each reason. */
const short = computed(() => store.readings!.cover.intervals.filter((one) => one.short || one.over).map((one) => ({
  key: `${one.date} ${one.from}`, when: `${longDate(one.date)}, ${clockWords(one.from)} to ${clockWords(one.to)}`,
  why: [one.short ? `${countWords(one.children.length, 'child', 'children')} ask for ${countWords(one.required, 'adult')}; ${one.adults.length ? `${listWords(one.adults.map((adult) => adult.name))} ${one.adults.length === 1 ? 'is' : 'are'} here` : 'nobody is here'}.` : '', one.over ? `${one.over} more than the license allows at once.` : ''].filter(Boolean).join(' '),
})))
const CLASH = { hands: 'want more hands than are here', 'lead-twice': 'led by one person at once', 'lead-away': 'led by someone who is not here then' } as const
const clashes = computed(() => store.readings!.cover.clashes.map((one) => ({ ...one, key: `${one.kind} ${one.date} ${one.from} ${one.sessions.map((session) => session.placement.id).join()}`, when: `${longDate(one.date)}, ${clockWords(one.from)} to ${clockWords(one.to)}` })))
const groups = computed(() => {
  const by = new Map<string, { id: string; title: string; day: string; items: { key: string; severity: string; why: string; setAside: string | null }[] }>()
  for (const one of store.readings!.cautions) {
    const { placement, activity, days } = one.session
    const group = by.get(placement.id) ?? { id: placement.id, title: activity.title, day: days.length > 1 ? `day ${days[0].number} to ${days[days.length - 1].number}` : `day ${days[0].number}`, items: [] }
    if (!group.items.some((item) => item.why === one.why)) group.items.push({ key: one.rule.id + one.requirementId, severity: one.severity, why: one.why, setAside: one.setAside })
    by.set(placement.id, group)
  }
  return [...by.values()]
})
const WORD: Record<string, string> = { stop: 'Stop', change: 'Change', watch: 'Watch' }
</script>

<template>
  <div v-if="props.name === 'money'" class="stack">
    <h2>Money</h2>
    <div class="rows">
      <div class="row"><span>Spent</span><span>{{ words(money.spent) }}</span></div>
      <div class="row"><span>Still to buy</span><span>{{ words(money.planned) }}</span></div>
      <div class="row k-label"><span>Together</span><span>{{ words(money.total) }}</span></div>
      <div class="row"><span>Budget</span><span>{{ money.budget === null ? 'none set' : words(money.budget) }}</span></div>
      <div v-if="money.over" class="row brick"><span>Over</span><span>{{ words(money.over) }}</span></div>
    </div>
    <p v-if="money.unpriced.length" class="small mute">No price is known for {{ listWords(money.unpriced.map((line) => line.material.name)) }}, so it will be more.</p>
    <section v-if="money.savings.length" class="rows"><h3>What would save most</h3>
      <div v-for="saving in money.savings" :key="saving.line.material.id" class="card save"><div class="row"><b>{{ saving.line.material.name }}</b><span>{{ words(saving.saves) }}</span></div><p class="small mute">Without it: no {{ listWords(saving.loses) }}</p></div>
    </section>
    <router-link :to="{ name: 'get-ready', params: { unitId: store.id! } }">What is to get, the whole list</router-link>
  </div>
  <div v-else-if="props.name === 'preparation'" class="stack">
    <h2>Preparation</h2>
    <p class="small mute">Hands-on minutes due by each day from tomorrow on, added up, beside the windows before it. Waits are not in it.</p>
    <p v-if="!store.readings!.ready.length">Nothing ahead needs preparing.</p>
    <div v-for="one in store.readings!.ready" :key="one.date" class="card save"><div class="row"><b>Day {{ one.day }}, {{ longDate(one.date) }}</b><span>{{ minutesWords(one.own) }}</span></div><p class="small" :class="one.over ? 'brick' : 'mute'">{{ minutesWords(one.due) }} by then, {{ minutesWords(one.window) }} of windows<template v-if="one.over">: {{ minutesWords(one.over) }} over</template></p></div>
    <router-link :to="{ name: 'home', query: { tab: 'adults' } }">Time for preparing, in Home</router-link>
  </div>
  <div v-else-if="props.name === 'rounded'" class="stack">
    <h2>Well-rounded</h2>
    <p class="small mute">A touch is a placement in which the child takes part and that is for the domain first or second; two a week each are aimed at, fewer for those who come on fewer days.</p>
    <section v-for="week in weeks" :key="week.monday" class="rows"><h3>Week of {{ longDate(week.monday) }}</h3>
      <p v-if="!week.lacks.length">Every child has every domain.</p>
      <p v-for="lack in week.lacks" :key="lack.domain" class="item"><b>{{ DOMAIN_NAMES[lack.domain] }}</b>: {{ lack.missing }} missing, for {{ lack.children.length === house.children.length ? 'everyone' : listWords(lack.children.map((child) => child.name)) }}</p>
    </section>
    <router-link :to="{ name: 'gather', params: { unitId: store.id! } }">Gather what a week lacks</router-link>
  </div>
  <div v-else-if="props.name === 'adults'" class="stack">
    <h2>Adults</h2>
    <p v-if="house.home!.license.example" class="notice soft">The rule behind this is an example. <router-link :to="{ name: 'home', query: { tab: 'settings' } }">Write down what your license says</router-link>.</p>
    <p v-if="!short.length && !clashes.length">Enough adults are here through every day ahead.</p>
    <div v-for="one in short" :key="one.key" class="rows"><b class="brick">{{ one.when }}</b><p class="item">{{ one.why }}</p></div>
    <div v-for="one in clashes" :key="one.key" class="rows"><b class="ember">{{ one.when }}</b><p class="item"><template v-for="(session, i) in one.sessions" :key="session.placement.id"><template v-if="i">, </template><button type="button" class="why" @click="board.selected = { kind: 'placement', id: session.placement.id }">{{ session.activity.title }}</button></template> {{ CLASH[one.kind] }}<template v-if="one.adult"> ({{ one.adult.name }})</template>.</p></div>
    <p class="small mute">Your licensing rules come first.</p>
  </div>
  <div v-else class="stack">
    <h2>Cautions</h2>
    <p v-if="!groups.length">None stand on what is still to come.</p>
    <section v-for="group in groups" :key="group.id" class="rows">
      <div class="row"><button type="button" class="why k-label" @click="board.selected = { kind: 'placement', id: group.id }">{{ group.title }}</button><span class="small mute">{{ group.day }}</span></div>
      <p v-for="item in group.items" :key="item.key" class="item"><b :class="item.severity === 'stop' ? 'brick' : item.severity === 'change' ? 'ember' : ''">{{ WORD[item.severity] }}.</b> {{ item.why }}<span v-if="item.setAside" class="mute">&nbsp;Set aside: {{ item.setAside }}</span></p>
    </section>
    <p class="small mute">{{ CAUTION_CLOSING }} <router-link to="/cautions">All rules and their sources</router-link></p>
  </div>
</template>

<style scoped>
.save { padding: 6px 10px; }
.item { font-size: 15px; }
</style>
