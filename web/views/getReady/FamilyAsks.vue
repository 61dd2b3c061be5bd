<script setup lang="ts">
import { computed, ref } from 'vue'
import { countWords, listWords, mediumDate, quantityWords } from '@core/base'
import type { AskLine } from '@core/supplies'
import type { FamilyPromise } from '@core/domain'
import { newId } from '../../api/newId'
import AmountField from '../../parts/fields/AmountField.vue'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'
import SpreadTable from './SpreadTable.vue'

/** What families are asked to bring, who promised it, and what is still open. */
defineEmits<{ links: [] }>()
const store = useUnit()
const house = useHouse()
const session = useSession()
const supplies = useSupplies()
const measures = computed(() => house.home?.measures ?? 'metric')
const lines = computed(() => store.readings?.lines ?? [])
const asks = computed(() => supplies.asks)
const fellBack = computed(() => lines.value.filter((line) => line.fellBack && line.shortage > 0))
const open = computed(() => supplies.stillOpen)
const spread = computed(() => supplies.spread)
/** How much of what is asked for nobody has promised, in words. */
const openWords = computed(() =>
  open.value.length === 0
    ? 'all of it promised'
    : asks.value.length === 1
      ? 'still open'
      : open.value.length === asks.value.length
        ? 'all still open'
        : `${open.value.length} still open`,
)
const lineOf = (ask: AskLine) => lines.value.find((line) => line.material.id === ask.material.id)
const notAsked = computed(() => open.value.filter((ask) => lineOf(ask)?.ask?.asked === null))
const overdue = computed(() => store.promises.filter((one) => one.state === 'coming' && one.by < session.today))
const amount = (ask: AskLine, quantity: number) => quantityWords(quantity, ask.material.unit, measures.value)
const nameOf = (promise: FamilyPromise) => house.materialsById.get(promise.materialId)?.name ?? ''
const amountOf = (promise: FamilyPromise) =>
  quantityWords(promise.quantity, house.materialsById.get(promise.materialId)?.unit ?? 'each', measures.value)

/** A promise that was made by mouth. */
const said = ref<{ materialId: string; family: string; quantity: number | null } | null>(null)
const sayFault = computed(() => {
  if (!said.value) return ''
  const ask = asks.value.find((one) => one.material.id === said.value!.materialId)
  const quantity = Number(said.value.quantity)
  return !said.value.family.trim()
    ? 'Write who brings it'
    : !(quantity > 0)
      ? 'Say how many'
      : ask && quantity > ask.open
        ? `Only ${amount(ask, ask.open)} still open`
        : ''
})
const trying = ref(false)
function saySo() {
  trying.value = true
  const ask = asks.value.find((one) => one.material.id === said.value?.materialId)
  if (sayFault.value || !said.value || !ask) return
  void supplies.promise({
    id: newId(),
    unitId: store.id!,
    materialId: ask.material.id,
    quantity: Number(said.value.quantity),
    family: said.value.family.trim(),
    by: ask.bringBy,
    state: 'coming',
  })
  said.value = null
  trying.value = false
}
const begin = (ask: AskLine) => {
  said.value = { materialId: ask.material.id, family: '', quantity: ask.open }
  trying.value = false
}
</script>

