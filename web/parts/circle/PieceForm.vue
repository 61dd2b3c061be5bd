<script setup lang="ts">
import { computed, ref } from 'vue'
import { STAGE_NAMES } from '@core/base'
import { Piece, STAGES, type PieceForm, type PieceKind, type PieceTake } from '@core/domain'
import { newId } from '../../api/newId'
import { useHouse } from '../../stores/house'
import { commaList } from '../fields/commaList'
import FormField from '../fields/FormField.vue'
import { numberOrNone } from '../fields/numberOrNone'
import { KIND_NAMES } from './kindNames'

/** A piece of her own: its words, how it goes, and whose they are. It stays in the home. */
const props = defineProps<{ piece: Piece | null }>()
const emit = defineEmits<{ kept: [piece: Piece]; close: [] }>()
const house = useHouse()
const NEW: Piece = {
  id: '',
  title: '',
  kind: 'rhyme',
  form: 'text',
  text: '',
  single: '',
  end: '',
  turn: '',
  home: '',
  adj: ['', ''],
  moves: '',
  ask: '',
  tune: '',
  props: [],
  takes: [],
  figures: [],
  energy: 0,
  seated: true,
  from: 'young-toddler',
  minutes: { shortest: 1, planned: 2, longest: 3 },
  teaches: [],
  shorten: '',
  goOn: '',
  words: '',
  link: '',
}
const draft = ref<Piece>(JSON.parse(JSON.stringify(props.piece ?? NEW)) as Piece)
const fault = ref<Record<string, string>>({})
const KINDS = Object.entries(KIND_NAMES).map(([value, title]) => ({ title, value: value as PieceKind }))
const FORMS: { title: string; value: PieceForm }[] = [
  { title: 'As it is written', value: 'text' },
  { title: 'Counts down, a verse each', value: 'down' },
  { title: 'Counts up, a verse each', value: 'up' },
  { title: 'A verse for each object', value: 'each' },
  { title: 'One object more each time', value: 'list' },
]
const ENERGY = [
  { title: 'Calmer', value: -1 },
  { title: 'As before', value: 0 },
  { title: 'Livelier', value: 1 },
  { title: 'Wild', value: 2 },
]
const STAGE_ITEMS = STAGES.map((value) => ({ title: STAGE_NAMES[value], value }))
const counts = computed(() => draft.value.form === 'down' || draft.value.form === 'up')
const SLOTS = computed(() =>
  counts.value
    ? 'Write {N} for the number and {things} for the objects: “{N} {things} in the sun”.'
    : draft.value.form === 'each'
      ? 'Write {a} for each object: “Here comes {a}”.'
      : draft.value.form === 'list'
        ? 'Write {list} for all so far: “I packed {list}”.'
        : 'An empty line between verses.',
)
/** What the home has, by its name. */
const pantry = computed(() =>
  house.materials.map(({ id, name }) => ({ title: name, value: id })).sort((a, b) => (a.title < b.title ? -1 : 1)),
)
const PER = computed(() => [
  { title: 'One for the circle', value: 'circle' as const },
  { title: 'One for each kid', value: 'child' as const },
  ...(counts.value ? [{ title: 'As many as it counts', value: 'count' as const }] : []),
])
const per = computed({
  get: () => draft.value.takes[0]?.by ?? 'circle',
  set: (by: PieceTake['by']) => (draft.value.takes = draft.value.takes.map((take) => ({ ...take, by }))),
})
function takeThese(ids: readonly string[]): void {
  const known = new Map(draft.value.takes.map((take) => [take.materialId, take]))
  draft.value.takes = ids.map((id) => known.get(id) ?? { materialId: id, quantity: 1, by: per.value })
}
const faultsOf = (field: string) =>
  Object.entries(fault.value)
    .filter(([path]) => path === field || path.startsWith(`${field}.`))
    .map(([, message]) => message)
