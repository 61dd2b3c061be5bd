<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { Pack, type BoughtPack } from '@core/domain'
import { moneyWords, quantityWords } from '@core/base'
import { packSum, packWords, type ShopItem } from '@core/supplies'
import { useHomeWords } from '../../composables/homeWords'
import AmountField from '../../parts/fields/AmountField.vue'
import MoneyField from '../../parts/fields/MoneyField.vue'

/** One thing to get: a tick for the packs as they are planned; open, its packs as they are found in the shop. */
const props = defineProps<{ item: ShopItem; open: boolean }>()
const emit = defineEmits<{ toggle: []; got: [packs: BoughtPack[]]; missing: [] }>()
const words = useHomeWords()
/** A pack as it is written down, its price in cents. */
interface FoundPack {
  size: number | null
  sizeFault: string
  count: number
  price: number | null
  priceFault: string
}
const asFound = (pack: Pack, count: number): FoundPack => ({
  size: pack.size,
  sizeFault: '',
  count,
  price: pack.price,
  priceFault: '',
})
const blank = (): FoundPack => ({ size: null, sizeFault: '', count: 1, price: null, priceFault: '' })
const planned = () => props.item.buy.packs.map(({ pack, count }) => asFound(pack, count))
const found = ref<FoundPack[]>([])
watch(
  () => props.open,
  (open) => {
    if (open) found.value = planned()
  },
  { immediate: true },
)
function faultOf(pack: FoundPack): string {
  if (pack.size === null) return 'Write what a pack holds'
  if (pack.sizeFault) return pack.sizeFault
  if (pack.price === null || pack.priceFault) return pack.priceFault || 'Write the price, 0 where it was free'
  return pack.count > 1000 ? 'At most 1,000 packs at once' : ''
}
const faults = computed(() => found.value.map(faultOf))
const come = computed(() =>
  packSum(
    found.value
      .filter((pack) => !faultOf(pack))
      .map(({ size, count, price }) => ({ size: Number(size), count, price: price! })),
  ),
)
function take() {
  const packs = props.open ? found.value.filter((pack) => pack.count > 0) : planned()
  if (!packs.length || packs.some(faultOf)) return
  emit(
    'got',
    packs.map((pack) => ({ size: Number(pack.size), count: pack.count, price: pack.price! })),
  )
}
const wanted = computed(() => props.item.line.shortage + props.item.line.topUp)
const money = (cents: number) => moneyWords(cents, words.value.currency)
const amount = (quantity: number) => quantityWords(quantity, props.item.line.material.unit, words.value.measures)
</script>

<template>
  <div class="card item">
    <div class="head">
      <button type="button" class="box" :aria-label="`Got ${item.line.material.name}`" @click="take" />
      <button type="button" class="what" :aria-expanded="open" @click="$emit('toggle')">
        <b>{{ item.line.material.name }}</b><span class="packs"
          >{{ packWords(item.buy.packs, item.line.material.unit, words.measures)
          }}<span class="mute small">&nbsp; for {{ amount(wanted) }}</span></span
        >
      </button>
      <span class="price">{{ money(item.buy.cost) }}</span>
    </div>
    <form v-if="open" class="found" @submit.prevent="take">
      <div v-for="(pack, i) in found" :key="i" class="pack">
        <div class="count" role="group" :aria-label="`Packs of ${pack.size}`">
          <button
            type="button"
            class="step"
            :aria-label="`One pack of ${pack.size} less`"
            :disabled="pack.count < 1"
            :title="pack.count < 1 ? 'None is taken yet' : undefined"
            @click="pack.count--"
          >
            <v-icon :icon="mdiMinus" size="22" /></button
          ><output>{{ pack.count }}</output
          ><button type="button" class="step" :aria-label="`One pack of ${pack.size} more`" @click="pack.count++">
            <v-icon :icon="mdiPlus" size="22" />
          </button>
        </div>
        <label class="of"
          ><span class="small mute">holds</span
          ><AmountField
            v-model="pack.size"
            :of="item.line.material"
            label="What a pack holds"
            :schema="Pack.shape.size"
            v-model:problem="pack.sizeFault"
            whole
            quiet
        /></label>
        <label class="of"
          ><span class="small mute">a pack</span
          ><MoneyField v-model="pack.price" v-model:problem="pack.priceFault" label="Price of a pack" quiet
        /></label>
        <p v-if="faults[i]" class="small brick" role="alert">{{ faults[i] }}</p>
      </div>
      <p class="small" :class="come.quantity < wanted ? 'ember' : 'mute'">
        {{ amount(come.quantity) }} for {{ money(come.price)
        }}{{
          come.quantity < wanted
            ? `: ${amount(wanted - come.quantity)} still missing`
            : come.quantity > wanted
              ? `, ${amount(come.quantity - wanted)} left for the pantry`
              : ''
        }}
      </p>
      <div class="inline">
        <v-btn
          class="primary"
          type="submit"
          :disabled="faults.some(Boolean) || !come.quantity"
          :title="faults.find(Boolean) ?? (come.quantity ? undefined : 'No pack is taken')"
          >Got it</v-btn
        ><v-btn @click="found.push(blank())">Another pack</v-btn><v-btn @click="$emit('missing')">Out of stock</v-btn>
      </div>
    </form>
  </div>
</template>

<style scoped>
.item {
  display: grid;
}
.head {
  display: grid;
  grid-template-columns: 60px minmax(0, 1fr) auto;
  align-items: center;
  min-height: 62px;
}
.box {
  width: 60px;
  min-height: 62px;
  border: 0;
  background: none;
  cursor: pointer;
  display: grid;
  place-items: center;
}
.box::before {
  content: '';
  width: 30px;
  height: 30px;
  border: 2px solid var(--control);
  border-radius: 5px;
  background: var(--paper);
}
.box:hover::before,
.box:focus-visible::before {
  border-color: var(--spruce);
  background: var(--spruce-tint);
}
.what {
  min-height: 62px;
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  text-align: left;
  display: grid;
  align-content: center;
  cursor: pointer;
  padding: 4px 0;
}
.what b {
  font-size: 18px;
}
.packs {
  display: block;
}
.price {
  padding: 0 14px 0 8px;
  font-size: 17px;
}
.found {
  border-top: 1px solid var(--edge);
  padding: 10px 12px 12px;
  display: grid;
  gap: 8px;
}
.pack {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px;
  align-items: end;
}
.pack p {
  grid-column: 1 / -1;
}
.count {
  display: grid;
  grid-template-columns: 44px 34px 44px;
  align-items: center;
  border: 1px solid var(--control);
  border-radius: 5px;
  background: var(--paper);
  text-align: center;
}
.count output {
  font-weight: 700;
  font-size: 18px;
}
.step {
  min-height: 44px;
  border: 0;
  background: none;
  color: var(--spruce);
  cursor: pointer;
}
.step:disabled {
  color: var(--mute);
}
.of {
  display: grid;
  gap: 2px;
}
@media print {
  .found {
    display: none;
  }
}
</style>
