<script setup lang="ts">
import { computed } from 'vue'
import { attentionRemedies, type AdultRemedy, type Clash, bestSlots } from '@core/readings'
import { spanWords, longDate } from '@core/base'
import type { Adult, UnitSnapshot, Where } from '@core/domain'
import type { ResolvedPlan } from '@core/plan'

/** Placements that want more hands than there are at a time, or a lead who is not there, and what would settle it. */
const props = defineProps<{ clash: Clash; adults: readonly Adult[]; snapshot: UnitSnapshot; plan: ResolvedPlan }>()
defineEmits<{
  open: [placementId: string]
  mend: [remedy: AdultRemedy]
  move: [placementId: string, where: Where, words: string]
}>()
const SAYS = {
  hands: 'need more hands than you have then',
  'lead-twice': 'led by one person at once',
  'lead-away': 'led by someone who is not here then',
} as const
const remedies = computed(() => attentionRemedies(props.clash, props.adults))
/** Another time for the last of them, where somebody has hands. */
const other = computed(() => {
  const session = props.clash.sessions[props.clash.sessions.length - 1]
  if (props.clash.kind === 'lead-away') return undefined
  return bestSlots(props.snapshot, props.plan, session.activity.id, session.placement.id, 12)
    .filter((slot) => !slot.against.some(({ kind }) => kind === 'hands'))
    .map((slot) => ({ slot, session }))[0]
})
</script>

<template>
  <div class="rows">
    <b class="ember">{{ longDate(clash.date) }}, {{ spanWords(clash) }}</b>
    <p class="item">
      <template v-for="(session, i) in clash.sessions" :key="session.placement.id"
        ><template v-if="i">, </template
        ><TextButton @click="$emit('open', session.placement.id)">
          {{ session.activity.title }}
        </TextButton></template
      >
      {{ SAYS[clash.kind] }}<template v-if="clash.adult"> ({{ clash.adult.name }})</template>.
    </p>
    <div class="inline">
      <v-btn v-for="one in remedies" :key="one.words" size="small" @click="$emit('mend', one)">{{
        one.words
      }}</v-btn><v-btn
        v-if="other"
        size="small"
        @click="$emit('move', other.session.placement.id, other.slot.where, `Move ${other.session.activity.title}`)"
        >{{ other.session.activity.title }}: {{ other.slot.words }}</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.item {
  font-size: 15px;
}
.inline {
  gap: 6px;
}
</style>
