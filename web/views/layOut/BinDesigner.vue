<script setup lang="ts">
import { computed, toRef } from 'vue'
import type { Placement } from '@core/domain'
import { countWords, moneyWords, quantityWords } from '@core/base'
import { capital } from '@core/ideas'
import { cupsIn, readable, roomWords } from '@core/making'
import { coverByPacks } from '@core/supplies'
import { useBin } from '../../composables/useBin'
import { useHouse } from '../../stores/house'
import { useHomeWords } from '../../composables/homeWords'
import BinMeasures from './bin/BinMeasures.vue'
import BinSection from './bin/BinSection.vue'
import FillerRow from './bin/FillerRow.vue'

/** A sensory bin: its section, what it comes to, and which filler is right for who can reach it. */
const props = defineProps<{ placement: Placement }>()
const emit = defineEmits<{ close: [] }>()
const words = useHomeWords()
const house = useHouse()
const { activity, containers, bin, errors, material, facts, ranks, save } = useBin(toRef(props, 'placement'))
const when = computed(() => {
  const { where } = props.placement
  return where.kind === 'moment' ? `day ${where.day}` : `day ${where.fromDay} to ${where.toDay}`
})
const amount = (quantity: number) => quantityWords(readable(quantity), material.value!.unit, words.value.measures)
const packs = computed(() => {
  const [one, quantity] = [material.value, facts.value?.quantity]
  if (!one || !quantity || !one.packs.length) return ''
  const short = Math.max(0, quantity - one.onHand)
  if (!short) return `${amount(one.onHand)} in the house`
  const cover = coverByPacks(short, one.packs)
  const said = cover.packs.map(({ pack, count }) => `${count} of ${amount(pack.size)}`).join(', ')
  return `${said}, ${moneyWords(cover.cost, words.value.currency)}`
})
const rows = computed(() => {
  if (!facts.value || !material.value) return []
  const { ml, weight, quantity, atOnce, inPlace, fillMinutes, sweepMinutes, hidden, needsSheet } = facts.value
  return [
    ['Filler', `${roomWords(ml, words.value.measures)} of ${material.value.name}`],
    ...(weight === null
      ? [['Weighs', 'nobody has said how much a cup of it weighs']]
      : [
          [
            'Weighs',
            `${quantityWords(readable(weight), 'g', words.value.measures)}${inPlace ? ': fill it where it stands' : ''}`,
          ],
        ]),
    ...(quantity !== null && material.value.unit === 'each' ? [['Pieces', String(quantity)]] : []),
    ...(packs.value ? [['Packs', packs.value]] : []),
    ['In cups', String(cupsIn(ml, words.value.measures))],
    ['Kids at once', String(atOnce)],
    ...(hidden ? [['Hidden', `${hidden}: count them back`]] : []),
    ['Under it', needsSheet ? 'a sheet or a blanket' : 'the floor as it is'],
    ['Setting up', `${fillMinutes} min, sweeping ${sweepMinutes} min`],
  ]
})
const dyeWords = computed(() => {
  const dye = facts.value?.dye
  if (!dye) return ''
  const ml = (quantity: number) => quantityWords(readable(quantity), 'ml', words.value.measures)
  return (
    `To color all of it: ${ml(dye.vinegarMl)} of vinegar and ${ml(dye.colorMl)} of color. Spread it on ` +
    `${countWords(dye.trays, 'baking sheet')} to dry, ${dye.hours[0]} to ${dye.hours[1]} hours.`
  )
})
</script>

<template>
  <div class="page">
    <div class="row head">
      <div class="inline">
        <h2>Sensory bin</h2>
        <span class="mute">{{ activity?.title }}, {{ when }}</span>
      </div>
      <v-btn class="no-print" @click="emit('close')">Back to the room</v-btn>
    </div>
    <section class="cubby top" aria-label="The bin">
      <div class="drawn">
        <BinSection v-if="facts && material" :bin="bin" :filler-name="material.name" />
        <p v-else class="notice" role="alert">
          {{ Object.values(errors)[0] ?? 'This filler is not in the pantry any more: choose another.' }}.
        </p>
      </div>
      <dl class="facts">
        <div v-for="[name, said] in rows" :key="name" class="row">
          <dt>{{ name }}</dt>
          <dd>{{ capital(said) }}</dd>
        </div>
        <p v-if="dyeWords" class="small mute">{{ dyeWords }}</p>
      </dl>
      <BinMeasures v-model="bin" class="measures no-print" :containers="containers" :errors="errors" @save="save()" />
    </section>
    <ol class="on-paper">
      <li v-for="rule in house.thisHome.binRules.rules" :key="rule">{{ rule }}</li>
    </ol>
    <p v-if="house.thisHome.binRules.young.length" class="on-paper">
      For toddlers: {{ house.thisHome.binRules.young.join(' ') }}
    </p>
    <h3 class="no-print">Which filler for these kids</h3>
    <ol class="cubby fillers no-print" aria-label="Fillers for these kids">
      <FillerRow
        v-for="rank in ranks"
        :key="rank.material.id"
        :rank="rank"
        :used="rank.material.id === bin.fillerId"
        @use="save({ fillerId: rank.material.id, filledOn: null })"
      />
    </ol>
    <p class="small mute">
      Weights are what a loose cup usually weighs, to about a tenth. Your licensing rules and each child's care plan
      come first.
    </p>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 10px;
  align-content: start;
}
.head {
  align-items: center;
}
.top {
  display: grid;
  grid-template-columns: minmax(0, 6fr) minmax(0, 5fr);
  gap: 10px 26px;
  padding: 14px;
}
.drawn {
  display: grid;
  gap: 12px;
  align-content: start;
}
.measures {
  grid-column: 1 / -1;
}
.facts {
  margin: 0;
}
.facts .row {
  padding: 7px 0;
  border-bottom: 1px solid var(--edge);
}
.facts dd {
  margin: 0;
  font-weight: 650;
  text-align: right;
}
.facts p {
  padding-top: 8px;
}
.fillers {
  list-style: none;
  display: grid;
  gap: 6px;
  padding: 8px;
}
.on-paper {
  display: none;
}
@media print {
  .on-paper {
    display: block;
    list-style: decimal;
    padding: 20px 0 0 40px;
    font: 650 28px/1.6 var(--head);
  }
}
@media (max-width: 900px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
