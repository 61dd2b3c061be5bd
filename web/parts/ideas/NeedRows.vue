<script setup lang="ts">
import { computed, ref } from 'vue'
import { unmeasuredMaterial, PositiveAmount, STAGES, type Material } from '@core/domain'
import { type ActivityDraft, type NeedDraft, type VariantKey, slug } from '@core/ideas'
import { entryText, readQuantity, STAGE_NAMES, type Measured } from '@core/base'
import AmountField from '../fields/AmountField.vue'
import { useHouse } from '../../stores/house'

/** What an idea takes: material, how many, for each child or in all, and who of them uses it. */
const draft = defineModel<ActivityDraft>({ required: true })
const props = defineProps<{ errors: Record<string, string> }>()
const house = useHouse()
const typed = ref<Record<string, string>>({})
const items = computed(() =>
  [...house.materials]
    .sort((a, b) => a.name.localeCompare(b.name, 'en'))
    .map((one) => ({ title: one.name, value: one.id })),
)
const BY = [
  { title: 'each child', value: 'child' },
  { title: 'each group of', value: 'group' },
  { title: 'in all', value: 'set-up' },
]
const of = (need: NeedDraft): Measured =>
  (need.materialId && house.materialsById.get(need.materialId)) || { unit: 'each' }
const measures = computed(() => house.home?.measures ?? 'metric')
/** Another material; the number that stands there stays as it was written, in the unit of the new one. */
function choose(need: NeedDraft, id: string | null) {
  const text =
    need.quantity === null || Number.isNaN(need.quantity) ? '' : entryText(need.quantity, of(need).unit, measures.value)
  need.materialId = id
  need.quantity = readQuantity(text, of(need), measures.value).quantity ?? need.quantity
}
const keys = computed(() =>
  STAGES.flatMap((stage): { title: string; value: VariantKey }[] => [
    ...(draft.value.does[stage].trim() ? [{ title: STAGE_NAMES[stage], value: `does ${stage}` as const }] : []),
    ...(draft.value.beside[stage].trim()
      ? [{ title: `${STAGE_NAMES[stage]}, beside`, value: `beside ${stage}` as const }]
      : []),
  ]),
)
let last = 0
function add() {
  const ids = new Set(draft.value.needs.map((one) => one.id))
  while (ids.has(`need-${++last}`));
  draft.value.needs.push({
    id: `need-${last}`,
    materialId: null,
    quantity: 1,
    by: 'child',
    of: null,
    sparePercent: 0,
    only: [],
    adult: false,
    alternatives: [],
  })
}
/**
 * A material that the pantry does not know yet: its pieces are still to be measured.
 */
function addMaterial(need: NeedDraft) {
  const name = (typed.value[need.id] ?? '').trim().slice(0, 120)
  if (!name) return
  const taken = new Set(house.materials.map((one) => one.id))
  let id = slug(name) || 'material'
  for (let i = 2; taken.has(id); i++) id = `${slug(name) || 'material'}-${i}`
  const value: Material = { ...unmeasuredMaterial(id, name), use: 'reusable' }
  void house.commit(`Add ${name} to the pantry`, [{ put: 'material', value }])
  choose(need, id)
  typed.value[need.id] = name
}
const detail = ref<string | null>(null)
const number = (value: unknown) => (value === '' || value === null ? null : Number(value))
const detailWords = (need: NeedDraft) =>
  [
    need.adult && 'adult hands only',
    need.sparePercent ? `${need.sparePercent} % spare` : '',
    need.only.length && `${need.only.length === 1 ? 'one stage' : `${need.only.length} stages`} only`,
    need.alternatives.length && 'with alternatives',
  ]
    .filter(Boolean)
    .join(', ')
const faulty = (i: number) =>
  Object.keys(props.errors).some((key) => key.startsWith(`needs.${i}.`) && !/materialId|quantity|of$/.test(key))
</script>

