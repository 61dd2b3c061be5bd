<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { InputError } from '@core/base'
import { fingersFor, versesFor, versesOf, thingsFor, type Verse } from '@core/circle'
import { CountRange, rangeOf, type CirclePart, type Piece } from '@core/domain'
import { useCircle } from '../../stores/circle'
import FormField from '../fields/FormField.vue'
import { numberOrNone } from '../fields/numberOrNone'
import { KIND_NAMES } from '../circle/kindNames'
import BookPart from '../circle/BookPart.vue'
import CircleOffers from '../circle/CircleOffers.vue'
import TalkForm from '../circle/TalkForm.vue'
import PieceForm from '../circle/PieceForm.vue'
import { useHouse } from '../../stores/house'

/** One thing of the circle: its words, how it is counted and how long it is; or, with none chosen, what could come in. */
const chosen = defineModel<string | null>({ required: true })
const circle = useCircle()
const house = useHouse()
const now = computed(() => circle.parts.find((one) => one.part.id === chosen.value) ?? null)
/** The piece of her own that is written; null for a new one. */
const writing = ref<{ piece: Piece | null } | null>(null)
/** A line of her own is written. */
const talks = ref(false)
const isOwn = computed(() => house.pieces.some((one) => one.id === now.value?.piece?.id))
function kept(one: Piece): void {
  const isNew = !writing.value?.piece
  writing.value = null
  if (isNew) void circle.add(one)
}
const piece = computed(() => now.value?.piece ?? null)
const range = computed<CountRange | null>(() => (piece.value ? rangeOf(piece.value, now.value!.part) : null))
const verses = computed<Verse[]>(() => {
  if (!now.value || !piece.value) return []
  try {
    return versesFor(now.value.part, piece.value, circle.objects)
  } catch {
    return []
  }
})
const shown = computed(() => verses.value.slice(0, 2))
const most = computed(() => Math.max(0, ...verses.value.map((verse) => verse.count ?? 0)))
const thingItems = computed(() =>
  circle.objects.filter((one) => one.form === 'thing' && one.name.trim()).map((one) => one.name),
)
const fault = ref<Record<string, string>>({})
watch(chosen, () => (fault.value = {}))
function set(label: string, over: Partial<CirclePart>): void {
  if (now.value) void circle.change(now.value.part.id, `${now.value.title}: ${label}`, over)
}
function count(field: keyof CountRange, value: number | null): void {
  const next = { ...range.value!, [field]: value ?? Number.NaN }
  const checked = CountRange.safeParse(next)
  fault.value = checked.success
    ? {}
    : Object.fromEntries(checked.error.issues.map((one) => [String(one.path[0]), one.message]))
  if (!checked.success) return
  try {
    versesOf(piece.value!, { things: thingsFor(now.value!.part, circle.objects), range: next })
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = Object.fromEntries(error.faults.map((one) => [one.field, one.message]))
    return
  }
  set('how it counts', { range: next })
}
function minutes(value: number | null): void {
  if (value !== null && (value < 0 || value > 120)) fault.value = { minutes: 'Minutes go from 0 to 120' }
  else {
    fault.value = {}
    set('minutes', { minutes: value })
  }
}
/** Where its minutes come from. */
const minutesWhy = computed(() => {
  if (!now.value) return ''
  const { item, part } = now.value
  if (part.minutes !== null) return 'As you wrote. Empty: as it fits.'
  const held = circle.fit.minutes.get(part.id) ?? item.planned
  const usual = `Empty: as it fits, ${held} min now. Usually ${item.planned}`
  if (held < item.planned) return `${usual}; shorter, so that all of it fits ${circle.window} min.`
  return held > item.planned ? `${usual}; longer, since there is room in ${circle.window} min.` : `${usual}.`
})
</script>