<template>
  <div class="families">
    <div class="row top">
      <div>
        <h2>Ask families</h2>
        <p class="mute">
          {{
            asks.length
              ? `${countWords(asks.length, 'thing')} asked for, ${openWords}`
              : 'Nothing on this list is asked of families. Press a on a line of the list, or choose it there.'
          }}
        </p>
      </div>
      <div v-if="asks.length" class="inline no-print">
        <v-btn class="phone-links" @click="$emit('links')">Links</v-btn
        ><v-btn :to="{ name: 'ask-notes', params: { unitId: store.id! } }">Notes to print</v-btn
        ><v-btn
          v-if="notAsked.length"
          class="primary"
          @click="supplies.markAsked(notAsked.map((ask) => ask.material.id))"
          >They were asked</v-btn
        >
      </div>
    </div>

    <section v-if="overdue.length" class="notice soft rows" aria-label="Did it come?">
      <b>Did it come?</b>
      <div v-for="one in overdue" :key="one.id" class="row">
        <span>{{ one.family }}: {{ amountOf(one) }} {{ nameOf(one) }}, by {{ mediumDate(one.by) }}</span
        ><span class="inline"
          ><v-btn
            size="small"
            :aria-label="`${one.family} brought ${nameOf(one)}`"
            @click="supplies.settlePromise(one, one.quantity)"
            >It came</v-btn
          ><v-btn
            size="small"
            :aria-label="`${one.family} did not bring ${nameOf(one)}`"
            @click="supplies.settlePromise(one, 0)"
            >It did not</v-btn
          ></span
        >
      </div>
      <p class="small mute">Until you say it came, it does not count and is back on the list to buy.</p>
    </section>

    <section v-for="ask in asks" :key="ask.material.id" class="cubby ask keep" :aria-label="ask.material.name">
      <div class="row head">
        <h3>{{ ask.material.name }}</h3>
        <span class="mute">{{ amount(ask, ask.quantity) }} by {{ mediumDate(ask.bringBy) }}</span>
      </div>
      <p class="small" :class="lineOf(ask)?.late ? 'brick' : 'mute'">
        <template v-if="lineOf(ask)?.ask?.asked">Asked {{ mediumDate(lineOf(ask)!.ask!.asked!) }}.</template
        ><template v-else-if="lineOf(ask)?.ask"
          >{{ lineOf(ask)!.late ? 'The ask was due' : 'Ask by' }} {{ mediumDate(lineOf(ask)!.ask!.on) }}.</template
        >
        {{ ask.open > 0 ? `${amount(ask, ask.open)} still open.` : 'All of it is promised.'
        }}<template v-if="ask.material.packs.length"> What does not come by then goes on the list to buy.</template>
      </p>
      <ul class="rows">
        <li v-for="one in ask.promises" :key="one.id" class="row promise">
          <span>{{ one.family }}: {{ amountOf(one) }}</span
          ><span class="inline no-print"
            ><v-btn
              size="small"
              :aria-label="`${one.family} brought it`"
              @click="supplies.settlePromise(one, one.quantity)"
              >It came</v-btn
            ><TextButton
              class="small"
              :aria-label="`${one.family} will not bring it`"
              @click="supplies.settlePromise(one, 0)"
            >
              will not
            </TextButton></span
          >
        </li>
      </ul>
      <form v-if="said?.materialId === ask.material.id" class="say no-print" @submit.prevent="saySo">
        <v-text-field
          v-model="said.family"
          aria-label="Who brings it"
          placeholder="Who brings it"
          maxlength="120"
        /><AmountField v-model="said.quantity" :of="ask.material" label="How many" /><v-btn
          class="primary"
          type="submit"
          >Write it down</v-btn
        ><TextButton @click="said = null">leave it</TextButton>
        <p v-if="trying && sayFault" class="small brick" role="alert">{{ sayFault }}</p>
      </form>
      <div v-else-if="ask.open > 0" class="no-print">
        <TextButton class="small" @click="begin(ask)">Someone offered to bring it</TextButton>
      </div>
    </section>

    <section v-if="fellBack.length" class="notice soft">
      <b>Back on the list to buy:</b> {{ listWords(fellBack.map((line) => line.material.name)) }}. Nobody brought
      {{ fellBack.length === 1 ? 'it' : 'them' }} in time.
    </section>

    <SpreadTable v-if="open.length" :spread="spread" />
  </div>
</template>

<style scoped>
.families {
  max-width: 760px;
  display: grid;
  gap: 12px;
}
.top {
  align-items: center;
  flex-wrap: wrap;
}
.ask {
  padding: 8px 14px 10px;
  display: grid;
  gap: 4px;
}
.promise {
  border-top: 1px solid var(--edge);
  padding: 3px 0;
  align-items: center;
}
.say {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 110px auto auto;
  gap: 8px;
  align-items: center;
}
.say p {
  grid-column: 1 / -1;
}
@media (max-width: 720px) {
  .say {
    grid-template-columns: minmax(0, 1fr) 90px;
  }
}
@media (min-width: 721px) {
  .phone-links {
    display: none;
  }
}
</style>
