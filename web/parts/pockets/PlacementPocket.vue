<script setup lang="ts">
import { mdiPin, mdiPinOff, mdiTrashCanOutline } from '@mdi/js'
import { computed } from 'vue'
import { CAUTION_CLOSING } from '@core/cautions'
import type { Placement } from '@core/domain'
import { ATTENTION_NAMES, clockWords, DOMAIN_NAMES, listWords, OUT_WORDS, quantityWords, timesIn } from '@core/base'
import { blockOn, centersFor } from '@core/plan'
import { markOf } from '@core/papers'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'
import CautionNote from '../lines/CautionNote.vue'
import MoreMoves from './MoreMoves.vue'
import PlaceForMe from './PlaceForMe.vue'

/** Everything about one placement: cautions, who does what, what it needs, where and by whom. */
const props = defineProps<{ placement: Placement }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const supplies = useSupplies()

const session = computed(() => store.readings?.plan.sessions.find((one) => one.placement.id === props.placement.id))
const problem = computed(() => store.readings?.plan.problems.find((one) => one.placementId === props.placement.id))
const activity = computed(() => store.activitiesById.get(props.placement.activityId))
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
const needs = computed(() =>
  (store.readings?.lines ?? []).flatMap((line) =>
    line.needs.filter((need) => need.session.placement.id === props.placement.id).map((need) => ({ need, line })),
  ),
)
const subtitle = computed(() => {
  const one = session.value
  const where = props.placement.where
  const when =
    where.kind === 'moment'
      ? `Day ${where.day}${one ? `, ${clockWords(one.from)} to ${clockWords(one.to)}` : ''}`
      : `Out day ${where.fromDay} to ${where.toDay}`
  return [when, one?.center?.name.toLowerCase()].filter(Boolean).join(', ')
})
const centers = computed(() => (activity.value ? centersFor(activity.value, house.centers) : []))
/** Minutes between the times at which something can begin. */
const START_STEP = 5
const times = computed(() => {
  const where = props.placement.where
  const block =
    where.kind === 'moment' && house.home && store.unit
      ? blockOn(house.home, store.unit, where.day, where.blockId)
      : undefined
  return block ? timesIn(block, START_STEP) : []
})
const patch = (label: string, over: Partial<Placement>) =>
  board.patch(props.placement, `${activity.value?.title ?? 'Plan'}: ${label}`, over)