<template>
  <ul class="rows needs">
    <li v-for="(need, i) in draft.needs" :key="need.id" class="card need">
      <v-autocomplete
        :model-value="need.materialId"
        class="what"
        :items="items"
        :aria-label="`Material ${i + 1}`"
        placeholder="Material"
        auto-select-first
        :error-messages="errors[`needs.${i}.materialId`]"
        @update:model-value="choose(need, $event)"
        @update:search="typed[need.id] = $event"
      >
        <template #no-data
          ><div class="none">
            <p class="small">The pantry does not know “{{ typed[need.id] }}”.</p>
            <v-btn size="small" @click="addMaterial(need)">Add it to the pantry</v-btn>
          </div></template
        >
      </v-autocomplete>
      <AmountField
        :model-value="need.quantity"
        :of="of(need)"
        :label="`How many of material ${i + 1}`"
        :schema="PositiveAmount"
        :fault="errors[`needs.${i}.quantity`]"
        @update:model-value="need.quantity = $event"
      />
      <v-select v-model="need.by" :items="BY" :aria-label="`Material ${i + 1} is counted`" />
      <v-text-field
        v-if="need.by === 'group'"
        :model-value="need.of"
        class="of"
        type="number"
        min="1"
        max="30"
        :aria-label="`Children who share material ${i + 1}`"
        suffix="children"
        :error-messages="errors[`needs.${i}.of`]"
        @update:model-value="need.of = number($event)"
      />
      <TextButton
        class="small"
        :class="{ brick: faulty(i) }"
        :aria-expanded="detail === need.id"
        :aria-label="`More about material ${i + 1}: ${detailWords(need) || 'more'}`"
        @click="detail = detail === need.id ? null : need.id"
      >
        {{ detailWords(need) || 'more' }}
      </TextButton>
      <TextButton class="small" :aria-label="`Remove material ${i + 1}`" @click="draft.needs.splice(i, 1)">
        remove
      </TextButton>
      <div v-if="detail === need.id" class="detail">
        <label class="small mute"
          >Who uses it<v-select
            v-model="need.only"
            :items="keys"
            multiple
            :aria-label="`Who uses material ${i + 1}`"
            placeholder="Everyone who takes part"
            no-data-text="Write what the stages do first"
        /></label>
        <label class="small mute"
          >Spare<v-text-field
            :model-value="need.sparePercent"
            type="number"
            min="0"
            max="200"
            suffix="%"
            :aria-label="`Spare of material ${i + 1}`"
            :error-messages="errors[`needs.${i}.sparePercent`]"
            @update:model-value="need.sparePercent = number($event)"
        /></label>
        <v-checkbox v-model="need.adult" label="Stays in adult hands" />
        <label class="small mute as-well"
          >Serves as well<v-autocomplete
            v-model="need.alternatives"
            :items="items.filter((one) => one.value !== need.materialId)"
            multiple
            chips
            closable-chips
            :aria-label="`Instead of material ${i + 1}`"
            placeholder="Nothing"
        /></label>
      </div>
    </li>
  </ul>
  <div><v-btn size="small" :disabled="draft.needs.length >= 40" @click="add">Add a material</v-btn></div>
</template>

<style scoped>
.needs {
  gap: 6px;
}
.need :deep(.v-field) {
  --v-field-padding-start: 10px;
  --v-field-padding-end: 6px;
  font-size: 15px;
}
.need {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 88px 148px 88px auto;
  gap: 8px;
  align-items: center;
  padding: 6px 10px;
}
.need .of {
  grid-column: 3;
  grid-row: 2;
}
.detail {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 86px auto;
  gap: 10px;
  align-items: end;
  border-top: 1px solid var(--edge);
  padding-top: 8px;
}
.detail .as-well {
  grid-column: 1 / -1;
}
.detail label {
  display: grid;
  gap: 2px;
  min-width: 0;
}
.none {
  padding: 8px 14px;
  display: grid;
  gap: 6px;
  justify-items: start;
}
@media (max-width: 720px) {
  .need {
    grid-template-columns: 1fr 1fr;
  }
  .need .what {
    grid-column: 1 / -1;
  }
  .need .of {
    grid-column: auto;
    grid-row: auto;
  }
  .detail {
    grid-template-columns: 1fr;
  }
}
</style>
