<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { shortDate } from '@core/base'
import { MOST_COPIES, OWN_PICTURE, type PrintLevel, type PrintSet } from '@core/domain'
import { childrenFor, lettersMissing, levelOf, written } from '@core/cards'
import { useHouse } from '../../stores/house'
import { NEEDS_EDGES, usePrinting } from '../../stores/printing'
import { useUnit } from '../../stores/unit'
import FormField from '../fields/FormField.vue'
import { numberOrNone } from '../fields/numberOrNone'
import { INK_ITEMS } from '../printing/inkItems'
import OwnDesign from '../printing/OwnDesign.vue'
import PrintMade from '../printing/PrintMade.vue'

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
const us = computed(() => house.thisHome.measures === 'us')
const PER = computed(() => (us.value ? 25.4 : 1))
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
const LEVEL_ITEMS = computed(() => (info.value.levels ?? []).map((title, value) => ({ title, value })))
/** Chosen by nobody: a child that is too young stays out until somebody says how far it goes. */
const TOO_YOUNG = -1
const TOO_YOUNG_ITEM = { title: 'too young for it', value: TOO_YOUNG }
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
const setLevel = (id: string, level: number) =>
  level !== TOO_YOUNG && change('how far it goes', { levels: { ...props.set.levels, [id]: level as PrintLevel } })
function toggle(name: string, wanted: boolean): void {
  const next = allNames.value.filter((one) => (one === name ? wanted : chosenThings.value.includes(one)))
  if (!next.length) {
    faults.value = { things: 'At least one object stays on it' }
    return
  }
  void change('which objects', { things: next.length === allNames.value.length ? [] : next })
}
const usual = computed(() => props.set.size ?? info.value.size)
const side = (i: 0 | 1) => (usual.value ? Math.round((usual.value[i] / PER.value) * 100) / 100 : null)
function setSide(i: 0 | 1, value: number | null): void {
  if (!usual.value) return
  if (value === null || !Number.isFinite(value) || value <= 0) {
    faults.value = { size: i === 0 ? 'Write how wide a card is' : 'Write how high a card is' }
    return
  }
  const size: [number, number] = [...usual.value]
  size[i] = value * PER.value
  void change('size', { size })
}
function setCopies(value: number | null): void {
  if (value === null || !Number.isInteger(value) || value < 1 || value > MOST_COPIES) {
    faults.value = { copies: `Write a number from 1 to ${MOST_COPIES}` }
    return
  }
  void change('how many', { copies: value })
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
    <div v-if="info.levels && levels.length" class="rows">
      <b>How far for whom</b>
      <div v-for="{ child, level } in levels" :key="child.id" class="level">
        <span>{{ child.name }}</span>
        <v-select
          :model-value="level ?? TOO_YOUNG"
          :items="level === null ? [TOO_YOUNG_ITEM, ...LEVEL_ITEMS] : LEVEL_ITEMS"
          :aria-label="`How far for ${child.name}`"
          menu-icon=""
          @update:model-value="setLevel(child.id, $event)"
        />
      </div>
    </div>
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
    <div v-if="usual" class="two">
      <FormField :label="us ? 'Wide, inches' : 'Wide, mm'"
        ><v-text-field
          type="number"
          min="0"
          step="any"
          :model-value="side(0)"
          :error-messages="faults.size ? [faults.size] : []"
          @change="setSide(0, numberOrNone(($event.target as HTMLInputElement).value))"
      /></FormField>
      <FormField :label="us ? 'High, inches' : 'High, mm'"
        ><v-text-field
          type="number"
          min="0"
          step="any"
          :model-value="side(1)"
          @change="setSide(1, numberOrNone(($event.target as HTMLInputElement).value))"
      /></FormField>
    </div>
    <div class="two">
      <FormField label="Copies"
        ><v-text-field
          type="number"
          min="1"
          :model-value="set.copies"
          :error-messages="faults.copies ? [faults.copies] : []"
          @change="setCopies(numberOrNone(($event.target as HTMLInputElement).value))"
      /></FormField>
      <FormField label="Paper"
        ><v-select
          :model-value="set.stock"
          aria-label="Paper"
          :items="[
            { title: 'Card', value: 'cardstock' },
            { title: 'Plain paper', value: 'paper' },
          ]"
          @update:model-value="change('paper', { stock: $event })"
      /></FormField>
    </div>
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
.level {
  display: grid;
  grid-template-columns: 66px minmax(0, 1fr);
  gap: 6px;
  font-size: 14px;
  align-items: center;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
summary {
  cursor: pointer;
}
.level :deep(.v-field__input) {
  font-size: 14px;
  padding-inline: 8px;
}
.level :deep(.v-select__selection),
.level :deep(.v-select__selection-text) {
  white-space: normal;
  overflow: visible;
  line-height: 1.15;
}
</style>