<template>
  <PieceForm v-if="writing" :piece="writing.piece" @kept="kept" @close="writing = null" />
  <TalkForm v-else-if="talks" @kept="talks = false" @close="talks = false" />
  <div v-else-if="now" class="stack">
    <div>
      <h2>{{ now.title }}</h2>
      <p v-if="!now.book" class="mute">
        {{ KIND_NAMES[now.item.kind] }}, {{ now.item.shortest }} to {{ now.item.longest }} min<template
          v-if="piece?.tune"
          >, to the tune of {{ piece.tune }}</template
        >
      </p>
    </div>
    <BookPart v-if="now.book" :one="now" />
    <div v-for="(verse, i) in shown" :key="i">
      <p v-for="(words, j) in verse.lines" :key="j">{{ words }}</p>
    </div>
    <p v-if="piece?.words || piece?.link" class="small mute">
      <template v-if="piece.words">Words: {{ piece.words }}. </template>
      <a v-if="piece.link" :href="piece.link" target="_blank" rel="noreferrer noopener">Listen to it</a>
    </p>
    <p v-if="piece?.ask" class="mute">Ask: {{ piece.ask }}</p>
    <p v-if="piece?.moves" class="small">{{ piece.moves.split('\n').join(' ') }}</p>
    <div v-if="range" class="rows">
      <div class="fact">
        <span>Verses</span><b>{{ verses.length }}</b>
      </div>
      <div class="fact">
        <span>Fingers</span><b>{{ fingersFor(most) }}</b>
      </div>
      <div class="three">
        <FormField
          v-for="field in ['from', 'to', 'step'] as const"
          :key="field"
          :label="`Count ${field === 'step' ? 'by' : field}`"
          ><v-text-field
            type="number"
            min="0"
            :model-value="range[field]"
            :error-messages="fault[field] ? [fault[field]] : []"
            @change="count(field, numberOrNone(($event.target as HTMLInputElement).value))"
        /></FormField>
      </div>
    </div>
    <FormField v-if="piece && piece.form !== 'text' && thingItems.length" label="Which object"
      ><v-select
        :model-value="now.part.thing || thingItems[0]"
        aria-label="Which object"
        :items="thingItems"
        @update:model-value="set('which object', { thing: $event })"
    /></FormField>
    <FormField label="Minutes" :hint="minutesWhy"
      ><v-text-field
        type="number"
        min="0"
        step="0.5"
        :model-value="now.part.minutes"
        :error-messages="fault.minutes ? [fault.minutes] : []"
        @change="minutes(numberOrNone(($event.target as HTMLInputElement).value))"
    /></FormField>
    <p v-if="piece?.figures.length" class="small">
      Figures: {{ piece.figures.join(', ') }}.
      <router-link :to="{ name: 'print', params: { unitId: circle.circle.unitId }, query: { for: circle.circle.id } }"
        >Print them</router-link
      >
    </p>
    <div v-if="piece?.props.length" class="fact">
      <span>In hand</span><b>{{ piece.props.join(', ') }}</b>
    </div>
    <p v-if="piece" class="small mute">
      {{ circle.why(piece).join('. ') }}.<template v-if="piece.shorten"> Shorter: {{ piece.shorten }}</template
      ><template v-if="piece.goOn"> To go on: {{ piece.goOn }}</template>
    </p>
    <v-checkbox
      :model-value="now.part.pinned"
      label="It stays in its place"
      hide-details
      density="compact"
      @update:model-value="set(now.part.pinned ? 'moves again' : 'stays', { pinned: Boolean($event) })"
    />
    <div class="inline">
      <v-btn v-if="isOwn" size="small" @click="writing = { piece }">Change its words</v-btn>
      <v-btn size="small" @click="circle.move(now.part.id, -1)">Earlier</v-btn>
      <v-btn size="small" @click="circle.move(now.part.id, 1)">Later</v-btn>
      <TextButton @click="(circle.drop(now.part.id, now.title), (chosen = null))">Leave it out</TextButton>
    </div>
  </div>
  <CircleOffers v-else @write="writing = { piece: null }" @talk="talks = true" />
</template>

<style scoped>
.fact {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  border-bottom: 1px solid var(--edge);
  padding: 4px 0;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-items: end;
  gap: 8px;
}
</style>
