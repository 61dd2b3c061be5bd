<script setup lang="ts">
import { KEPT } from '../composables/kept'
import { mdiMinus, mdiPlus } from '@mdi/js'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Pack } from '@core/domain'
import { countWords, longDate, moneyWords, quantityWords, shortDate } from '@core/base'
import { cartOf, notThere, packSum, packWords, sumOf, tripsOf, type NotThere, type ShopItem } from '@core/supplies'
import AlsoUnits from '../parts/unit/AlsoUnits.vue'
import AmountField from '../parts/fields/AmountField.vue'
import MoneyField from '../parts/fields/MoneyField.vue'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useSupplies } from '../stores/supplies'
import { useUnit } from '../stores/unit'
import { useWriter } from '../stores/writer'

/**
 * The list in the shop, for one hand: a tick puts packs into the house as they were found, with or without a network.
 */
const unit = useUnit()
const house = useHouse()
const session = useSession()
const supplies = useSupplies()
const writer = useWriter()
const route = useRoute()
const router = useRouter()

const measures = computed(() => house.home?.measures ?? 'metric')
const money = (cents: number) => moneyWords(cents, house.thisHome.currency)
const capital = (text: string) => text.replace(/^./, (letter) => letter.toUpperCase())
const trips = computed(() => tripsOf(supplies.lines))
const shops = computed(() => [
  ...new Set([
    ...trips.value.map((trip) => trip.shop),
    ...supplies.bought.filter((one) => one.date === session.today && one.shop).map((one) => one.shop),
  ]),
])
const shop = computed<string>({
  get: () => shops.value.find((one) => one === route.query.shop) ?? shops.value[0] ?? '',
  set: (name) => void router.replace({ query: { shop: name } }),
})
const here = computed(() => trips.value.filter((trip) => trip.shop === shop.value))
const first = computed(() => here.value[0])
const later = computed(() =>
  here.value.slice(1).flatMap((trip) => trip.items.map((item) => ({ item, date: trip.date }))),
)
/** What was looked for in vain: on this phone, and for today. */
const lacking = useLocalStorage<Record<string, string>>(KEPT.notThere, {})
const lacks = (item: ShopItem) => lacking.value[`${item.line.material.id} ${shop.value}`] === session.today
const wanted = computed(() => (first.value?.items ?? []).filter((item) => !lacks(item)))
const inVain = computed(() => (first.value?.items ?? []).filter(lacks))
const parts = computed(() =>
  [...new Set(wanted.value.map((item) => item.line.material.shopPart))].map((part) => ({
    part,
    items: wanted.value.filter((item) => item.line.material.shopPart === part),
  })),
)

/** What is in the cart: bought today in this shop. A line that was parted over units is one. */
const cart = computed(() =>
  cartOf(supplies.bought, session.today, shop.value).map((line) => ({
    ...line,
    material: house.materialsById.get(line.materialId),
  })),
)
const paid = computed(() => sumOf(cart.value).paid)
const planned = computed(() => wanted.value.reduce((sum, item) => sum + item.buy.cost, 0))

/** The line that is open: its packs as they are found, prices in cents. */
const open = ref<string | null>(null)
interface FoundPack {
  size: number | null
  sizeFault: string
  count: number
  price: number | null
  priceFault: string
}
const found = ref<FoundPack[]>([])
function look(item: ShopItem) {
  if (open.value === item.line.material.id) {
    open.value = null
    return
  }
  open.value = item.line.material.id
  found.value = item.buy.packs.map(({ pack, count }) => asFound(pack, count))
}
const asFound = (pack: Pack, count: number): FoundPack => ({
  size: pack.size,
  sizeFault: '',
  count,
  price: pack.price,
  priceFault: '',
})
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
function take(item: ShopItem) {
  const packs =
    open.value === item.line.material.id
      ? found.value.filter((pack) => pack.count > 0)
      : item.buy.packs.map(({ pack, count }) => asFound(pack, count))
  if (!packs.length || packs.some(faultOf)) return
  open.value = null
  void supplies.tick(
    item.line,
    shop.value,
    packs.map((pack) => ({ size: Number(pack.size), count: pack.count, price: pack.price! })),
  )
}
function missing(item: ShopItem) {
  lacking.value = { ...lacking.value, [`${item.line.material.id} ${shop.value}`]: session.today }
  open.value = null
}
function after(item: ShopItem) {
  const { [`${item.line.material.id} ${shop.value}`]: _, ...rest } = lacking.value
  lacking.value = rest
}
const ways = (item: ShopItem) => notThere(item.line, shop.value, house.thisHome, session.today, supplies.sources)
function choose(item: ShopItem, way: NotThere) {
  if (way.kind !== 'instead') return
  void supplies.useInstead(way.swap, way.material)
  after(item)
}
watch(shop, () => (open.value = null))
const amount = (item: ShopItem, quantity: number) => quantityWords(quantity, item.line.material.unit, measures.value)
const packsOf = (item: ShopItem) => packWords(item.buy.packs, item.line.material.unit, measures.value)
</script>

