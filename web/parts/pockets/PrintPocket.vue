<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { shortDate } from '@core/base'
import { OWN_PICTURE, type PrintSet } from '@core/domain'
import { childrenFor, lettersMissing, levelOf, written } from '@core/cards'
import { useHouse } from '../../stores/house'
import { NEEDS_EDGES, usePrinting } from '../../stores/printing'
import { useUnit } from '../../stores/unit'
import FormField from '../fields/FormField.vue'
import { INK_ITEMS } from '../printing/inkItems'
import LevelChoice from '../printing/LevelChoice.vue'
import OwnDesign from '../printing/OwnDesign.vue'
import PrintMade from '../printing/PrintMade.vue'
import SetPaper from '../printing/SetPaper.vue'

/** One set: for whom it goes how far, on which paper, what it takes, and whether it is printed. */
const props = defineProps<{
  set: PrintSet
  kept: boolean
  /** The page that is looked at, from 0. */
  at: number
}>()
const emit = defineEmits<{ kept: [id: string | null] }>()
const printing = usePrinting()
const house = useHouse()
const unit = useUnit()
const drawn = computed(() => printing.jobOf(props.set))
const job = computed(() => drawn.value.job)
const info = computed(() => printing.infoOf(props.set.kind))
const faults = ref<Record<string, string>>({})
const children = computed(() =>
  unit.snapshot && unit.readings ? childrenFor(props.set, unit.snapshot, unit.readings.plan) : [],
)
const levels = computed(() => {
  const { snapshot, readings } = unit
  if (!snapshot || !readings) return []
  const on = job.value?.date ?? readings.plan.program.days.find((day) => day.held)?.date ?? snapshot.unit.start
  return children.value.map((child) => ({
    child,
    level: levelOf(info.value, props.set, child, on, snapshot.home),
  }))
})
/** What it can be for: then its paper and its minutes count among those of that idea. */
const FOR_ITEMS = computed(() => [
  { title: 'The unit', value: '' },
  ...(unit.readings ? [...unit.readings.plan.sessions, ...unit.readings.plan.circles] : [])
    .filter((one) => one.placement.id === props.set.placementId || !unit.readings!.plan.isBehind(one))
    .map((one) => ({ title: `${shortDate(one.days[0].date)}, ${one.activity.title}`, value: one.placement.id })),
])
const allNames = computed(() => printing.things.map((thing) => thing.one))
const chosenThings = computed(() => (props.set.things.length ? props.set.things : allNames.value))
async function change(words: string, over: Partial<PrintSet>): Promise<void> {
  const next = { ...props.set, ...over }
  const tried = printing.jobOf(next)
  faults.value = tried.faults
  if (Object.keys(tried.faults).length) return
  const own = await printing.keep(next, `${props.set.name}: ${words}`)
  if (own.id !== props.set.id) emit('kept', own.id)
}
function toggle(name: string, wanted: boolean): void {
  const next = allNames.value.filter((one) => (one === name ? wanted : chosenThings.value.includes(one)))
  if (!next.length) {
    faults.value = { things: 'At least one object stays on it' }
    return
  }
  void change('which objects', { things: next.length === allNames.value.length ? [] : next })
}
watch(
  () => props.set.id,
  () => (faults.value = {}),
)
/** Letters that the font or the hand lacks: said before they are missed on paper. */
const lacking = computed(() => {
  const names = children.value.map((child) => child.name)
  const words = [...names, ...chosenThings.value]
  const font = [...new Set(words.flatMap(lettersMissing))]
  const hand = ['names', 'words', 'letters'].includes(props.set.kind)
    ? [
        ...new Set(
          (props.set.kind === 'names' ? names : chosenThings.value).flatMap(
            (one) => written(one, house.thisHome.print.hand).missing,
          ),
        ),
      ]
    : []
  return [
    ...(font.length ? [`The font that ships has no ${font.join(' ')}: they print as a box.`] : []),
    ...(hand.length ? [`Kobby does not know how ${hand.join(' ')} is written: it is left out.`] : []),
  ]
})
const keptSet = computed(() => {
  const prefix = `printed-${props.set.kind}-`
  return house.materials.find((one) => one.id.startsWith(prefix) && one.onHand > 0)
})
const place = ref('')
async function keepSet(): Promise<void> {
  await printing.keepInPantry(props.set, place.value)
  place.value = ''
}
const hasPhotos = computed(() =>
  [...printing.things, ...props.set.own].some((thing) => thing.picture.startsWith(OWN_PICTURE)),
)
</script>

