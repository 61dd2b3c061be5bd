<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Way } from '@core/domain'
import { WAYS } from '@core/domain'
import { fullDate, longDate, moneyWords, quantityWords, WAY_NAMES } from '@core/format'
import { getByWords, needWords, type SupplyLine } from '@core/supplies'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** One line of the supply list, down to where each number comes from. */
const props = defineProps<{ line: SupplyLine }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const measures = computed(() => house.home!.measures)
const material = computed(() => props.line.material)
const amount = (quantity: number) => quantityWords(quantity, material.value.unit, measures.value)
const words = (cents: number) => moneyWords(cents, house.home!.currency)
const onHand = ref(String(material.value.onHand))
watch(() => material.value.onHand, (now) => (onHand.value = String(now)))
const wrong = computed(() => {
  const count = Number(onHand.value)
  return onHand.value.trim() === '' || !Number.isFinite(count) ? 'Write a number' : count < 0 ? 'It cannot be less than nothing' : count > 10_000_000 ? 'At most 10,000,000' : ''
})
function count() {
  if (!wrong.value && Number(onHand.value) !== material.value.onHand) void store.commit(`Count ${material.value.name}`, [{ put: 'material', value: { ...material.value, onHand: Number(onHand.value) } }])
}
const setWay = (way: Way) => store.commit(`${material.value.name}: ${WAY_NAMES[way].toLowerCase()}`, [{ put: 'material', value: { ...material.value, way } }])
</script>

<template>
  <div class="stack">
    <div><h2>{{ material.name }}</h2><p class="mute small">{{ material.place ? `Kept: ${material.place}` : 'No place written down' }}</p></div>
    <section class="rows"><h3>{{ material.use === 'reusable' ? 'At most in use at once' : 'Needed in all' }}: {{ amount(line.need) }}</h3>
      <p v-if="line.peak" class="small mute">{{ line.peak.from === line.peak.to ? `On ${longDate(line.peak.from)}` : `From ${longDate(line.peak.from)} to ${longDate(line.peak.to)}` }}</p>
      <div v-for="need in line.needs" :key="need.session.placement.id + need.requirement.id" class="need">
        <div class="row"><router-link :to="{ name: 'lay-out', params: { unitId: store.id! } }" @click="board.selected = { kind: 'placement', id: need.session.placement.id }">{{ need.session.activity.title }}</router-link><b>{{ amount(need.quantity) }}</b></div>
        <p class="small mute">{{ needWords(need, measures) }}<template v-if="need.short > 0">. <span class="ember">{{ amount(need.short) }} short here</span></template></p>
      </div>
    </section>
    <section class="rows"><h3>In the house</h3>
      <form class="inline" @submit.prevent="count"><v-text-field v-model="onHand" inputmode="decimal" :aria-label="`On hand, in ${material.unit}`" :suffix="material.unit" :error-messages="wrong" @blur="count" /></form>
      <div v-if="line.shortage > 0" class="row"><span>Short</span><b class="ember">{{ amount(line.shortage) }}</b></div>
    </section>
    <section v-if="line.cover" class="rows"><h3>Packs</h3>
      <div v-for="one in line.cover.packs" :key="one.pack.size" class="row"><span>{{ one.count }} × {{ amount(one.pack.size) }}, {{ one.pack.shop }}</span><span>{{ words(one.pack.price * one.count) }}</span></div>
      <p class="small mute">The cheapest of {{ material.packs.map((pack) => `${amount(pack.size)} at ${words(pack.price)}`).join(', ') }}. {{ line.cover.leftover > 0 ? `${amount(line.cover.leftover)} left over.` : 'Nothing left over.' }}</p>
    </section>
    <section class="rows"><h3>When</h3>
      <p>First used {{ longDate(line.firstUse.date) }}<template v-if="line.firstUse.by === 'prep'">, to prepare: {{ line.firstUse.step }}</template>.</p>
      <p v-if="getByWords(line)" :class="{ brick: line.late }">{{ line.late ? `It is ${getByWords(line)}` : `Get it ${getByWords(line)}` }}.</p>
      <p v-if="line.getBy?.spoils" class="small mute">It keeps {{ material.keepsDays }} days and is last used {{ fullDate(line.lastUse) }}.</p>
    </section>
    <label class="rows"><span class="k-label">How</span><v-select :model-value="material.way" :items="WAYS.map((way) => ({ title: WAY_NAMES[way], value: way }))" aria-label="How it is got" @update:model-value="setWay" /></label>
  </div>
</template>

<style scoped>
.stack { font-size: 15px; }
.need { border-top: 1px solid var(--edge); padding-top: 4px; }
</style>
