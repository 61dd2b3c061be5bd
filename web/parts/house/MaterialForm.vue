<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { CONDITIONS, Material, newPack, Pack, UNITS, WAYS } from '@core/domain'
import { CONDITION_NAMES, fullDate, WAY_NAMES } from '@core/base'
import AmountField from '../fields/AmountField.vue'
import MoneyField from '../fields/MoneyField.vue'
import FormField from '../fields/FormField.vue'
import SafetyFields from './SafetyFields.vue'
import { useDraft } from '../../composables/useDraft'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import { useSupplies } from '../../stores/supplies'

/**
 * A material: how much of it there is and where, its packs, and what the cautions look at. What is on hand is counted
 * apart from the rest.
 */
const props = defineProps<{ material: Material }>()
const house = useHouse()
const session = useSession()
const supplies = useSupplies()
const { draft, errors, commit } = useDraft(
  computed(() => props.material),
  Material,
  (value) =>
    void house.commit(`Change ${value.name}`, [
      { put: 'material', value: { ...value, onHand: props.material.onHand } },
    ]),
)
const shopParts = computed(() => [...new Set(house.materials.map((one) => one.shopPart))].sort())
const onHand = ref<number | null>(props.material.onHand)
watch(
  () => props.material.onHand,
  (now) => (onHand.value = now),
)
function count() {
  if (onHand.value !== null && !Number.isNaN(onHand.value)) void supplies.count(props.material, onHand.value)
}
const isPast = computed(
  () => props.material.expires !== null && props.material.expires < session.today && props.material.onHand > 0,
)
const throwAway = () => supplies.throwAway(props.material)
function addPack() {
  draft.value!.packs.push(newPack(1, 0, 'the grocer'))
}
function dropPack(i: number) {
  draft.value!.packs.splice(i, 1)
  commit()
}
/** A price that is typed in is one that was seen. */
function setPrice(i: number, price: number | null) {
  Object.assign(draft.value!.packs[i], { price: price ?? NaN, seen: session.today })
}
const nullable = (value: string) => (value.trim() === '' ? null : Number(value))
</script>

<template>
  <form v-if="draft" class="stack" @submit.prevent="commit">
    <FormField label="Name"
      ><v-text-field v-model="draft.name" :error-messages="errors.name" maxlength="120" @blur="commit"
    /></FormField>
    <div class="two">
      <FormField label="On hand"><AmountField v-model="onHand" :of="draft" label="On hand" @done="count" /></FormField
      ><FormField label="Counted in"
        ><v-select v-model="draft.unit" :items="[...UNITS]" aria-label="Counted in" @update:model-value="commit"
      /></FormField>
    </div>
    <FormField label="Where"
      ><v-text-field
        v-model="draft.place"
        :error-messages="errors.place"
        placeholder="hall cupboard, top"
        maxlength="120"
        @blur="commit"
    /></FormField>
    <div class="two">
      <FormField label="Keep at least" hint="Empty: not on the always-have list."
        ><AmountField
          v-model="draft.par"
          :of="draft"
          label="Keep at least"
          optional
          :fault="errors.par"
          @done="commit" /></FormField
      ><FormField label="Condition"
        ><v-select
          v-model="draft.condition"
          :items="CONDITIONS.map((one) => ({ title: CONDITION_NAMES[one], value: one }))"
          aria-label="Condition"
          @update:model-value="commit"
      /></FormField>
    </div>
    <p v-if="isPast" class="notice soft">
      Past its date: it counts for nothing that comes.
      <TextButton @click="throwAway">Throw it away</TextButton>
    </p>
    <FormField label="Good until" hint="Empty: it keeps."
      ><v-text-field
        :model-value="draft.expires ?? ''"
        type="date"
        :error-messages="errors.expires"
        @update:model-value="draft.expires = String($event) || null"
        @blur="commit"
    /></FormField>
    <div class="two">
      <FormField label="Used"
        ><v-select
          v-model="draft.use"
          :items="[
            { title: 'Used up', value: 'consumable' },
            { title: 'Comes back', value: 'reusable' },
          ]"
          aria-label="Used"
          @update:model-value="commit" /></FormField
      ><FormField label="If you run out"
        ><v-select
          v-model="draft.way"
          :items="WAYS.map((way) => ({ title: WAY_NAMES[way], value: way }))"
          aria-label="If you run out"
          @update:model-value="commit"
      /></FormField>
    </div>
    <FormField label="Part of the shop"
      ><v-combobox
        v-model="draft.shopPart"
        :items="shopParts"
        aria-label="Part of the shop"
        :error-messages="errors.shopPart"
        @update:model-value="commit"
    /></FormField>
    <FormField label="Keeps, in days" hint="Empty: keeps for good."
      ><v-text-field
        :model-value="draft.keepsDays ?? ''"
        type="number"
        min="0"
        :error-messages="errors.keepsDays"
        @update:model-value="draft.keepsDays = nullable(String($event))"
        @blur="commit"
    /></FormField>
    <fieldset class="plain">
      <legend class="k-label">Packs</legend>
      <div v-for="(pack, i) in draft.packs" :key="i" class="pack">
        <AmountField
          v-model="pack.size"
          :of="draft"
          :label="`Pack ${i + 1}: how many`"
          :schema="Pack.shape.size"
          whole
          :fault="errors[`packs.${i}.size`]"
          @done="commit"
        /><MoneyField
          :model-value="pack.price"
          :label="`Pack ${i + 1}: price`"
          :fault="errors[`packs.${i}.price`]"
          @update:model-value="setPrice(i, $event)"
          @done="commit"
        /><v-text-field
          v-model="pack.shop"
          class="shop"
          :aria-label="`Pack ${i + 1}: shop`"
          :error-messages="errors[`packs.${i}.shop`]"
          @blur="commit"
        /><span class="small mute seen">{{ pack.seen ? `seen ${fullDate(pack.seen)}` : 'an example price' }}</span
        ><TextButton :aria-label="`Remove pack ${i + 1}`" @click="dropPack(i)">remove</TextButton>
      </div>
      <TextButton v-if="draft.packs.length < 12" @click="addPack">Add a pack</TextButton>
    </fieldset>
    <SafetyFields v-model="draft.safety" :errors="errors" @commit="commit" />
  </form>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.plain {
  border: 0;
  padding: 0;
  margin: 0;
}
.pack {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin-bottom: 10px;
  align-items: center;
}
.pack .seen {
  padding-left: 2px;
}
</style>
