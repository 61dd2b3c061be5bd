<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Placement } from '@core/domain'
import { LIKED_NAMES } from '@core/ideas'
import { countWords, listWords, quantityWords } from '@core/base'
import type { Took } from '@core/supplies'
import AmountField from '../fields/AmountField.vue'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'

/** One placement looked back on: done or not, and how it went. */
const props = defineProps<{ placement: Placement; ticks: number }>()
const board = useBoard()
const house = useHouse()
const supplies = useSupplies()
const title = computed(() => board.titleOf(props.placement.activityId))
const setStatus = (status: Placement['status']) =>
  void supplies.setStatus(props.placement, props.placement.status === status ? 'planned' : status, title.value)
/** What it took out of the pantry; less what came back. */
const took = computed(() =>
  Object.entries(props.placement.took).flatMap(([id, quantity]) => {
    const material = house.materialsById.get(id)
    return material ? [{ material, quantity }] : []
  }),
)
const changing = ref(false)
function change() {
  changing.value = !changing.value
  written.value = {}
}
/** What really went, as it is being written. */
const written = ref<Took>({})
function setTook(id: string) {
  const quantity = written.value[id]
  if (quantity === undefined || Number.isNaN(quantity)) return
  // From here on what is saved stands in the field, after an undo too.
  delete written.value[id]
  if (quantity !== props.placement.took[id])
    void supplies.setTook(props.placement, { ...props.placement.took, [id]: quantity }, title.value)
}
const note = ref(props.placement.went?.note ?? '')
watch(
  () => props.placement.went?.note,
  (now) => (note.value = now ?? ''),
)
const setLiked = (liked: number | null) =>
  board.patch(props.placement, `${title.value}: how it went`, {
    went: liked === null ? null : { liked, note: note.value.trim() },
  })
function setNote() {
  const words = note.value.trim()
  if (words === (props.placement.went?.note ?? '')) return
  board.patch(props.placement, `${title.value}: a note`, {
    went: { liked: props.placement.went?.liked ?? 2, note: words },
  })
}
</script>

<template>
  <div class="card went">
    <div class="row">
      <span
        ><b>{{ title }}</b
        ><span v-if="ticks" class="small mute">&nbsp;· {{ countWords(ticks, 'step') }} checked off</span></span
      >
      <span class="inline"
        ><v-btn
          size="small"
          :class="{ primary: placement.status === 'done' }"
          :aria-pressed="placement.status === 'done'"
          :aria-label="`Done: ${title}`"
          @click="setStatus('done')"
          >Done</v-btn
        ><v-btn
          size="small"
          :class="{ primary: placement.status === 'skipped' }"
          :aria-pressed="placement.status === 'skipped'"
          :aria-label="`Skipped: ${title}`"
          @click="setStatus('skipped')"
          >Skipped</v-btn
        ></span
      >
    </div>
    <div v-if="placement.status === 'done'" class="how">
      <v-select
        :model-value="placement.went?.liked ?? null"
        :items="LIKED_NAMES.map((name, value) => ({ title: name, value }))"
        clearable
        placeholder="How did it go?"
        :aria-label="`How did it go: ${title}`"
        @update:model-value="setLiked($event ?? null)"
      />
      <v-text-field
        v-model="note"
        :aria-label="`A note for next time: ${title}`"
        placeholder="For next time"
        maxlength="120"
        @blur="setNote"
        @keydown.enter.prevent="setNote"
      />
    </div>
    <div v-if="placement.status === 'done' && took.length" class="took">
      <p class="small mute">
        Took
        {{
          listWords(
            took.map(
              (one) =>
                `${quantityWords(one.quantity, one.material.unit, house.thisHome.measures)} ${one.material.name}`,
            ),
          )
        }}.
        <TextButton class="small" :aria-expanded="changing" :aria-label="`We had leftovers: ${title}`" @click="change">
          {{ changing ? 'That is right' : 'We had leftovers' }}
        </TextButton>
      </p>
      <div v-if="changing" class="backs">
        <label v-for="one in took" :key="one.material.id" class="row"
          ><span>{{ one.material.name }}, amount used</span
          ><AmountField
            class="used"
            :model-value="written[one.material.id] ?? one.quantity"
            :of="one.material"
            :label="`Really used: ${one.material.name}`"
            @update:model-value="written[one.material.id] = $event ?? NaN"
            @done="setTook(one.material.id)"
        /></label>
      </div>
    </div>
  </div>
</template>

<style scoped>
.went {
  padding: 5px 6px 6px 12px;
  display: grid;
  gap: 6px;
}
.row {
  align-items: center;
}
.used {
  max-width: 130px;
}
.backs {
  display: grid;
  gap: 4px;
  max-width: 420px;
}
.how {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.6fr);
  gap: 6px;
}
@media (max-width: 720px) {
  .how {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
