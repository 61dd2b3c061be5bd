<script setup lang="ts">
import { computed } from 'vue'
import { longDate } from '@core/base'
import CoverLine from '../../lines/CoverLine.vue'
import ClashLine from '../../lines/ClashLine.vue'
import { useHouse } from '../../../stores/house'
import { usePresence } from '../../../stores/presence'
import { useBoard } from '../../../stores/board'
import { useUnit } from '../../../stores/unit'

/** Where adults are missing or wanted twice, and what would settle it. */
const store = useUnit()
const board = useBoard()
const presence = usePresence()
const house = useHouse()
const short = computed(() => store.readings!.cover.intervals.filter((one) => one.short || one.over))
const clashes = computed(() => store.readings!.cover.clashes)
</script>

<template>
  <div class="stack">
    <h2>Adults</h2>
    <p v-if="house.thisHome.license.example" class="notice soft">
      The rule behind this is an example.
      <router-link :to="{ name: 'home', query: { tab: 'settings' } }">Write down what your license says</router-link>.
    </p>
    <p v-if="!short.length && !clashes.length">Enough adults are here through every day ahead.</p>
    <CoverLine
      v-for="one in short"
      :key="`${one.date} ${one.from}`"
      :interval="one"
      :adults="house.adults"
      @mend="presence.mend"
    />
    <ClashLine
      v-for="one in clashes"
      :key="`${one.kind} ${one.date} ${one.from} ${one.sessions.map((session) => session.placement.id).join()}`"
      :clash="one"
      :adults="house.adults"
      :snapshot="store.snapshot!"
      :plan="store.readings!.plan"
      @open="(id) => (board.selected = { kind: 'placement', id })"
      @mend="presence.mend"
      @move="board.moveTo"
    />
    <router-link :to="{ name: 'lay-out', params: { unitId: store.id! }, query: { view: 'adults' } }"
      >Every day, from arrival to home time</router-link
    >
    <p class="small mute">
      Your licensing rules come first<template v-if="short.length"
        >: {{ longDate(short[0].date) }} is the first day that falls short</template
      >.
    </p>
  </div>
</template>
