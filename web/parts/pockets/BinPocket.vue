<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { BIN_MOODS, type BinMood, type BinRules, type Child, type Placement } from '@core/domain'
import { countWords, listWords, mediumDate } from '@core/base'
import { EXPERIENCE, grainFor, MOOD_NAMES, outBy, pantryMoves, progressOf, withBinTime } from '@core/making'
import { markOf } from '@core/papers'
import { stockOp } from '@core/supplies'
import { newId } from '../../api/newId'
import { useHomeWords } from '../../composables/homeWords'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import { useUnit } from '../../stores/unit'
import FormField from '../fields/FormField.vue'

/** What is said at the bin, how far each child is, and the life of what is in it. */
const props = defineProps<{ placement: Placement }>()
const house = useHouse()
const unit = useUnit()
const board = useBoard()
const session = useSession()
const words = useHomeWords()
const bin = computed(() => props.placement.bin)
const title = computed(() => board.titleOf(props.placement.activityId))

const rules = computed(() => house.thisHome.binRules)
const lines = ref(rules.value.rules.join('\n'))
watch(
  () => rules.value.rules.join('\n'),
  (now) => (lines.value = now),
)
const setRules = (over: Partial<BinRules>) => {
  const next = { ...rules.value, ...over }
  if (JSON.stringify(next) === JSON.stringify(rules.value)) return
  void house.commit('Rules of the bin', [{ put: 'home', value: { ...house.thisHome, binRules: next } }])
}
const saveLines = () =>
  setRules({
    rules: lines.value
      .split('\n')
      .map((one) => one.trim().slice(0, 120))
      .filter(Boolean)
      .slice(0, 6),
  })
const THROWN = [
  {
    value: 'away-for-the-day',
    title: 'The bin is done for today',
    said: 'If someone throws it, the bin is done for today.',
  },
  {
    value: 'one-reminder',
    title: 'One reminder first',
    said: 'If someone throws it, we say the rule once; then the bin is done.',
  },
  { value: 'break', title: 'That child takes a break', said: 'Whoever throws it does something else for a while.' },
] as const
const thrownWords = computed(() => THROWN.find((one) => one.value === rules.value.thrown)!.said)
const print = () => window.print()

const LEVEL_WORDS = { new: 'new to bins', practising: 'practicing', ready: 'ready for anything that pours' } as const
const GRAIN_WORDS = { large: 'large pieces that stay put', mixed: 'oats and the like', fine: 'rice and sand' } as const
const near = computed(() => {
  const of = unit.readings?.plan.sessions.find((one) => one.placement.id === props.placement.id)
  return (of?.parts ?? []).flatMap((part) => (part.does === 'takes-part' ? [part.child] : []))
})
const kids = computed(() =>
  house.children
    .filter((child) => near.value.some((one) => one.id === child.id))
    .map((child) => {
      const progress = progressOf(child, rules.value)
      const fine = GRAIN_WORDS[grainFor(progress.now)]
      const calm = progress.calm ? `, ${countWords(progress.calm, 'calm time')} in a row` : ''
      return {
        child,
        progress,
        mark: markOf(child.name, words.value.childNames),
        said: `${LEVEL_WORDS[progress.now]}: ${fine}${calm}`,
        last: progress.last
          ? `${MOOD_NAMES[progress.last.mood]} on ${mediumDate(progress.last.date)}, ${house.materialsById.get(progress.last.fillerId)?.name ?? 'another filler'}`
          : '',
        today: child.binTimes.find((one) => one.date === session.today && one.fillerId === bin.value?.fillerId)?.mood,
      }
    }),
)
const fresh = computed(() => kids.value.filter((one) => one.progress.now === 'new').map((one) => one.child.name))
const note = (child: Child, mood: BinMood) => {
  if (!bin.value) return
  void house.commit(`${child.name} at the bin: ${MOOD_NAMES[mood].toLowerCase()}`, [
    { put: 'child', value: withBinTime(child, { date: session.today, fillerId: bin.value.fillerId, mood }) },
  ])
}
const move = (child: Child, to: Child['sensory']) =>
  void house.commit(`${child.name}: ${LEVEL_WORDS[to]}`, [{ put: 'child', value: { ...child, sensory: to } }])
const isFiner = (child: Child, to: Child['sensory']) => EXPERIENCE.indexOf(to) > EXPERIENCE.indexOf(child.sensory)

/** Until when the filling is used, who used it, on how many days. */
const life = computed(() => {
  if (!bin.value?.filledOn) return null
  const filledOn = bin.value.filledOn
  const of = unit.readings?.plan.sessions.find((one) => one.placement.id === props.placement.id)
  const days = (of?.days ?? []).filter((day) => day.date >= filledOn && day.date <= session.today)
  const last = unit.days[unit.days.length - 1]?.date ?? filledOn
  const until = outBy(bin.value, last)!
  return { filledOn, days: days.length, kids: near.value.length, until, over: until < session.today }
})
const patch = (label: string, filledOn: string | null) =>
  board.patch(props.placement, `${title.value}: ${label}`, { bin: { ...bin.value!, filledOn } })
