<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import { countWords, moneyWords, quantityWords, shortDate, WAY_NAMES } from '@core/base'
import type { Way } from '@core/domain'
import {
  besidesWords,
  estimateOf,
  estimateWords,
  getByWords,
  isToGet,
  packWords,
  supplyGroups,
  type GroupEntry,
  type SupplyLine,
} from '@core/supplies'
import AlsoUnits from '../../parts/unit/AlsoUnits.vue'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'

/** What to get, by where: a tick says that it is here. One key says how a thing is got. */
const props = defineProps<{ openId: string | null }>()
const emit = defineEmits<{ select: [line: SupplyLine] }>()
const store = useUnit()
const house = useHouse()
const session = useSession()
const supplies = useSupplies()
const showHave = ref(false)
const measures = computed(() => house.home?.measures ?? 'metric')
const groups = computed(() => supplyGroups(supplies.lines))
const missing = computed(() => supplies.lines.filter(isToGet))
const have = computed(() => supplies.lines.filter((line) => !isToGet(line) && line.material.way !== 'have'))
const late = computed(() => missing.value.filter((line) => line.late).length)
const estimate = computed(() => estimateOf(supplies.lines, session.today))
const money = computed(() => store.readings?.money)
/** What lies behind and was marked neither done nor skipped: its materials still count as here. */
const unmarked = computed(
  () =>
    (store.readings?.plan.sessions ?? []).filter(
      (one) => one.block && one.placement.status === 'planned' && one.days[0].date < session.today,
    ).length,
)
const words = (cents: number) => moneyWords(cents, house.thisHome.currency)
const amount = (line: SupplyLine, quantity: number) => quantityWords(quantity, line.material.unit, measures.value)
const packs = ({ line, buy }: GroupEntry) => packWords(buy?.packs ?? [], line.material.unit, measures.value)
const leftover = ({ line, buy }: GroupEntry) =>
  buy && line.buys.length === 1 && line.cover && line.cover.leftover > 0
    ? `${amount(line, line.cover.leftover)} left over`
    : ''
/** How the number comes about, in short. Where it is the need itself there is nothing to say. */
function sum(line: SupplyLine): string {
  const here = `${amount(line, line.onHand)} ${line.spokenFor.length ? 'free' : 'here'}`
  if (!line.shortage)
    return line.need && line.material.use === 'consumable'
      ? `${amount(line, line.onHand + line.coming - line.need)} will be left`
      : here
  const less = [
    line.onHand || line.spokenFor.length ? here : '',
    line.coming ? `${amount(line, line.coming)} promised` : '',
  ].filter(Boolean)
  return [
    less.length || line.topUp ? amount(line, line.need) : '',
    ...less.map((part) => `− ${part}`),
    line.topUp ? `+ ${amount(line, line.topUp)} for the house` : '',
  ]
    .filter(Boolean)
    .join(' ')
}
function got({ line, buy }: GroupEntry) {
  if (buy)
    void supplies.tick(
      line,
      buy.shop,
      buy.packs.map(({ pack, count }) => ({ size: pack.size, count, price: pack.price })),
    )
  else void supplies.got(line, line.shortage + line.topUp)
}
const KEYS: Record<string, Way> = { b: 'buy', g: 'gather', o: 'borrow', a: 'ask', h: 'have' }
/** One key on a line says how it is got; arrows go to the next. */
function key(event: KeyboardEvent, line: SupplyLine) {
  if (event.ctrlKey || event.metaKey || event.altKey || (event.target as HTMLElement).tagName === 'INPUT') return
  const way = KEYS[event.key]
  if (way) {
    event.preventDefault()
    if (way !== line.material.way) void supplies.setWay(line.material, way)
    return
  }
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return
  event.preventDefault()
  const all = [...document.querySelectorAll<HTMLElement>('.supply .line .name')]
  const at = all.findIndex((one) => one.closest('.line') === (event.currentTarget as HTMLElement))
  all[at + (event.key === 'ArrowDown' ? 1 : -1)]?.focus()
}
const print = () => window.print()
const query = computed(() => (supplies.also.length ? `?also=${supplies.also.join(',')}` : ''))
</script>

