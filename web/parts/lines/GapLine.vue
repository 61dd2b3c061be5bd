<script setup lang="ts">
import { computed, ref } from 'vue'
import { addDays, DOMAIN_NAMES, listWords, shortDate } from '@core/base'
import { closersOf, type Gap } from '@core/readings'
import type { UnitSnapshot } from '@core/domain'
import type { ResolvedPlan, Slot } from '@core/plan'

/** One gap: who goes without what, when the child comes, and ideas of the basket that would close it. */
const props = defineProps<{
  gap: Gap
  snapshot: UnitSnapshot
  plan: ResolvedPlan
  titleOf: (activityId: string) => string
  open?: boolean
}>()
defineEmits<{ place: [activityId: string, slot: Slot] }>()
const shown = ref(props.open ?? false)
const ahead = computed(() => props.gap.dates.filter((date) => date >= props.snapshot.today))
/** Looked for when it is opened: every idea is tried on every day. */
const closers = computed(() => (shown.value ? closersOf(props.gap, props.snapshot, props.plan) : []))
const friday = computed(() => addDays(props.gap.monday, 4))
</script>

<template>
  <div class="card gap">
    <TextButton class="line" :aria-expanded="shown" @click="shown = !shown">
      <span
        >No {{ DOMAIN_NAMES[gap.domain].toLowerCase() }} for <b>{{ gap.child.name }}</b>, {{ shortDate(gap.monday) }} to
        {{ shortDate(friday) }}</span
      >
    </TextButton>
    <p class="small mute">
      {{ ahead.length ? `${gap.child.name} is here ${listWords(ahead.map(shortDate))}` : 'Those days are past' }}
    </p>
    <template v-if="shown">
      <v-btn
        v-for="one in closers"
        :key="one.activityId"
        size="small"
        class="closer"
        @click="$emit('place', one.activityId, one.slot)"
        ><span
          >{{ titleOf(one.activityId) }}<span class="small mute block">{{ one.slot.words }}</span></span
        ></v-btn
      >
      <p v-if="!closers.length" class="small">
        Nothing in the basket covers this.
        <router-link :to="{ name: 'gather', params: { unitId: snapshot.unit.id } }">Gather something</router-link>
      </p>
    </template>
  </div>
</template>

<style scoped>
.gap {
  padding: 5px 10px 6px;
  display: grid;
  gap: 3px;
  justify-items: start;
}
.line {
  padding: 0;
  color: var(--ink);
  text-decoration: none;
  font-size: 15px;
}
.line:hover {
  text-decoration: underline;
}
.block {
  display: block;
}
.closer {
  justify-content: start;
  width: 100%;
}
@media (max-width: 720px) {
  .line {
    padding: 8px 0;
  }
}
</style>