const setFrom = (from: string) => {
  const where = props.placement.where
  if (where.kind === 'moment')
    board.drop(
      { placementId: props.placement.id, activityId: props.placement.activityId },
      { ...where, from: times.value[0] === from ? null : from },
      props.placement.centerId,
    )
}
const setSpan = (key: 'fromDay' | 'toDay', day: number) => {
  const where = props.placement.where
  if (where.kind !== 'set-up') return
  const next =
    key === 'fromDay'
      ? { ...where, fromDay: day, toDay: Math.max(day, where.toDay) }
      : { ...where, toDay: day, fromDay: Math.min(day, where.fromDay) }
  board.drop(
    { placementId: props.placement.id, activityId: props.placement.activityId },
    next,
    props.placement.centerId,
  )
}
const toggleOut = (id: string) => {
  const kept = props.placement.keptOut
  patch(kept.includes(id) ? 'back in' : 'keep out', {
    keptOut: kept.includes(id) ? kept.filter((one) => one !== id) : [...kept, id],
  })
}
const swapBack = (requirementId: string) => {
  const { [requirementId]: _, ...rest } = props.placement.swaps
  patch('swap back', { swaps: rest })
}
const moreAgain = (requirementId: string) => {
  const { [requirementId]: _, ...rest } = props.placement.quantities
  patch('as many as the idea says', { quantities: rest })
}
const swaps = computed(() =>
  Object.entries(props.placement.swaps).map(([requirementId, materialId]) => ({
    requirementId,
    to: house.materialsById.get(materialId)?.name,
    from: house.materialsById.get(
      activity.value?.requirements.find((one) => one.id === requirementId)?.materialId ?? '',
    )?.name,
  })),
)
const measures = computed(() => house.home?.measures ?? 'metric')
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

    <section v-if="needs.length" class="rows" aria-label="Needs">
      <div class="row">
        <h3>Needs</h3>
        <router-link :to="{ name: 'get-ready', params: { unitId: store.id! } }">why?</router-link>
      </div>
      <div v-for="{ need, line } in needs" :key="need.requirement.id" class="row need">
        <span>{{ need.material.name }}</span>
        <span :class="need.short > 0 ? 'ember' : 'mute'"
          >{{ quantityWords(need.quantity, need.material.unit, measures)
          }}<template v-if="need.short > 0"
            >, {{ quantityWords(need.short, need.material.unit, measures) }} short</template
          ><template v-else-if="need.material.way !== 'have'">
            of {{ quantityWords(line.onHand, need.material.unit, measures) }}</template
          ></span
        >
      </div>
      <p v-for="requirementId in Object.keys(placement.quantities)" :key="`fewer-${requirementId}`" class="small">
        Fewer
        {{
          house.materialsById.get(activity.requirements.find((one) => one.id === requirementId)?.materialId ?? '')?.name
        }}
        than the idea says <button type="button" class="why" @click="moreAgain(requirementId)">as the idea says</button>
      </p>
      <p v-for="swap in swaps" :key="swap.requirementId" class="small">
        {{ swap.to }} in place of {{ swap.from }}
        <button type="button" class="why" @click="swapBack(swap.requirementId)">swap back</button>
      </p>
    </section>

    <section v-if="activity.prep.length" class="rows" aria-label="Before">
      <h3>Before</h3>
      <div v-for="step in activity.prep" :key="step.id" class="row">
        <span>{{ step.text }}</span><span class="mute nowrap">{{ step.minutes }} min</span>
      </div>
    </section>

    <div v-if="placement.status === 'planned'" class="inline">
      <PlaceForMe :activity-id="placement.activityId" :placement-id="placement.id" />
    </div>

    <section class="rows form" aria-label="Where, when and by whom">
      <h3>Where and by whom</h3>
      <label
        >Center<v-select
          :model-value="placement.centerId"
          :items="centers.map((one) => ({ title: one.name, value: one.id }))"
          aria-label="Center"
          @update:model-value="patch('center', { centerId: $event })"
      /></label>
      <label v-if="placement.where.kind === 'moment'"
        >Starts<v-select
          :model-value="placement.where.from ?? times[0]"
          :items="times.map((time) => ({ title: clockWords(time), value: time }))"
          aria-label="Starts"
          @update:model-value="setFrom"
      /></label>
      <template v-else>
        <label
          >Out from day<v-select
            :model-value="placement.where.fromDay"
            :items="store.days.map((day) => day.number)"
            aria-label="Out from day"
            @update:model-value="setSpan('fromDay', $event)"
        /></label>
        <label
          >to day<v-select
            :model-value="placement.where.toDay"
            :items="store.days.map((day) => day.number)"
            aria-label="Out to day"
            @update:model-value="setSpan('toDay', $event)"
        /></label>
      </template>
      <label
        >Who leads<v-select
          :model-value="placement.leadId"
          :items="[
            { title: 'Nobody yet', value: null },
            ...house.adults.map((one) => ({ title: one.name, value: one.id })),
          ]"
          aria-label="Who leads"
          @update:model-value="patch('who leads', { leadId: $event })"
      /></label>
      <v-checkbox
        :model-value="placement.apart"
        label="Behind the gate or at the high table"
        @update:model-value="patch('apart', { apart: Boolean($event) })"
      />
      <MoreMoves :placement="placement" />
      <details>
        <summary>Keep someone out</summary>
        <v-checkbox
          v-for="child in house.children"
          :key="child.id"
          :model-value="placement.keptOut.includes(child.id)"
          :label="child.name"
          @update:model-value="toggleOut(child.id)"
        />
      </details>
    </section>

    <section class="rows" aria-label="Touches">
      <h3>Touches</h3>
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
.need > :last-child {
  text-align: right;
}
.nowrap {
  white-space: nowrap;
}
.form {
  gap: 8px;
}
.form label {
  display: grid;
  gap: 2px;
  font-size: 14px;
  color: var(--mute);
}
summary {
  cursor: pointer;
  color: var(--spruce);
  padding: 4px 0;
}
</style>