async function keep(): Promise<void> {
  const value = { ...draft.value, id: draft.value.id || newId(), title: draft.value.title.trim() }
  const checked = Piece.safeParse(value)
  fault.value = checked.success
    ? {}
    : Object.fromEntries(checked.error.issues.map((one) => [one.path.join('.'), one.message]))
  if (checked.success && !value.text.trim()) fault.value = { text: 'Write its words, or what happens' }
  if (Object.keys(fault.value).length || !checked.success) return
  await house.commit(`Piece: ${value.title}`, [{ put: 'piece', value: checked.data }])
  emit('kept', checked.data)
}
const minutes = (which: 'shortest' | 'planned' | 'longest', event: Event) => {
  draft.value.minutes[which] = numberOrNone((event.target as HTMLInputElement).value) ?? Number.NaN
}
const MINUTE_NAMES = { shortest: 'At least, min', planned: 'Usually', longest: 'At most' }
</script>

<template>
  <form class="stack" @submit.prevent="keep">
    <h2>{{ piece ? 'Your piece' : 'A piece of your own' }}</h2>
    <FormField label="Title"><v-text-field v-model="draft.title" :error-messages="faultsOf('title')" /></FormField>
    <FormField label="What it is"><v-select v-model="draft.kind" aria-label="What it is" :items="KINDS" /></FormField>
    <FormField label="How it goes"><v-select v-model="draft.form" aria-label="How it goes" :items="FORMS" /></FormField>
    <FormField :label="counts ? 'One verse' : 'Words'" :hint="SLOTS"
      ><v-textarea v-model="draft.text" rows="5" auto-grow :error-messages="faultsOf('text')"
    /></FormField>
    <FormField v-if="draft.form !== 'text'" label="At the end"
      ><v-textarea v-model="draft.end" rows="2" auto-grow :error-messages="faultsOf('end')"
    /></FormField>
    <FormField label="Moves"
      ><v-textarea v-model="draft.moves" rows="2" auto-grow :error-messages="faultsOf('moves')"
    /></FormField>
    <FormField label="In hand" hint="With commas between: a bell, two spoons."
      ><v-text-field
        :model-value="draft.props.join(', ')"
        :error-messages="faultsOf('props')"
        @change="draft.props = commaList(($event.target as HTMLInputElement).value)"
    /></FormField>
    <FormField label="From the pantry" hint="It joins the list and the circle basket."
      ><v-autocomplete
        :model-value="draft.takes.map((take) => take.materialId)"
        :items="pantry"
        multiple
        chips
        closable-chips
        aria-label="From the pantry"
        :error-messages="faultsOf('takes')"
        @update:model-value="takeThese"
    /></FormField>
    <FormField v-if="draft.takes.length" label="How many of each"
      ><v-select v-model="per" :items="PER" aria-label="How many of each"
    /></FormField>
    <FormField label="To ask"><v-text-field v-model="draft.ask" :error-messages="faultsOf('ask')" /></FormField>
    <FormField label="Tune"><v-text-field v-model="draft.tune" :error-messages="faultsOf('tune')" /></FormField>
    <FormField label="The youngest who join in"
      ><v-select v-model="draft.from" aria-label="The youngest who join in" :items="STAGE_ITEMS"
    /></FormField>
    <FormField label="Makes them"
      ><v-select v-model="draft.energy" aria-label="Makes them" :items="ENERGY"
    /></FormField>
    <v-checkbox v-model="draft.seated" label="They sit meanwhile" hide-details density="compact" />
    <div class="three">
      <FormField v-for="(name, which) in MINUTE_NAMES" :key="which" :label="name"
        ><v-text-field
          type="number"
          min="0"
          step="0.5"
          :model-value="draft.minutes[which]"
          :error-messages="faultsOf(`minutes.${which}`)"
          @change="minutes(which, $event)"
      /></FormField>
    </div>
    <FormField label="Whose words"
      ><v-text-field v-model="draft.words" placeholder="mine" :error-messages="faultsOf('words')"
    /></FormField>
    <FormField label="Link"
      ><v-text-field v-model="draft.link" placeholder="https://" :error-messages="faultsOf('link')"
    /></FormField>
    <p class="small mute">It stays in your home, unless you give a plan file with it to someone.</p>
    <div class="inline">
      <v-btn class="primary" type="submit">Keep it</v-btn>
      <TextButton @click="$emit('close')">Leave it</TextButton>
    </div>
  </form>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
}
</style>
