<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js'
import { computed, nextTick, ref, watch } from 'vue'
import type { Material } from '@core/domain'
import { countStep, countWords, quantityWords } from '@core/base'
import AmountField from '../fields/AmountField.vue'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'

/** Counting one place after the other, with one hand: a number and Enter, or the same and on. */
const props = defineProps<{ materials: readonly Material[] }>()
const house = useHouse()
const supplies = useSupplies()
const places = computed(() =>
  [...new Set(props.materials.map((one) => one.place))].sort((a, b) =>
    a === '' ? 1 : b === '' ? -1 : a.localeCompare(b, 'en'),
  ),
)
const place = ref<string | null>(null)
const here = computed(() =>
  props.materials.filter((one) => one.place === (place.value ?? '')).sort((a, b) => a.name.localeCompare(b.name, 'en')),
)
const counted = ref<Set<string>>(new Set())
const at = ref(0)
const now = computed(() => here.value[at.value])
const found = ref<number | null>(null)
const field = ref<{ focus: () => void; select?: () => void } | null>(null)
const isWrong = computed(() => found.value === null || Number.isNaN(found.value))
const focus = () =>
  nextTick(() => {
    field.value?.focus()
    field.value?.select?.()
  })
watch(now, (one) => {
  if (one) found.value = one.onHand
  void focus()
})
function begin(where: string) {
  place.value = where
  at.value = 0
  counted.value = new Set()
  found.value = here.value[0]?.onHand ?? 0
  void focus()
}
function step(by: number) {
  found.value = Math.max(0, Number((isWrong.value ? 0 : found.value! + by).toFixed(3)))
}
function next() {
  if (!now.value || isWrong.value) return
  void supplies.count(now.value, found.value!)
  counted.value = new Set([...counted.value, now.value.id])
  go(1)
}
function go(by: number) {
  at.value = Math.max(0, at.value + by)
  if (at.value >= here.value.length)
    void nextTick(() => document.querySelector<HTMLElement>('.count-done button')?.focus())
}
const measures = computed(() => house.thisHome.measures)
const stepSize = computed(() =>
  now.value ? countStep(isWrong.value ? null : found.value, now.value.unit, measures.value) : 1,
)
/** One step in words: "1 less", "50 g more". */
const stepWords = computed(() =>
  now.value && stepSize.value !== 1 ? quantityWords(stepSize.value, now.value.unit, measures.value) : '1',
)
</script>

<template>
  <div class="count" role="group" aria-label="Counting">
    <template v-if="place === null">
      <p class="mute">Choose a place, and count what is there. Enter goes on to the next.</p>
      <ul class="places">
        <li v-for="one in places" :key="one">
          <button type="button" class="card place" @click="begin(one)">
            <b>{{ one || 'No place written down' }}</b><span class="mute small">{{
              countWords(materials.filter((material) => material.place === one).length, 'thing')
            }}</span>
          </button>
        </li>
      </ul>
    </template>
    <template v-else>
      <div class="row">
        <h2>{{ place || 'No place written down' }}</h2>
        <TextButton @click="place = null">Another place</TextButton>
      </div>
      <p class="mute" role="status">
        {{ Math.min(at + 1, here.length) }} of {{ here.length }}, {{ counted.size }} counted
      </p>
      <form v-if="now" class="cubby one" @submit.prevent="next">
        <h3 class="name">{{ now.name }}</h3>
        <p class="mute">
          {{ quantityWords(now.onHand, now.unit, measures)
          }}{{ now.counted ? ' by the last count' : ': a usual amount, not counted yet'
          }}<template v-if="now.par !== null"
            >, keep at least {{ quantityWords(now.par, now.unit, measures) }}</template
          >
        </p>
        <div class="number">
          <button type="button" class="step" :aria-label="`${stepWords} less`" @click="step(-stepSize)">
            <v-icon :icon="mdiMinus" size="28" /></button
          ><AmountField
            ref="field"
            v-model="found"
            class="big"
            :key="now.id"
            :of="now"
            :label="`How many ${now.name}`"
          /><button type="button" class="step" :aria-label="`${stepWords} more`" @click="step(stepSize)">
            <v-icon :icon="mdiPlus" size="28" />
          </button>
        </div>
        <div class="inline">
          <v-btn class="primary next" type="submit">{{
            found === now.onHand ? 'The same, next' : 'Count, next'
          }}</v-btn><v-btn @click="go(1)">Skip</v-btn
          ><v-btn :disabled="at === 0" :title="at === 0 ? 'This is the first' : undefined" @click="go(-1)">Back</v-btn>
        </div>
      </form>
      <div v-else class="cubby one count-done" role="status">
        <h3 class="name">
          {{ counted.size === here.length ? 'All counted here' : `${counted.size} of ${here.length} counted here` }}
        </h3>
        <div class="inline">
          <v-btn class="primary" @click="place = null">Another place</v-btn><v-btn @click="at = 0">Count again</v-btn>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.count {
  max-width: 620px;
  display: grid;
  gap: 10px;
}
.places {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 8px;
}
.place {
  width: 100%;
  min-height: 58px;
  display: grid;
  text-align: left;
  padding: 8px 12px;
  font: inherit;
  color: inherit;
  cursor: pointer;
  align-content: center;
}
.one {
  padding: 16px;
  display: grid;
  gap: 12px;
}
.name {
  font-size: 24px;
}
.number {
  display: grid;
  grid-template-columns: 64px minmax(0, 200px) 64px;
  gap: 8px;
  align-items: start;
}
.step {
  min-height: 56px;
  border: 1px solid var(--control);
  border-radius: 5px;
  background: var(--paper);
  color: var(--spruce);
  cursor: pointer;
}
.big :deep(.v-text-field__suffix) {
  min-height: 54px;
}
.big :deep(input) {
  font-size: 28px;
  font-weight: 700;
  text-align: center;
  min-height: 54px;
}
.next {
  min-width: 180px;
}
</style>
