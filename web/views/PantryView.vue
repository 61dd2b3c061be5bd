<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { Material, newMaterial, newPack, UNITS, WAYS } from '@core/domain'
import { countWords, HAZARD_NAMES, moneyWords, WAY_NAMES, quantityWords } from '@core/format'
import FormField from '../parts/FormField.vue'
import PlainFrame from '../parts/PlainFrame.vue'
import { useDraft } from '../composables/useDraft'
import { useHouse } from '../stores/house'
import { useWriter } from '../stores/writer'

/** What is in the house, where, and in which packs it is sold. */
const house = useHouse()
const writer = useWriter()
const route = useRoute()
const text = ref(typeof route.query.find === 'string' ? route.query.find : '')
watch(() => route.query.find, (find) => {
  if (typeof find === 'string') text.value = find
})
const onlyHere = ref(!text.value)
const openId = ref<string | null>(null)
const pocketOpen = ref(false)
const PAGE = 60
const count = ref(PAGE)
const list = computed(() => {
  const wanted = text.value?.trim().toLowerCase() ?? ''
  return house.materials.filter((one) => (!wanted || `${one.name} ${one.place} ${one.shopPart}`.toLowerCase().includes(wanted)) && (!onlyHere.value || one.onHand > 0) && one.id !== 'water').sort((a, b) => a.name.localeCompare(b.name, 'en'))
})
const open = computed(() => house.materials.find((one) => one.id === openId.value))
const { draft, errors, commit } = useDraft(open, Material, (value) => void house.commit(`Change ${value.name}`, [{ put: 'material', value }]))
const measures = computed(() => house.home?.measures ?? 'metric')
const shopParts = computed(() => [...new Set(house.materials.map((one) => one.shopPart))].sort())
function add() {
  const value: Material = newMaterial(crypto.randomUUID(), 'New material')
  void house.commit('Add a material', [{ put: 'material', value }])
  openId.value = value.id
  onlyHere.value = false
  pocketOpen.value = true
}
function addPack() {
  draft.value!.packs.push(newPack(1, 0, 'the grocer'))
}
function dropPack(i: number) {
  draft.value!.packs.splice(i, 1)
  commit()
}
const price = (i: number) => draft.value!.packs[i].price / 100
function setPrice(i: number, dollars: string) {
  draft.value!.packs[i].price = Math.round(Number(dollars) * 100)
}
function setPart(text: string) {
  const numbers = text.split(/[x×,\s]+/).filter(Boolean).map(Number)
  draft.value!.safety.partMm = text.trim() === '' ? null : ([numbers[0], numbers[1], numbers[2]] as [number, number, number])
  commit()
}
const nullable = (value: string) => (value.trim() === '' ? null : Number(value))
function remove() {
  if (open.value) void house.commit(`Remove ${open.value.name}`, [{ remove: 'material', id: open.value.id }])
  openId.value = null
}
</script>

