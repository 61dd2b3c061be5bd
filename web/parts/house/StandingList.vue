<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Material } from '@core/domain'
import { countWords, moneyWords, quantityWords } from '@core/base'
import { coverByPacks, underLeast } from '@core/supplies'
import AmountField from '../fields/AmountField.vue'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'

/**
 * What the house always needs: the least of each, and what is low. What is low joins the list of the unit that runs.
 */
defineProps<{ openId: string | null }>()
const emit = defineEmits<{ open: [id: string] }>()
const house = useHouse()
const session = useSession()
const measures = computed(() => house.thisHome.measures)
const words = (one: Material, quantity: number) => quantityWords(quantity, one.unit, measures.value)
const kept = computed(() =>
  house.materials
    .filter((one) => one.par !== null)
    .map((one) => {
      const short = underLeast(one, session.today)
      return { one, short, cost: short && one.packs.length ? coverByPacks(short, one.packs).cost : null }
    })
    .sort((a, b) => Number(b.short > 0) - Number(a.short > 0) || a.one.name.localeCompare(b.one.name, 'en')),
)
const low = computed(() => kept.value.filter((item) => item.short > 0))
const more = ref<string | null>(null)
const others = computed(() =>
  house.materials
    .filter((one) => one.par === null && one.way !== 'have')
    .map((one) => ({ title: one.name, value: one.id }))
    .sort((a, b) => a.title.localeCompare(b.title, 'en')),
)
/** What is taken onto the list keeps as much as there is now, until she says how much. */
function add(id: string | null) {
  const one = id ? house.materialsById.get(id) : undefined
  more.value = null
  if (!one) return
  void house.commit(`${one.name} onto the always-have list`, [
    { put: 'material', value: { ...one, par: Math.max(1, one.onHand) } },
  ])
  emit('open', one.id)
}
const drop = (one: Material) =>
  house.commit(`${one.name} off the always-have list`, [{ put: 'material', value: { ...one, par: null } }])
function setPar(one: Material, par: number | null) {
  // What cannot be read stays as it was typed until it is mended.
  if (par === null || Number.isNaN(par)) return
  typed.value = null
  if (par !== one.par) void house.commit(`Keep at least of ${one.name}`, [{ put: 'material', value: { ...one, par } }])
}
/** Keep at least that is being written, until its field is left. */
const typed = ref<{ id: string; par: number | null } | null>(null)
</script>

<template>
  <div class="standing" role="group" aria-label="The always-have list">
    <p class="mute">
      {{
        kept.length
          ? `${countWords(kept.length, 'thing')} the house always keeps, ` +
            `${low.length ? `${low.length} low: they are on the list of the unit that runs` : 'none low'}.`
          : 'Nothing is on the always-have list yet: wipes, paper, glue, whatever must never run out.'
      }}
    </p>
    <table v-if="kept.length">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" class="num">On hand</th>
          <th scope="col">Keep at least</th>
          <th scope="col" class="wide">Low by</th>
          <th scope="col" class="wide">Costs</th>
          <th scope="col"><span class="sr-only">Take off</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ one, short, cost } in kept" :key="one.id" :class="{ on: openId === one.id }">
          <td>
            <TextButton class="name" @click="emit('open', one.id)">{{ one.name }}</TextButton>
          </td>
          <td class="num">
            {{ words(one, one.onHand) }}<span v-if="short" class="narrow small ember">{{ words(one, short) }} low</span>
          </td>
          <td>
            <AmountField
              class="par"
              :model-value="typed?.id === one.id ? typed.par : one.par"
              :of="one"
              :label="`Keep at least of ${one.name}`"
              @update:model-value="typed = { id: one.id, par: $event }"
              @done="setPar(one, typed?.id === one.id ? typed.par : one.par)"
            />
          </td>
          <td class="wide" :class="{ ember: short > 0 }">{{ short ? words(one, short) : '' }}</td>
          <td class="wide">{{ cost === null ? '' : moneyWords(cost, house.thisHome.currency) }}</td>
          <td>
            <TextButton class="small" :aria-label="`take off: ${one.name}`" @click="drop(one)"> take off </TextButton>
          </td>
        </tr>
      </tbody>
    </table>
    <v-autocomplete
      :model-value="more"
      class="add"
      :items="others"
      aria-label="Put something on the always-have list"
      placeholder="Put something on the list"
      auto-select-first
      @update:model-value="add($event)"
    />
  </div>
</template>

<style scoped>
.standing {
  display: grid;
  gap: 12px;
  max-width: 820px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-family: var(--head);
  font-weight: 650;
  padding: 6px 10px;
  border-bottom: 2px solid var(--edge-strong);
}
td {
  padding: 5px 10px;
  border-bottom: 1px solid var(--edge);
}
tr.on td {
  background: var(--spruce-tint);
}
.num {
  text-align: right;
  white-space: nowrap;
}
.par {
  width: 128px;
}
.name {
  color: var(--ink);
  font-weight: 650;
  text-decoration: none;
  padding: 2px 0;
}
.narrow {
  display: none;
}
.add {
  max-width: 360px;
}
@media (max-width: 720px) {
  .wide {
    display: none;
  }
  .narrow {
    display: block;
  }
  td,
  th {
    padding: 7px 5px;
  }
  .par {
    width: 112px;
  }
  .par :deep(.v-field) {
    --v-field-padding-start: 8px;
    --v-field-padding-end: 6px;
  }
}
</style>