<template>
  <div class="supply">
    <div class="row top">
      <div>
        <h2>
          What to get<template v-if="supplies.sources.length > 1">
            for {{ supplies.sources.map(({ snapshot }) => snapshot.unit.name).join(' and ') }}</template
          >
        </h2>
        <p class="mute">
          {{
            missing.length
              ? `${countWords(missing.length, 'thing')} to get`
              : 'Nothing to get: all of it is in the house'
          }}<template v-if="late"
            >, <span class="brick">{{ late }} late</span></template
          ><template v-if="missing.length">. {{ estimateWords(estimate, house.thisHome.currency) }}</template
          ><template v-if="money"
            >. {{ words(money.spent) }} spent<template v-if="money.budget !== null">
              of {{ words(money.budget) }}</template
            ></template
          >.
        </p>
      </div>
      <div class="inline no-print acts">
        <AlsoUnits />
        <v-btn @click="print"><v-icon :icon="mdiPrinterOutline" size="20" start />Print</v-btn>
        <v-menu location="bottom end"
          ><template #activator="{ props: menu }"><v-btn v-bind="menu">Save as</v-btn></template>
          <v-list density="compact"
            ><v-list-item
              :href="`/api/v1/units/${store.id}/supplies.csv${query}`"
              download
              title="Table (CSV)" /><v-list-item
              :href="`/api/v1/units/${store.id}/supplies.md${query}`"
              download
              title="Text (Markdown)" /></v-list
        ></v-menu>
        <v-btn class="primary" :to="{ name: 'shop', params: { unitId: store.id! } }">In the shop</v-btn>
      </div>
    </div>
    <p v-if="unmarked" class="notice soft no-print">
      {{ countWords(unmarked, 'thing') }} of days gone by {{ unmarked === 1 ? 'is' : 'are' }} marked neither done nor
      skipped, so what {{ unmarked === 1 ? 'it' : 'they' }} used still counts as here.
      <router-link :to="{ name: 'look-back', params: { unitId: store.id! } }">Look back</router-link>
    </p>
    <p v-if="supplies.failed" class="notice" role="alert">The other unit could not be read: {{ supplies.failed }}</p>

    <section v-for="group in groups" :key="group.key" class="cubby group" :aria-label="group.title">
      <div class="row paper">
        <h3>{{ group.title }}</h3>
        <span class="mute"
          >{{ countWords(group.entries.length, 'thing')
          }}<template v-if="group.cost"> · {{ words(group.cost) }}</template></span
        >
      </div>
      <ul>
        <li
          v-for="entry in group.entries"
          :key="entry.line.material.id"
          class="card line keep"
          :class="{ 'is-selected': props.openId === entry.line.material.id }"
          @keydown="key($event, entry.line)"
        >
          <v-checkbox
            class="tick"
            :model-value="false"
            :aria-label="`Got ${entry.line.material.name}`"
            @update:model-value="got(entry)"
          />
          <div class="what">
            <button type="button" class="why name" @click="emit('select', entry.line)">
              {{ entry.line.material.name }}</button><span class="small mute">{{
              besidesWords(entry.line, measures) || entry.line.material.shopPart
            }}</span>
          </div>
          <button type="button" class="why num" @click="emit('select', entry.line)">
            <span class="sr-only">Why, {{ entry.line.material.name }}: </span
            ><b>{{ amount(entry.line, entry.line.shortage + entry.line.topUp) }}</b
            ><span class="small mute">{{ sum(entry.line) }}</span>
          </button>
          <div class="packs">
            {{ packs(entry) || (entry.line.unpriced ? 'no pack known' : '')
            }}<span v-if="leftover(entry)" class="small mute">{{ leftover(entry) }}</span>
          </div>
          <div class="when" :class="entry.line.late ? 'brick' : ''">
            {{ getByWords(entry.line)
            }}<span v-if="!getByWords(entry.line) && entry.line.firstUse" class="mute small"
              >for {{ shortDate(entry.line.firstUse.date) }}</span
            >
          </div>
          <div class="cost">{{ entry.buy?.cost ? words(entry.buy.cost) : '' }}</div>
        </li>
      </ul>
    </section>
    <p v-if="groups.length" class="small mute keys no-print">
      On a line:
      <span v-for="(way, letter) in KEYS" :key="letter" class="key"
        ><kbd>{{ letter }}</kbd> {{ WAY_NAMES[way].toLowerCase() }}</span
      >
    </p>

    <section v-if="have.length" class="have">
      <button type="button" class="why k-label no-print" :aria-expanded="showHave" @click="showHave = !showHave">
        {{ showHave ? 'Hide' : 'Show' }} what is in the house already, {{ countWords(have.length, 'thing') }}
      </button>
      <ul v-if="showHave" class="have-list">
        <li v-for="line in have" :key="line.material.id">
          <button type="button" class="why name" @click="emit('select', line)">{{ line.material.name }}</button>
          <span class="mute small"
            >{{ amount(line, line.need) }} of {{ amount(line, line.onHand)
            }}{{ line.material.place ? `, ${line.material.place}` : '' }}</span
          >
        </li>
      </ul>
    </section>
    <div v-if="!supplies.lines.length" class="stack">
      <p class="mute">Nothing is laid out yet that takes anything.</p>
      <div>
        <v-btn class="primary" :to="{ name: 'lay-out', params: { unitId: store.id! } }">Lay out the days</v-btn>
      </div>
    </div>
  </div>
