<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { Purchase, Row } from '@core/domain'
import { countWords, fullDate, moneyWords, quantityWords } from '@core/base'
import { byCategory, categoryOf } from '@core/papers'
import { sumOf } from '@core/supplies'
import { api } from '../api/client'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import { useHouse } from '../stores/house'
import { useRows } from '../stores/rows'
import { useSession } from '../stores/session'

/** What was bought in a year, by category and month, for the tax folder. */
const house = useHouse()
const rows = useRows()
const session = useSession()
const year = ref(Number(session.today.slice(0, 4)))
const purchases = shallowRef<Row<'purchase'>[] | null>(null)
const problem = ref('')
async function load() {
  problem.value = ''
  purchases.value = null
  try {
    purchases.value = (await api.purchases(year.value)).rows
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  }
}
watch(year, load, { immediate: true })
const words = (cents: number) => moneyWords(cents, house.thisHome.currency)
const items = computed(() =>
  (purchases.value ?? [])
    .map((row) => rows.get('purchase', row.value.id) ?? row.value)
    .map((one) => {
      const material = house.materialsById.get(one.materialId)
      return {
        one,
        material,
        category: categoryOf(one, material),
        unit: one.unitId === null ? 'The house' : (house.units.find((unit) => unit.id === one.unitId)?.name ?? ''),
      }
    }),
)
const total = computed(() => sumOf(items.value.map((item) => item.one)).paid)
const categories = computed(() =>
  byCategory(
    items.value.map((item) => item.one),
    house.materialsById,
  ),
)
const editing = ref<string | null>(null)
const typed = ref<string | null>('')
function edit(id: string, category: string) {
  typed.value = category
  editing.value = id
}
function setCategory(one: Purchase) {
  if (editing.value !== one.id) return
  const category = (typed.value ?? '').trim()
  editing.value = null
  // A unit that was opened meanwhile has only its own: what is changed here starts from what was read here.
  const read = purchases.value?.find((row) => row.value.id === one.id)
  if (read && rows.version('purchase', one.id) < read.version)
    rows.accept([{ kind: 'purchase', id: one.id, version: read.version, value: read.value }])
  if (category !== one.category)
    void house.commit('Another category', [{ put: 'purchase', value: { ...one, category } }])
}
const print = () => window.print()
</script>

<template>
  <PlainFrame
    title="Money"
    :lead="purchases && house.home ? `${words(total)} in ${year}, ${countWords(items.length, 'purchase')}` : `${year}`"
  >
    <template #acts
      ><v-btn class="no-print" @click="print">Print</v-btn
      ><v-btn class="primary no-print" :href="`/api/v1/purchases/${year}/csv`" download
        >Tax folder (CSV)</v-btn
      ></template
    >
    <div class="inline years no-print">
      <v-btn size="small" @click="year--">{{ year - 1 }}</v-btn><b class="k-label">{{ year }}</b
      ><v-btn
        size="small"
        :disabled="year >= Number(session.today.slice(0, 4))"
        :title="year >= Number(session.today.slice(0, 4)) ? 'This is the latest year' : undefined"
        @click="year++"
        >{{ year + 1 }}</v-btn
      >
    </div>
    <div v-if="problem" class="notice stack" role="alert">
      <p>{{ problem }}</p>
      <div><v-btn @click="load">Try again</v-btn></div>
    </div>
    <p v-else-if="!purchases" class="mute" role="status">Adding up the year</p>
    <p v-else-if="!items.length" class="mute">
      Nothing was bought in {{ year }}, or nothing was checked off. What you check off in the shop shows up here.
    </p>
    <div v-else class="year">
      <section class="cubby sums keep" aria-label="By category">
        <h2>By category</h2>
        <div v-for="one in categories" :key="one.name" class="row">
          <span
            >{{ one.name }} <span class="mute small">{{ countWords(one.count, 'purchase') }}</span></span
          ><b>{{ words(one.paid) }}</b>
        </div>
        <div class="row total">
          <span class="k-label">Total</span><b>{{ words(total) }}</b>
        </div>
        <p class="small mute">The categories are a start. Ask your tax preparer what counts for your taxes.</p>
      </section>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">Date</th>
              <th scope="col">Shop</th>
              <th scope="col">Item</th>
              <th scope="col" class="num">Amount</th>
              <th scope="col">Category</th>
              <th scope="col" class="wide">For</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ one, material, category, unit } in items" :key="one.id">
              <td class="date">{{ fullDate(one.date) }}</td>
              <td class="shop">{{ one.shop }}</td>
              <td class="item">
                {{ material?.name ?? one.materialId }}
                <span class="mute small">{{
                  quantityWords(one.quantity, material?.unit ?? 'each', house.thisHome.measures)
                }}</span>
              </td>
              <td class="num">{{ words(one.paid) }}</td>
              <td class="kind">
                <v-combobox
                  v-if="editing === one.id"
                  v-model="typed"
                  class="category"
                  :items="categories.map((item) => item.name)"
                  :aria-label="`Category of ${material?.name}`"
                  autofocus
                  maxlength="120"
                  @blur="setCategory(one)"
                  @keydown.enter="setCategory(one)"
                /><TextButton
                  v-else
                  :aria-label="`Category of ${material?.name}: ${category}`"
                  @click="edit(one.id, category)"
                >
                  {{ category }}
                </TextButton>
              </td>
              <td class="wide mute">{{ unit }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
  </PlainFrame>
</template>

<style scoped>
.years {
  margin-bottom: 12px;
}
.year {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 20px;
  align-items: start;
}
.sums {
  grid-column: 2;
  padding: 12px 14px;
  display: grid;
  gap: 6px;
}
.total {
  border-top: 1px solid var(--edge-strong);
  padding-top: 6px;
}
.scroll {
  grid-column: 1;
  grid-row: 1;
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-family: var(--head);
  font-weight: 650;
  padding: 6px 10px 6px 0;
  border-bottom: 2px solid var(--edge-strong);
}
td {
  padding: 5px 10px 5px 0;
  border-bottom: 1px solid var(--edge);
}
.category {
  width: 230px;
}
.num {
  text-align: right;
  white-space: nowrap;
}
.date {
  white-space: nowrap;
}
@media (max-width: 1000px) {
  .year {
    grid-template-columns: minmax(0, 1fr);
  }
  .sums,
  .scroll {
    grid-column: 1;
    grid-row: auto;
  }
}
@media (max-width: 720px) {
  .wide,
  thead {
    display: none;
  }
  tr {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 10px;
    padding: 8px 0;
    border-bottom: 1px solid var(--edge);
  }
  td {
    border: 0;
    padding: 1px 0;
  }
  .item {
    grid-row: 1;
    font-weight: 650;
  }
  .num {
    grid-column: 2;
    grid-row: 1;
  }
  .date,
  .shop {
    color: var(--mute);
    font-size: 15px;
  }
  .shop {
    text-align: right;
  }
  .kind {
    grid-column: 1 / -1;
  }
}
</style>
