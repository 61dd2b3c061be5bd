<script setup lang="ts">
import { mdiPin, mdiPinOff, mdiTrashCanOutline } from '@mdi/js'
import { computed, defineAsyncComponent } from 'vue'
import { CAUTION_CLOSING } from '@core/cautions'
import type { Placement } from '@core/domain'
import { ATTENTION_NAMES, spanWords, DOMAIN_NAMES, listWords, OUT_WORDS } from '@core/base'
import { markOf } from '@core/papers'
import { printOffers } from '@core/printing'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'
import CautionNote from '../lines/CautionNote.vue'
import BinLink from './BinLink.vue'
import OtherIdeas from './OtherIdeas.vue'
import PlaceForMe from './PlaceForMe.vue'
import PlacementNeeds from './PlacementNeeds.vue'
import PlacementWhere from './PlacementWhere.vue'

const MixLink = defineAsyncComponent(() => import('./MixLink.vue'))

/** Everything about one placement: cautions, who does what, what it needs, where and by whom. */
const props = defineProps<{ placement: Placement }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const supplies = useSupplies()

const session = computed(() => store.readings?.plan.sessions.find((one) => one.placement.id === props.placement.id))
const problem = computed(() => store.readings?.plan.problems.find((one) => one.placementId === props.placement.id))
/** With what its recipe or its bin takes, where it has one. */
const activity = computed(() => session.value?.activity ?? store.activitiesById.get(props.placement.activityId))
/** What can be printed for it: asked of the idea, since what is printed has taken the place of steps already. */
const offers = computed(() => {
  const idea = store.activitiesById.get(props.placement.activityId)
  return idea ? printOffers(idea) : []
})
const cautions = computed(
  () => store.readings?.cautions.filter((one) => one.session.placement.id === props.placement.id) ?? [],
)
const names = computed(() => house.children.map((child) => child.name))
const groups = computed(() => {
  const by = new Map<string, { how: string; beside: boolean; people: { id: string; name: string }[] }>()
  for (const part of session.value?.parts ?? []) {
    if (!part.variant) continue
    const group = by.get(part.variant.id) ?? { how: part.variant.how, beside: part.does === 'beside', people: [] }
    group.people.push({ id: part.child.id, name: part.child.name })
    by.set(part.variant.id, group)
  }
  return [...by.entries()].map(([id, group]) => ({ id, ...group }))
})
const out = computed(() =>
  (session.value?.parts ?? []).flatMap((part) =>
    part.does === 'out' && part.reason !== 'not-here' ? [`${part.child.name} ${OUT_WORDS[part.reason]}`] : [],
  ),
)
const subtitle = computed(() => {
  const one = session.value
  const where = props.placement.where
  const when =
    where.kind === 'moment'
      ? `Day ${where.day}${one ? `, ${spanWords(one)}` : ''}`
      : `Out day ${where.fromDay} to ${where.toDay}`
  return [when, one?.center?.name.toLowerCase()].filter(Boolean).join(', ')
})
</script>

<template>
  <div v-if="activity" class="stack">
    <div>
      <h2>{{ activity.title }}</h2>
      <p class="mute small">{{ subtitle }}</p>
    </div>
    <div v-if="problem" class="notice soft" role="note">{{ problem.message }}</div>
    <CautionNote
      v-for="caution in cautions"
      :key="caution.rule.id + caution.requirementId"
      :caution="caution"
      :snapshot="store.snapshot!"
      :plan="store.readings!.plan"
      @remedy="(one) => board.remedy(caution.session.placement, one)"
      @aside="(reason) => board.setAside(caution, reason)"
    />
    <p v-if="cautions.length" class="small mute">{{ CAUTION_CLOSING }}</p>

    <section class="rows" aria-label="Who does what">
      <h3>Who does what</h3>
      <div v-for="group in groups" :key="group.id" class="who">
        <span class="mark" :class="group.beside ? 'beside' : 'takes-part'" aria-hidden="true">{{
          markOf(group.people[0].name, names)
        }}</span>
        <p>
          <b>{{ listWords(group.people.map((one) => one.name)) }}</b>{{ group.beside ? ' beside' : '' }}:
          {{ group.how }}
        </p>
      </div>
      <p v-for="words in out" :key="words" class="small mute">{{ words }}</p>
      <p v-if="!session" class="small mute">It has no date, so nobody is expected.</p>
    </section>

    <PlacementNeeds :placement="placement" :activity="activity" />
    <BinLink :placement="placement" />
    <p v-if="offers.length">
      <router-link :to="{ name: 'print', params: { unitId: placement.unitId }, query: { for: placement.id } }"
        >Cards and sheets for it</router-link
      >
    </p>
    <MixLink :recipe-id="placement.mix?.recipeId" :activity="activity" />

    <section v-if="activity.prep.length" class="rows" aria-label="Prep">
      <h3>Prep</h3>
      <div v-for="step in activity.prep" :key="step.id" class="row">
        <span>{{ step.text }}</span><span class="mute nowrap">{{ step.minutes }} min</span>
      </div>
    </section>

    <div v-if="placement.status === 'planned'" class="inline">
      <PlaceForMe :activity-id="placement.activityId" :placement-id="placement.id" />
    </div>

    <OtherIdeas :placement="placement" />

    <PlacementWhere :placement="placement" :activity="activity" />

    <section class="rows" aria-label="Learning areas">
      <h3>Learning areas</h3>
      <p>
        {{
          listWords(
            activity.domains
              .slice(0, 2)
              .map(
                (domain, i) =>
                  `${i ? DOMAIN_NAMES[domain].toLowerCase() : DOMAIN_NAMES[domain]} ${i ? 'second' : 'first'}`,
              ),
          )
        }}. {{ ATTENTION_NAMES[activity.attention].replace(/^a/, 'A').replace(/^o/, 'O') }}.
      </p>
    </section>

    <div class="inline">
      <v-btn v-if="placement.where.kind === 'moment'" size="small" @click="board.pin(placement)"
        ><v-icon :icon="placement.pinnedDate ? mdiPinOff : mdiPin" size="18" start />{{
          placement.pinnedDate ? 'Unpin' : 'Pin'
        }}</v-btn
      >
      <v-btn
        size="small"
        @click="
          supplies.setStatus(
            placement,
            placement.status === 'done' ? 'planned' : 'done',
            board.titleOf(placement.activityId),
          )
        "
        >{{ placement.status === 'done' ? 'Not done yet' : 'Done' }}</v-btn
      >
      <v-btn size="small" class="danger" @click="board.remove(placement)"
        ><v-icon :icon="mdiTrashCanOutline" size="18" start />Take off</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.stack {
  gap: 14px;
  font-size: 15px;
}
.who {
  display: grid;
  grid-template-columns: 24px 1fr;
  gap: 8px;
  align-items: start;
}
.who .mark {
  margin-top: 1px;
}
.nowrap {
  white-space: nowrap;
}
</style>
