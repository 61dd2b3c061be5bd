<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { WAYS, type Pack, type Way } from '@core/domain'
import { countWords, fullDate, longDate, moneyWords, quantityWords, WAY_NAMES } from '@core/base'
import { capital } from '@core/ideas'
import { besidesWords, getByWords, isToGet, needWords, surenessOf, type SupplyLine } from '@core/supplies'
import { isForUnit } from '@core/printing'
import AmountField from '../fields/AmountField.vue'
import { useOpenSession } from '../../composables/useOpenSession'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'

const MixLink = defineAsyncComponent(() => import('./MixLink.vue'))

/** One line of the supply list, down to where each number comes from. */
const props = defineProps<{ line: SupplyLine }>()
const store = useUnit()
const house = useHouse()
const opening = useOpenSession()
const supplies = useSupplies()
const measures = computed(() => house.thisHome.measures)
const material = computed(() => props.line.material)
const amount = (quantity: number) => quantityWords(quantity, material.value.unit, measures.value)
const words = (cents: number) => moneyWords(cents, house.thisHome.currency)
const onHand = ref<number | null>(material.value.onHand)
watch(
  () => material.value.onHand,
  (now) => (onHand.value = now),
)
function count() {
  if (onHand.value !== null && !Number.isNaN(onHand.value)) void supplies.count(material.value, onHand.value)
}
const setWay = (way: Way) => supplies.setWay(material.value, way)
const SURE = { seen: 'seen lately', old: 'an older price', guess: 'an example price' } as const
const seenWords = (pack: Pack) =>
  pack.seen ? `${SURE[surenessOf(pack, store.snapshot!.today)]}, ${fullDate(pack.seen)}` : SURE.guess
</script>

<template>
  <div class="stack">
    <div>
      <h2>{{ material.name }}</h2>
      <p class="mute small">{{ material.place ? `Kept: ${material.place}` : 'No place written down' }}</p>
    </div>
    <section class="rows">
      <h3>{{ material.use === 'reusable' ? 'Most in use at one time' : 'Needed in all' }}: {{ amount(line.need) }}</h3>
      <p v-if="line.peak" class="small mute">
        {{
          line.peak.from === line.peak.to
            ? `On ${longDate(line.peak.from)}`
            : `From ${longDate(line.peak.from)} to ${longDate(line.peak.to)}`
        }}
      </p>
      <div
        v-for="need in line.needs"
        :key="need.session.placement.id + need.requirement.id + (need.insteadOf?.id ?? '')"
        class="need"
      >
        <div class="row">
          <router-link :to="opening.placeOf(need.session)" @click="opening.choose(need.session)">{{
            isForUnit(need.requirement.id) ? 'Cards and sheets for the unit' : need.session.activity.title
          }}</router-link><b>{{ amount(need.quantity) }}</b>
        </div>
        <p class="small mute">
          {{ needWords(need, measures)
          }}<template v-if="need.short > 0"
            >. <span class="ember">{{ amount(need.short) }} short here</span></template
          >
        </p>
      </div>
    </section>
    <section class="rows">
      <h3>In the house</h3>
      <AmountField v-model="onHand" :of="material" :label="`On hand, ${material.name}`" @done="count" />
      <p v-if="besidesWords(line, measures)" class="small mute">{{ capital(besidesWords(line, measures)) }}.</p>
      <div v-if="line.shortage > 0" class="row">
        <span>Short</span><b class="ember">{{ amount(line.shortage) }}</b>
      </div>
      <div v-if="line.topUp > 0" class="row">
        <span>For the always-have list</span><b>{{ amount(line.topUp) }}</b>
      </div>
    </section>
    <section v-if="line.cover" class="rows">
      <h3>Packs</h3>
      <div v-for="(buy, i) in line.buys" :key="i" class="need">
        <div v-for="one in buy.packs" :key="one.pack.size" class="row">
          <span>{{ one.count }} × {{ amount(one.pack.size) }}, {{ buy.shop }}</span
          ><span>{{ words(one.pack.price * one.count) }}</span>
        </div>
        <p class="small mute">
          {{
            buy.trip.here === buy.trip.date
              ? longDate(buy.trip.date)
              : `Order ${longDate(buy.trip.date)}, here ${longDate(buy.trip.here)}`
          }}<template v-if="buy.trip.lateDays"
            >, <span class="brick">{{ countWords(buy.trip.lateDays, 'day') }} late</span></template
          >. {{ capital(buy.packs.map((one) => seenWords(one.pack)).join(', ')) }}.
        </p>
      </div>
      <p class="small mute">
        The cheapest of
        {{ material.packs.map((pack) => `${amount(pack.size)} at ${words(pack.price)}`).join(', ') }} that are in time.
        {{ line.cover.leftover > 0 ? `${amount(line.cover.leftover)} left for the pantry.` : 'Nothing left over.' }}
      </p>
    </section>
    <p v-else-if="line.unpriced" class="small">
      No pack is written down.
      <router-link :to="{ name: 'pantry', query: { find: material.name } }">Give it one in the pantry</router-link>.
    </p>
    <MixLink v-if="material.use === 'consumable'" :material-id="material.id" />
    <section v-if="line.firstUse" class="rows">
      <h3>When</h3>
      <p>
        First used {{ longDate(line.firstUse.date)
        }}<template v-if="line.firstUse.by === 'prep'">, to prepare: {{ line.firstUse.step }}</template
        >.
      </p>
      <p v-if="isToGet(line) && getByWords(line)" :class="{ brick: line.late }">{{ capital(getByWords(line)) }}.</p>
      <p v-if="line.ask && !line.fellBack" class="small mute">
        Ask by {{ fullDate(line.ask.on) }}, to have it by {{ fullDate(line.ask.bringBy) }}: what does not come can still
        be bought after that.
      </p>
      <p v-if="line.getBy?.spoils && line.lastUse" class="small mute">
        It keeps {{ material.keepsDays }} days and is last used {{ fullDate(line.lastUse) }}.
      </p>
    </section>
    <label class="rows"
      ><span class="k-label">How</span
      ><v-select
        :model-value="material.way"
        :items="WAYS.map((way) => ({ title: WAY_NAMES[way], value: way }))"
        aria-label="How you will get it"
        @update:model-value="setWay"
    /></label>
  </div>
</template>

<style scoped>
.stack {
  font-size: 15px;
}
.need {
  border-top: 1px solid var(--edge);
  padding-top: 4px;
}
</style>
