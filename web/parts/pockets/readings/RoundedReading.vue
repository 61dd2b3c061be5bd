<script setup lang="ts">
import { computed } from 'vue'
import { DOMAIN_NAMES, listWords, longDate } from '@core/base'
import { gapsOf, lacksOf } from '@core/readings'
import GapLine from '../../lines/GapLine.vue'
import { useHouse } from '../../../stores/house'
import { useBoard } from '../../../stores/board'
import { useUnit } from '../../../stores/unit'

/** Who goes without something for a week, and what the weeks have too little of. */
const store = useUnit()
const board = useBoard()
const house = useHouse()
const gaps = computed(() => gapsOf(store.readings!.weeks))
const weeks = computed(() => store.readings!.weeks.map((week) => ({ monday: week.monday, lacks: lacksOf(week) })))
</script>

<template>
  <div class="stack">
    <h2>Well-rounded</h2>
    <p class="small mute">
      A touch is one planned thing that the child takes part in and that is for this learning area, first or second. A
      gap is a week without any.
    </p>
    <section class="rows">
      <h3>{{ gaps.length ? 'Who goes without' : 'Every child is covered' }}</h3>
      <GapLine
        v-for="gap in gaps.slice(0, 12)"
        :key="`${gap.monday} ${gap.child.id} ${gap.domain}`"
        :gap="gap"
        :snapshot="store.snapshot!"
        :plan="store.readings!.plan"
        :title-of="store.titleOf"
        @place="board.place"
      />
      <p v-if="gaps.length > 12" class="small mute">and {{ gaps.length - 12 }} more, in the whole picture</p>
    </section>
    <router-link :to="{ name: 'lay-out', params: { unitId: store.id! }, query: { view: 'rounded' } }"
      >The whole picture, child by child</router-link
    >
    <section v-for="week in weeks" :key="week.monday" class="rows">
      <h3>Fewer than aimed at, week of {{ longDate(week.monday) }}</h3>
      <p v-if="!week.lacks.length">Every child has what is aimed at.</p>
      <p v-for="lack in week.lacks" :key="lack.domain" class="item">
        <b>{{ DOMAIN_NAMES[lack.domain] }}</b>: {{ lack.missing }} missing, for
        {{
          lack.children.length === house.children.length
            ? 'everyone'
            : listWords(lack.children.map((child) => child.name))
        }}
      </p>
    </section>
    <router-link :to="{ name: 'gather', params: { unitId: store.id! } }">Gather what a week lacks</router-link>
  </div>
</template>

<style scoped>
.item {
  font-size: 15px;
}
</style>