<template>
  <PlainFrame v-model:pocket-open="pocketOpen" title="Pantry" :lead="`${countWords(house.materials.filter((one) => one.onHand > 0).length, 'thing')} in the house, ${house.materials.length} known`" :pocket-title="open?.name">
    <template #acts><v-btn v-if="writer.stepsOf(null).undo" :title="`Undo: ${writer.stepsOf(null).undo}`" @click="writer.undo(null)">Undo</v-btn><v-btn class="primary" @click="add">Add</v-btn></template>
    <div class="filters" role="search"><v-text-field v-model="text" aria-label="Search the pantry" placeholder="Search by name or place" clearable type="search" /><v-checkbox v-model="onlyHere" label="Only what is here" /></div>
    <table class="pantry">
      <thead><tr><th scope="col">What</th><th scope="col" class="num">On hand</th><th scope="col">Where</th><th scope="col" class="wide">Sold as</th></tr></thead>
      <tbody>
        <tr v-for="one in list.slice(0, count)" :key="one.id" :class="{ on: openId === one.id }"><td><button type="button" class="why name" @click="openId = one.id; pocketOpen = true">{{ one.name }}</button></td><td class="num">{{ quantityWords(one.onHand, one.unit, measures) }}</td><td>{{ one.place }}</td><td class="wide mute">{{ one.packs.map((pack) => `${quantityWords(pack.size, one.unit, measures)} for ${moneyWords(pack.price, house.home!.currency)}`).join(', ') || WAY_NAMES[one.way].toLowerCase() }}</td></tr>
      </tbody>
    </table>
    <p v-if="!list.length" class="mute">Nothing in the pantry has that name or place.</p>
    <v-btn v-if="list.length > count" @click="count += PAGE">Show more</v-btn>

    <template #pocket>
      <form v-if="draft" :key="draft.id" class="stack" @submit.prevent="commit">
        <h2>{{ draft.name }}</h2>
        <FormField label="Name"><v-text-field v-model="draft.name" :error-messages="errors.name" maxlength="120" @blur="commit" /></FormField>
        <div class="two"><FormField label="On hand"><v-text-field v-model.number="draft.onHand" type="number" min="0" step="any" :error-messages="errors.onHand" @blur="commit" /></FormField><FormField label="Counted in"><v-select v-model="draft.unit" :items="[...UNITS]" aria-label="Counted in" @update:model-value="commit" /></FormField></div>
        <FormField label="Where"><v-text-field v-model="draft.place" :error-messages="errors.place" placeholder="hall cupboard, top" maxlength="120" @blur="commit" /></FormField>
        <div class="two"><FormField label="Used"><v-select v-model="draft.use" :items="[{ title: 'Used up', value: 'consumable' }, { title: 'Comes back', value: 'reusable' }]" aria-label="Used" @update:model-value="commit" /></FormField><FormField label="When short"><v-select v-model="draft.way" :items="WAYS.map((way) => ({ title: WAY_NAMES[way], value: way }))" aria-label="When short" @update:model-value="commit" /></FormField></div>
        <FormField label="Part of the shop"><v-combobox v-model="draft.shopPart" :items="shopParts" aria-label="Part of the shop" :error-messages="errors.shopPart" @update:model-value="commit" /></FormField>
        <FormField label="Keeps, in days" hint="Empty: keeps for good."><v-text-field :model-value="draft.keepsDays ?? ''" type="number" min="0" :error-messages="errors.keepsDays" @update:model-value="draft.keepsDays = nullable(String($event))" @blur="commit" /></FormField>
        <fieldset class="plain"><legend class="k-label">Packs</legend>
          <div v-for="(pack, i) in draft.packs" :key="i" class="pack"><v-text-field v-model.number="pack.size" type="number" min="1" :aria-label="`Pack ${i + 1}: how many ${draft.unit}`" :suffix="draft.unit" :error-messages="errors[`packs.${i}.size`]" @blur="commit" /><v-text-field :model-value="price(i)" type="number" min="0" step="0.01" :aria-label="`Pack ${i + 1}: price`" prefix="$" :error-messages="errors[`packs.${i}.price`]" @update:model-value="setPrice(i, String($event))" @blur="commit" /><v-text-field v-model="pack.shop" class="shop" :aria-label="`Pack ${i + 1}: shop`" :error-messages="errors[`packs.${i}.shop`]" @blur="commit" /><button type="button" class="why" :aria-label="`Remove pack ${i + 1}`" @click="dropPack(i)">remove</button></div>
          <button v-if="draft.packs.length < 12" type="button" class="why" @click="addPack">Add a pack</button>
        </fieldset>
        <fieldset class="plain stack"><legend class="k-label">For the cautions</legend>
          <FormField label="Smallest loose piece, in mm" hint="Length x width x height. Empty: no loose piece."><v-text-field :model-value="draft.safety.partMm?.join(' x ') ?? ''" :error-messages="errors['safety.partMm'] ?? errors['safety.partMm.0'] ?? errors['safety.partMm.1'] ?? errors['safety.partMm.2']" @change="setPart(($event.target as HTMLInputElement).value)" /></FormField>
          <div class="two"><FormField label="Ball, mm across"><v-text-field :model-value="draft.safety.ballMm ?? ''" type="number" :error-messages="errors['safety.ballMm']" @update:model-value="draft.safety.ballMm = nullable(String($event))" @blur="commit" /></FormField><FormField label="Cord, mm long"><v-text-field :model-value="draft.safety.cordMm ?? ''" type="number" :error-messages="errors['safety.cordMm']" @update:model-value="draft.safety.cordMm = nullable(String($event))" @blur="commit" /></FormField></div>
          <FormField label="Allergens"><v-combobox v-model="draft.safety.allergens" multiple :items="['milk', 'egg', 'fish', 'shellfish', 'tree-nuts', 'peanuts', 'wheat', 'soy', 'sesame', ...(house.home?.moreAllergens ?? [])]" aria-label="Allergens" :error-messages="errors['safety.allergens.0']" @update:model-value="commit" /></FormField>
          <FormField label="Also"><v-select v-model="draft.safety.hazards" multiple :items="Object.entries(HAZARD_NAMES).map(([value, title]) => ({ title, value }))" aria-label="Hazards" placeholder="Nothing" @update:model-value="commit" /></FormField>
        </fieldset>
        <div><v-btn class="danger" @click="remove">Remove</v-btn></div>
      </form>
      <div v-else class="stack"><h2>A material</h2><p class="mute">Choose one to count it, to write down where it is kept, its packs and what the cautions need to know.</p></div>
    </template>
  </PlainFrame>
</template>

<style scoped>
.filters { display: grid; grid-template-columns: minmax(0, 360px) auto; gap: 14px; margin-bottom: 10px; }
.pantry { width: 100%; border-collapse: collapse; }
th { text-align: left; font-family: var(--head); font-weight: 650; padding: 6px 10px; border-bottom: 2px solid var(--edge-strong); position: sticky; top: -16px; background: var(--linen); }
td { padding: 5px 10px; border-bottom: 1px solid var(--edge); vertical-align: baseline; }
.num { text-align: right; white-space: nowrap; }
tr.on td { background: var(--spruce-tint); }
.name { color: var(--ink); font-weight: 650; text-decoration: none; padding: 2px 0; }
.two { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; }
.plain { border: 0; padding: 0; margin: 0; }
.pack { display: grid; grid-template-columns: 1fr 1fr; gap: 6px; margin-bottom: 10px; align-items: center; }
@media (max-width: 720px) { .wide { display: none; } .filters { grid-template-columns: minmax(0, 1fr); gap: 2px; } td, th { padding: 7px 6px; } }
</style>
