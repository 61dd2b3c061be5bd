<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Material, Purchase, StockEntry } from '@core/domain'
import { fullDate, moneyWords, quantityWords, STOCK_WORDS } from '@core/base'
import { api } from '../../api/client'
import { useHouse } from '../../stores/house'

/** What happened to a material: counted, bought, used, brought, thrown away; and what was paid for it where. */
const props = defineProps<{ material: Material }>()
const house = useHouse()
const entries = ref<StockEntry[] | null>(null)
const purchases = ref<Purchase[]>([])
const problem = ref('')
const all = ref(false)
const SHOWN = 6
const amount = (quantity: number) => quantityWords(Math.abs(quantity), props.material.unit, house.thisHome.measures)
// A count that changes is an entry more.
watch(
  () => [props.material.id, props.material.onHand],
  async () => {
    problem.value = ''
    try {
      const answer = await api.history(props.material.id)
      entries.value = answer.entries
      purchases.value = answer.purchases.filter((one) => one.packs.length)
    } catch (error) {
      problem.value = error instanceof Error ? error.message : String(error)
    }
  },
  { immediate: true },
)
</script>

<template>
  <section class="rows history" aria-label="Came and went">
    <h3>What happened to it</h3>
    <p v-if="problem" class="small brick" role="alert">{{ problem }}</p>
    <p v-else-if="entries === null" class="small mute" role="status">Looking</p>
    <p v-else-if="!entries.length" class="small mute">
      Nothing is written down yet. Counts, shopping and what is done show here.
    </p>
    <div v-for="one in (entries ?? []).slice(0, all ? undefined : SHOWN)" :key="one.id" class="row entry">
      <span
        >{{ STOCK_WORDS[one.reason]
        }}<span class="small mute"
          >{{ one.note ? `, ${one.note}` : '' }} · {{ fullDate(one.date) }}{{ one.by ? `, ${one.by}` : '' }}</span
        ></span
      ><span class="num"
        >{{ one.change < 0 ? '−' : '+' }}{{ amount(one.change)
        }}<span class="small mute">&nbsp;{{ amount(one.after) }}</span></span
      >
    </div>
    <TextButton v-if="(entries?.length ?? 0) > SHOWN" class="small" @click="all = !all">
      {{ all ? 'Fewer' : 'All of it' }}
    </TextButton>
    <template v-if="purchases.length"
      ><h3>Prices paid</h3>
      <div v-for="one in purchases.slice(0, SHOWN)" :key="one.id" class="row entry">
        <span>{{
          one.packs
            .map((pack) => `${amount(pack.size)} at ${moneyWords(pack.price, house.thisHome.currency)}`)
            .join(', ')
        }}</span><span class="small mute">{{ one.shop }}, {{ fullDate(one.date) }}</span>
      </div></template
    >
  </section>
</template>

<style scoped>
.entry {
  border-top: 1px solid var(--edge);
  padding: 3px 0;
}
.num {
  white-space: nowrap;
}
</style>
