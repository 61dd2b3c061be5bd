<script setup lang="ts">
import { computed } from 'vue'
import { CAUTION_CLOSING, type Caution } from '@core/cautions'
import type { Session } from '@core/plan'
import CautionNote from '../../lines/CautionNote.vue'
import { useOpenSession } from '../../../composables/useOpenSession'
import { useBoard } from '../../../stores/board'
import { useUnit } from '../../../stores/unit'

/**
 * What stands on what is still to come, card by card: what must be solved with what would solve it, and what is only to
 * be watched.
 */
const store = useUnit()
const board = useBoard()
interface Group {
  session: Session
  day: string
  solve: Caution[]
  watch: string[]
  aside: Caution[]
}
const opening = useOpenSession()
const groups = computed(() => {
  const by = new Map<string, Group>()
  for (const one of store.readings!.cautions) {
    const { placement, days } = one.session
    const group = by.get(placement.id) ?? {
      session: one.session,
      day: days.length > 1 ? `day ${days[0].number} to ${days[days.length - 1].number}` : `day ${days[0].number}`,
      solve: [],
      watch: [],
      aside: [],
    }
    if (one.setAside !== null) group.aside.push(one)
    else if (one.severity === 'watch') {
      if (!group.watch.includes(one.why)) group.watch.push(one.why)
    } else if (!group.solve.some((other) => other.why === one.why)) group.solve.push(one)
    by.set(placement.id, group)
  }
  return [...by.values()].sort((a, b) => Number(b.solve.length > 0) - Number(a.solve.length > 0))
})
</script>

<template>
  <div class="stack">
    <h2>Cautions</h2>
    <p v-if="!groups.length">No cautions on what is still ahead.</p>
    <ul v-else class="stack">
      <li v-for="group in groups" :key="group.session.placement.id" class="rows">
        <div class="row">
          <TextButton class="k-label" @click="opening.open(group.session)">
            {{ group.session.activity.title }}</TextButton><span class="small mute">{{ group.day }}</span>
        </div>
        <CautionNote
          v-for="one in group.solve"
          :key="one.rule.id + one.requirementId"
          :caution="one"
          :snapshot="store.snapshot!"
          :plan="store.readings!.plan"
          @remedy="(remedy) => board.remedy(one.session.placement, remedy)"
          @aside="(reason) => board.setAside(one, reason)"
        />
        <p v-for="one in group.aside" :key="one.rule.id" class="item">
          <b>{{ one.rule.title }}</b>, set aside: {{ one.setAside }}
        </p>
        <p v-for="words in group.watch" :key="words" class="item"><b>Watch.</b> {{ words }}</p>
      </li>
    </ul>
    <p class="small mute">
      {{ CAUTION_CLOSING }} <router-link to="/cautions">All rules and their sources</router-link>
    </p>
  </div>
</template>

<style scoped>
.item {
  font-size: 15px;
}
</style>