<template>
  <div class="stack">
    <div>
      <h2>{{ set.name }}</h2>
      <p class="mute">{{ info.about }}</p>
    </div>
    <p v-if="keptSet && !set.printedOn" class="small" role="status">
      You have one already: {{ keptSet.name }}<template v-if="keptSet.place">, {{ keptSet.place }}</template
      >.
    </p>
    <p v-if="job?.lacks" class="brick" role="status">{{ job.lacks }}</p>
    <PrintMade
      :set="set"
      :job="job"
      :kept="kept"
      :at="at"
      @kept="emit('kept', $event)"
      @add="change('to print', {})"
      @leave="(printing.leave(set), emit('kept', null))"
    />
    <p v-for="line in lacking" :key="line" class="ember small">{{ line }}</p>
    <OwnDesign :set="set" :info="info" @change="change" />
    <LevelChoice
      v-if="info.levels && levels.length"
      :levels="levels"
      :names="info.levels"
      @choose="(id, level) => change('how far it goes', { levels: { ...set.levels, [id]: level } })"
    />
    <details v-if="allNames.length > 1" class="rows">
      <summary>
        <b>Objects</b> <span class="mute small">{{ chosenThings.length }} of {{ allNames.length }}</span>
      </summary>
      <v-checkbox
        v-for="name in allNames"
        :key="name"
        :model-value="chosenThings.includes(name)"
        :label="name"
        hide-details
        density="compact"
        @update:model-value="toggle(name, Boolean($event))"
      />
    </details>
    <p v-if="faults.things" class="brick small" role="alert">{{ faults.things }}</p>
    <SetPaper :set="set" :usual-size="info.size" :faults="faults" @change="change" @fault="faults = $event" />
    <FormField label="For"
      ><v-autocomplete
        :model-value="set.placementId ?? ''"
        aria-label="For"
        :items="FOR_ITEMS"
        @update:model-value="change('what it is for', { placementId: $event || null, instead: [] })"
    /></FormField>
    <FormField label="Ink"
      ><v-select
        :model-value="set.ink ?? house.thisHome.print.ink"
        aria-label="Ink"
        :items="INK_ITEMS"
        @update:model-value="change('ink', { ink: $event })"
    /></FormField>
    <div>
      <v-checkbox
        :model-value="set.laminate"
        label="Laminate it"
        hide-details
        density="compact"
        @update:model-value="change('laminating', { laminate: Boolean($event) })"
      />
      <v-checkbox
        v-if="set.kind === 'memory'"
        :model-value="set.backs"
        label="Print the backs"
        hide-details
        density="compact"
        @update:model-value="change('backs', { backs: Boolean($event) })"
      />
      <v-checkbox
        :model-value="set.blank"
        label="Leave it blank, to fill in by hand"
        hide-details
        density="compact"
        @update:model-value="change('blank', { blank: Boolean($event) })"
      />
    </div>
    <p v-if="hasPhotos && (NEEDS_EDGES.has(set.kind) || set.kind === 'shadows')" class="small mute">
      Pictures of your own are left out here: they have no edge to follow.
    </p>
    <form v-if="set.printedOn && set.laminate && !keptSet" class="rows" @submit.prevent="keepSet">
      <FormField
        label="Keep it for another year"
        hint="It goes into the pantry, and is offered instead of printing anew."
      >
        <v-text-field v-model="place" placeholder="Where it is kept" />
      </FormField>
      <v-btn type="submit">Keep it in the pantry</v-btn>
    </form>
  </div>
</template>

<style scoped>
summary {
  cursor: pointer;
}
</style>