</template>

<style scoped>
.top {
  margin-bottom: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.group {
  padding: 6px;
  margin-bottom: 12px;
}
.group ul {
  display: grid;
  gap: 5px;
}
.paper {
  padding: 2px 8px 6px;
}
.line {
  display: grid;
  grid-template-columns: 34px minmax(0, 1.4fr) minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 1.2fr) 60px;
  gap: 10px;
  align-items: center;
  padding: 4px 12px 4px 4px;
}
.name {
  font-weight: 650;
  color: var(--ink);
  text-decoration: none;
  padding: 0;
  font-size: 16px;
}
.name:hover {
  text-decoration: underline;
}
.what,
.num,
.packs,
.when {
  display: grid;
  line-height: 1.25;
}
.num {
  padding: 2px 0;
  text-decoration: none;
  color: var(--ink);
}
.num b {
  text-decoration: underline;
  text-underline-offset: 2px;
  color: var(--spruce);
}
.cost {
  text-align: right;
}
.keys {
  margin-bottom: 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
}
kbd {
  font: inherit;
  font-weight: 650;
  background: var(--well);
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  padding: 0 6px;
}
.have {
  margin-top: 4px;
}
.have-list {
  columns: 2;
  column-gap: 24px;
  padding-top: 8px;
}
.have-list li {
  break-inside: avoid;
  padding: 2px 0;
}
@media (max-width: 720px) {
  .line {
    grid-template-columns: 44px minmax(0, 1fr) auto;
    gap: 2px 8px;
    padding: 6px 10px 6px 2px;
  }
  .tick {
    grid-row: 1 / 3;
  }
  .num {
    text-align: right;
    justify-items: end;
  }
  .packs {
    grid-column: 2;
    font-size: 15px;
  }
  .when {
    grid-column: 2 / -1;
    font-size: 15px;
  }
  .packs:empty,
  .when:empty,
  .cost:empty {
    display: none;
  }
  .cost {
    grid-column: 3;
    grid-row: 2;
  }
  .have-list {
    columns: 1;
  }
  .keys {
    display: none;
  }
}
@media print {
  .line {
    grid-template-columns: 26px 2fr 1.4fr 1.3fr 1.6fr 60px;
  }
}
</style>
