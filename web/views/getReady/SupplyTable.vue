<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import { countWords, moneyWords, quantityWords, WAY_NAMES } from '@core/base'
import type { Way } from '@core/domain'
import { estimateOf, estimateWords, isToGet, supplyGroups, type GroupEntry, type SupplyLine } from '@core/supplies'
import AlsoUnits from '../../parts/unit/AlsoUnits.vue'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'
import SupplyRow from './SupplyRow.vue'

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
  <div class="supply" role="group" aria-label="What to get">
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
              : 'Have everything: all of it is in the house'
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
          <v-list density="compact" role="menu"
            ><v-list-item
              role="menuitem"
              :href="`/api/v1/units/${store.id}/supplies.csv${query}`"
              download
              title="Table (CSV)" /><v-list-item
              role="menuitem"
              :href="`/api/v1/units/${store.id}/supplies.md${query}`"
              download
              title="Text (Markdown)" /></v-list
        ></v-menu>
        <v-btn class="primary" :to="{ name: 'shop', params: { unitId: store.id! } }">In the shop</v-btn>
      </div>
    </div>
    <p v-if="unmarked" class="notice soft no-print">
      {{ countWords(unmarked, 'thing') }} of past days {{ unmarked === 1 ? 'is' : 'are' }} marked neither done nor
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
        <SupplyRow
          v-for="entry in group.entries"
          :key="entry.line.material.id"
          :entry="entry"
          :selected="props.openId === entry.line.material.id"
          @keydown="key($event, entry.line)"
          @got="got(entry)"
          @select="emit('select', entry.line)"
        />
      </ul>
    </section>
    <p v-if="groups.length" class="small mute keys no-print">
      On a line:
      <span v-for="(way, letter) in KEYS" :key="letter" class="key"
        ><kbd>{{ letter }}</kbd> {{ WAY_NAMES[way].toLowerCase() }}</span
      >
    </p>

    <section v-if="have.length" class="have">
      <TextButton class="k-label no-print" :aria-expanded="showHave" @click="showHave = !showHave">
        {{ showHave ? 'Hide' : 'Show' }} what is in the house already, {{ countWords(have.length, 'thing') }}
      </TextButton>
      <ul v-if="showHave" class="have-list" aria-label="In the house already">
        <li v-for="line in have" :key="line.material.id">
          <TextButton class="name" @click="emit('select', line)">{{ line.material.name }}</TextButton>
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
  .have-list {
    columns: 1;
  }
  .keys {
    display: none;
  }
}
</style>