/** Thrown away: what the pantry counts of it goes as well. */
function toss() {
  const material = house.materialsById.get(bin.value!.fillerId)
  const need = unit.readings?.plan.sessions
    .find((one) => one.placement.id === props.placement.id)
    ?.activity.requirements.find((one) => one.id === 'bin-filler')
  const [move] =
    material && need
      ? pantryMoves(
          {
            went: [
              {
                ingredientId: material.id,
                materialId: material.id,
                measure: unitOf(material.unit),
                quantity: need.quantity,
                written: 0,
              },
            ],
            made: { quantity: 0, unit: 'g' },
          },
          null,
          house.materialsById,
        )
      : []
  void unit.commit(`${title.value}: the filler was thrown away`, [
    { put: 'placement', value: { ...props.placement, bin: { ...bin.value!, filledOn: null } } },
    ...(move
      ? [
          {
            stock: stockOp(move.materialId, {
              entryId: newId(),
              reason: 'thrown',
              change: move.change,
              date: session.today,
              note: title.value,
              by: session.user?.name ?? '',
              unitId: unit.id,
            }),
          },
        ]
      : []),
  ])
}
const unitOf = (of: string): 'g' | 'ml' | 'each' => (of === 'g' || of === 'ml' ? of : 'each')
</script>

<template>
  <div class="stack">
    <section class="rows" aria-label="Rules we say first">
      <h2>Rules we say first</h2>
      <ol class="rules">
        <li v-for="rule in rules.rules" :key="rule">{{ rule }}</li>
      </ol>
      <p v-if="fresh.length && rules.rules.length > 1" class="mute">
        For {{ listWords(fresh) }}, new to bins, one rule is enough: the first.
      </p>
      <p class="mute">{{ thrownWords }}</p>
      <details class="no-print">
        <summary>Change the rules</summary>
        <div class="rows">
          <FormField label="Rules, one to a line"
            ><v-textarea v-model="lines" rows="4" auto-grow aria-label="Rules, one to a line" @blur="saveLines"
          /></FormField>
          <FormField label="When filler is thrown"
            ><v-select
              :model-value="rules.thrown"
              aria-label="When filler is thrown"
              :items="THROWN.map(({ value, title: name }) => ({ value, title: name }))"
              @update:model-value="setRules({ thrown: $event })"
          /></FormField>
          <FormField label="Calm times before a finer filler"
            ><v-select
              :model-value="rules.calmTimes"
              aria-label="Calm times before a finer filler"
              :items="[1, 2, 3, 4, 5, 6, 7, 8, 9, 10]"
              @update:model-value="setRules({ calmTimes: $event })"
          /></FormField>
        </div>
      </details>
      <div class="no-print"><v-btn size="small" @click="print">Print</v-btn></div>
    </section>
    <section v-if="kids.length" class="rows no-print" aria-label="How far each one is">
      <h3>How far each one is</h3>
      <div v-for="one in kids" :key="one.child.id" class="kid">
        <span class="mark takes-part" aria-hidden="true">{{ one.mark }}</span>
        <div class="rows">
          <p>
            <b>{{ one.child.name }}</b> <span class="small mute">{{ one.said }}</span>
          </p>
          <p v-if="one.last" class="small mute">{{ one.last }}</p>
          <div v-if="bin" class="moods" role="group" :aria-label="`${one.child.name} at the bin today`">
            <button
              v-for="mood in BIN_MOODS"
              :key="mood"
              type="button"
              class="mood"
              :class="{ on: one.today === mood }"
              :aria-pressed="one.today === mood"
              @click="note(one.child, mood)"
            >
              {{ MOOD_NAMES[mood] }}
            </button>
          </div>
          <p v-if="one.progress.next">
            <TextButton @click="move(one.child, one.progress.next)">{{
              isFiner(one.child, one.progress.next)
                ? `Go on to ${GRAIN_WORDS[grainFor(one.progress.next)]}`
                : `Back to ${GRAIN_WORDS[grainFor(one.progress.next)]} for now`
            }}</TextButton>
          </p>
        </div>
      </div>
    </section>
    <section class="rows no-print" aria-label="This filler’s life">
      <h3>This filler’s life</h3>
      <template v-if="life">
        <div class="row">
          <span>Filled</span><span>{{ mediumDate(life.filledOn) }}</span>
        </div>
        <div class="row">
          <span>Used by {{ countWords(life.kids, 'kid') }}</span
          ><span>{{ countWords(life.days, 'day') }}</span>
        </div>
        <div class="row" :class="{ brick: life.over }">
          <span>Out by</span><b>{{ mediumDate(life.until) }}</b>
        </div>
        <div class="buttons">
          <v-btn size="small" @click="patch('back in its box', null)">Back in its box</v-btn
          ><v-btn size="small" @click="toss">Thrown away</v-btn>
        </div>
      </template>
      <template v-else-if="bin">
        <p class="mute">Not filled yet. Filling it is in preparation until then.</p>
        <div><v-btn size="small" @click="patch('filled', session.today)">Filled today</v-btn></div>
      </template>
      <p v-else class="mute">Choose a filler, and filling it joins preparation and the list.</p>
    </section>
    <p v-if="bin?.hidden.length" class="small mute no-print">
      At cleanup, count back {{ listWords(bin.hidden.map((one) => `${one.count} ${one.name}`)) }}.
    </p>
  </div>
</template>

<style scoped>
.rules {
  padding-left: 22px;
  list-style: decimal;
  font-size: 17px;
}
.kid {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 10px;
  padding: 8px 0;
  border-top: 1px solid var(--edge);
}
.moods {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
  gap: 6px;
}
.mood {
  min-height: 30px;
  padding: 2px 9px;
  border: 1px solid var(--control);
  border-radius: 4px;
  background: var(--paper);
  color: inherit;
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}
.mood.on {
  background: var(--spruce-tint);
  border-color: var(--spruce);
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
summary {
  cursor: pointer;
}
@media (max-width: 700px) {
  .mood {
    min-height: 44px;
  }
}
</style>