<template>
  <PlainFrame
    title="In the shop"
    :lead="unit.unit ? supplies.sources.map(({ snapshot }) => snapshot.unit.name).join(' and ') : ''"
  >
    <template #acts
      ><v-btn
        v-if="unit.id && writer.stepsOf(unit.id).undo"
        :title="`Undo: ${writer.stepsOf(unit.id).undo}`"
        @click="writer.undo(unit.id)"
        >Undo</v-btn
      ><v-btn v-if="unit.id" :to="{ name: 'get-ready', params: { unitId: unit.id } }">Whole list</v-btn></template
    >
    <p v-if="!unit.ready" class="mute" role="status">Opening the list</p>
    <div v-else class="shop">
      <p v-if="writer.pending" class="notice soft" role="status">
        {{
          writer.offline
            ? `No connection. ${countWords(writer.pending, 'tick')} kept on this phone, sent when it is back.`
            : 'Saving'
        }}
      </p>
      <div v-for="(one, i) in writer.twice" :key="i" class="notice soft rows" role="status">
        <p>
          {{ one.by && one.by !== session.user?.name ? one.by : 'Someone' }} had ticked
          {{ house.materialsById.get(one.materialId)?.name }} already: it is bought once.
        </p>
        <div class="inline">
          <v-btn size="small" @click="supplies.boughtToo(i)">I bought it too</v-btn
          ><v-btn size="small" @click="writer.forget(i)">Good</v-btn>
        </div>
      </div>
      <AlsoUnits />
      <p v-if="supplies.failed" class="notice" role="alert">The other unit could not be read: {{ supplies.failed }}</p>
      <div class="picks" role="group" aria-label="Shop">
        <button
          v-for="name in shops"
          :key="name"
          type="button"
          class="pick"
          :class="{ on: name === shop }"
          :aria-pressed="name === shop"
          @click="shop = name"
        >
          {{ capital(name) }}
        </button>
      </div>
      <template v-if="shop">
        <p class="mute">
          <template v-if="first"
            >{{
              first.here === first.date
                ? `By ${longDate(first.date)}`
                : `Order by ${longDate(first.date)}, here ${shortDate(first.here)}`
            }}. </template
          >{{ countWords(wanted.length, 'thing') }}, about {{ money(planned)
          }}<template v-if="cart.length">. In the cart {{ cart.length }}, {{ money(paid) }}</template
          >.
        </p>
        <section v-for="one in parts" :key="one.part" class="cubby part" :aria-label="one.part">
          <h2 class="label">{{ capital(one.part) }}</h2>
          <div v-for="item in one.items" :key="item.line.material.id" class="card item">
            <div class="head">
              <button type="button" class="box" :aria-label="`Got ${item.line.material.name}`" @click="take(item)" />
              <button type="button" class="what" :aria-expanded="open === item.line.material.id" @click="look(item)">
                <b>{{ item.line.material.name }}</b><span class="packs"
                  >{{ packsOf(item)
                  }}<span class="mute small"
                    >&nbsp; for {{ amount(item, item.line.shortage + item.line.topUp) }}</span
                  ></span
                >
              </button>
              <span class="price">{{ money(item.buy.cost) }}</span>
            </div>
            <form v-if="open === item.line.material.id" class="found" @submit.prevent="take(item)">
              <div v-for="(pack, i) in found" :key="i" class="pack">
                <div class="count" role="group" :aria-label="`Packs of ${pack.size}`">
                  <button
                    type="button"
                    class="step"
                    :aria-label="`One pack of ${pack.size} less`"
                    :disabled="pack.count < 1"
                    :title="pack.count < 1 ? 'There is none already' : undefined"
                    @click="pack.count--"
                  >
                    <v-icon :icon="mdiMinus" size="22" /></button
                  ><output>{{ pack.count }}</output
                  ><button
                    type="button"
                    class="step"
                    :aria-label="`One pack of ${pack.size} more`"
                    @click="pack.count++"
                  >
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
              <p class="small" :class="come.quantity < item.line.shortage + item.line.topUp ? 'ember' : 'mute'">
                {{ amount(item, come.quantity) }} for {{ money(come.price)
                }}{{
                  come.quantity < item.line.shortage + item.line.topUp
                    ? `: ${amount(item, item.line.shortage + item.line.topUp - come.quantity)} still missing`
                    : come.quantity > item.line.shortage + item.line.topUp
                      ? `, ${amount(item, come.quantity - item.line.shortage - item.line.topUp)} left for the pantry`
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
                ><v-btn @click="found.push({ size: null, sizeFault: '', count: 1, price: null, priceFault: '' })"
                  >Another pack</v-btn
                ><v-btn @click="missing(item)">Not there</v-btn>
              </div>
            </form>
          </div>
        </section>
        <p v-if="!wanted.length && !inVain.length" class="mute">
          {{ cart.length ? 'Everything is in the cart.' : 'Nothing to get here.' }}
        </p>

        <section v-if="inVain.length" class="cubby part" aria-label="Not there">
          <h2 class="label ember">Not there</h2>
          <div v-for="item in inVain" :key="item.line.material.id" class="card item vain">
            <div class="row">
              <b>{{ item.line.material.name }}</b><button type="button" class="why" @click="after(item)">
                found it
              </button>
            </div>
            <ul class="rows">
              <li v-for="way in ways(item)" :key="way.words">
                <v-btn v-if="way.kind === 'instead'" class="way" @click="choose(item, way)">{{ way.words }}</v-btn><span
                  v-else-if="way.kind === 'elsewhere'"
                  :class="{ brick: way.lateDays > 0 }"
                  >{{ way.words }}</span
                ><span v-else class="mute">{{ way.words }}</span>
              </li>
            </ul>
          </div>
        </section>
        <section v-if="cart.length" class="cubby part" aria-label="In the cart">
          <h2 class="label">In the cart</h2>
          <div v-for="one in cart" :key="one.purchases[0].id" class="card item done">
            <span class="tick" aria-hidden="true">✓</span
            ><span
              ><b>{{ one.material?.name }}</b
              ><span class="packs"
                >{{ quantityWords(one.quantity, one.material?.unit ?? 'each', measures) }}, {{ money(one.paid) }}</span
              ></span
            ><button
              type="button"
              class="why"
              :aria-label="`Put ${one.material?.name} back`"
              @click="supplies.putBack(one.purchases)"
            >
              put back
            </button>
          </div>
        </section>
        <section v-if="later.length" class="rows">
          <h3>Here too, but not yet</h3>
          <p v-for="one in later" :key="`${one.date} ${one.item.line.material.id}`" class="small mute">
            {{ one.item.line.material.name }}, {{ packsOf(one.item) }}: {{ shortDate(one.date)
            }}{{ one.item.line.material.keepsDays !== null ? ', it does not keep' : ' is early enough' }}
          </p>
        </section>
      </template>
      <div v-else class="stack"><p class="mute">Nothing has to be bought.</p></div>
    </div>
  </PlainFrame>
</template>

<style scoped>
.shop {
  max-width: 620px;
  display: grid;
  gap: 12px;
}
.picks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.pick {
  flex: none;
  min-height: 44px;
  padding: 0 14px;
  border: 1px solid var(--edge-strong);
  border-radius: 5px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-weight: 650;
  cursor: pointer;
}
.pick.on {
  background: var(--spruce);
  border-color: var(--spruce);
  color: var(--on-spruce);
}
.part {
  padding: 8px;
  display: grid;
  gap: 6px;
}
.label {
  font-size: 16px;
  padding: 0 4px;
}
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
.vain {
  padding: 8px 12px;
  gap: 6px;
}
.vain li {
  padding: 2px 0;
}
.way {
  text-align: left;
}
.done {
  grid-template-columns: 40px minmax(0, 1fr) auto;
  align-items: center;
  padding: 6px 12px 6px 8px;
  color: var(--mute);
}
.done .tick {
  color: var(--spruce);
  font-weight: 700;
  font-size: 20px;
  text-align: center;
}
@media print {
  .picks,
  .found {
    display: none;
  }
}
</style>
