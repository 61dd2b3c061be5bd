<script setup lang="ts">
import { KEPT } from '../composables/kept'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { BoughtPack } from '@core/domain'
import { countWords, longDate, moneyWords, shortDate } from '@core/base'
import { capital } from '@core/ideas'
import { cartOf, notThere, packWords, sumOf, tripsOf, type NotThere, type ShopItem } from '@core/supplies'
import AlsoUnits from '../parts/unit/AlsoUnits.vue'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useSupplies } from '../stores/supplies'
import { useUnit } from '../stores/unit'
import { useWriter } from '../stores/writer'
import CartLines from './shop/CartLines.vue'
import NotThereLines from './shop/NotThereLines.vue'
import ShopLine from './shop/ShopLine.vue'

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

/** The line that is open, by its material. */
const open = ref<string | null>(null)
function take(item: ShopItem, packs: BoughtPack[]) {
  open.value = null
  void supplies.tick(item.line, shop.value, packs)
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
            ? `No connection. ${countWords(writer.pending, 'check mark')} kept on this phone, sent when it is back.`
            : 'Saving'
        }}
      </p>
      <div v-for="(one, i) in writer.twice" :key="i" class="notice soft rows" role="status">
        <p>
          {{ one.by && one.by !== session.user?.name ? one.by : 'Someone' }} had checked off
          {{ house.materialsById.get(one.materialId)?.name }} already: it was bought once.
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
          <ShopLine
            v-for="item in one.items"
            :key="item.line.material.id"
            :item="item"
            :open="open === item.line.material.id"
            @toggle="open = open === item.line.material.id ? null : item.line.material.id"
            @got="(packs) => take(item, packs)"
            @missing="missing(item)"
          />
        </section>
        <p v-if="!wanted.length && !inVain.length" class="mute">
          {{ cart.length ? 'Everything is in the cart.' : 'Have everything here.' }}
        </p>

        <NotThereLines v-if="inVain.length" :items="inVain" :ways-of="ways" @choose="choose" @found="after" />
        <CartLines v-if="cart.length" :cart="cart" @put-back="supplies.putBack" />
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
@media print {
  .picks {
    display: none;
  }
}
</style>
