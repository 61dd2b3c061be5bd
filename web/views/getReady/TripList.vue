<script setup lang="ts">
import { mdiCalendarOutline } from '@mdi/js'
import { computed } from 'vue'
import { countWords, longDate, moneyWords, quantityWords, shortDate } from '@core/base'
import { capital } from '@core/ideas'
import { isToGet, packWords, type ShopItem, type SupplyLine } from '@core/supplies'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'

/** The ways to the shops: each thing on the last one that is early enough, and late enough where it does not keep. */
const emit = defineEmits<{ select: [line: SupplyLine] }>()
const store = useUnit()
const house = useHouse()
const supplies = useSupplies()
const measures = computed(() => house.home?.measures ?? 'metric')
const words = (cents: number) => moneyWords(cents, house.thisHome.currency)
const packs = ({ line, buy }: ShopItem) => packWords(buy.packs, line.material.unit, measures.value)
const unpriced = computed(() => supplies.lines.filter((line) => isToGet(line) && line.unpriced))
const query = computed(() => (supplies.also.length ? `?also=${supplies.also.join(',')}` : ''))
</script>

<template>
  <div>
    <div class="row top">
      <div>
        <h2>Trips</h2>
        <p class="mute">
          {{
            supplies.trips.length
              ? `${countWords(supplies.trips.length, 'trip')}, ` +
                `${words(supplies.trips.reduce((sum, trip) => sum + trip.cost, 0))} in all. Days and delivery ` +
                'of each shop stand in '
              : 'Nothing has to be bought. Days and delivery of each shop stand in '
          }}<router-link :to="{ name: 'home', query: { tab: 'settings' } }">Home</router-link>.
        </p>
      </div>
      <v-btn
        v-if="supplies.trips.length"
        class="no-print"
        :href="`/api/v1/units/${store.id}/trips.ics${query}`"
        download
        ><v-icon :icon="mdiCalendarOutline" size="20" start />Add to a calendar</v-btn
      >
    </div>
    <section
      v-for="trip in supplies.trips"
      :key="`${trip.date} ${trip.shop}`"
      class="cubby trip keep"
      :aria-label="`${capital(trip.shop)}, ${longDate(trip.date)}`"
    >
      <div class="row head">
        <div>
          <h3>{{ capital(trip.shop) }}</h3>
          <p class="mute">
            {{
              trip.here === trip.date
                ? longDate(trip.date)
                : `Order ${longDate(trip.date)}, here ${shortDate(trip.here)}`
            }}
          </p>
        </div>
        <span class="mute">{{ words(trip.cost) }}</span>
      </div>
      <ul>
        <li v-for="item in trip.items" :key="item.line.material.id" class="row">
          <TextButton class="name" @click="emit('select', item.line)"> {{ item.line.material.name }}</TextButton><span
            >{{ packs(item)
            }}<span v-if="item.buy.trip.lateDays" class="brick small"
              >&nbsp;{{ countWords(item.buy.trip.lateDays, 'day') }} late</span
            ></span
          >
        </li>
      </ul>
      <div class="no-print">
        <v-btn
          size="small"
          :to="{ name: 'shop', params: { unitId: store.id! }, query: { shop: trip.shop, date: trip.date } }"
          >Shop this list</v-btn
        >
      </div>
    </section>
    <p v-if="unpriced.length" class="notice soft">
      No pack and no price is known for
      {{
        unpriced
          .map((line) => `${line.material.name} (${quantityWords(line.shortage, line.material.unit, measures)})`)
          .join(', ')
      }}, so they are on no trip. Give them a pack in the <router-link to="/pantry">pantry</router-link>.
    </p>
  </div>
</template>

<style scoped>
.top {
  margin-bottom: 12px;
  align-items: center;
  flex-wrap: wrap;
  max-width: 760px;
}
.trip {
  padding: 8px 14px 10px;
  margin-bottom: 12px;
  max-width: 760px;
  display: grid;
  gap: 6px;
}
.trip li {
  padding: 3px 0;
  border-top: 1px solid var(--edge);
}
.name {
  color: var(--ink);
  text-decoration: none;
  font-weight: 650;
  padding: 2px 0;
}
.name:hover {
  text-decoration: underline;
}
</style>
