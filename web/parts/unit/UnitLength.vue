<script setup lang="ts">
import { computed, ref } from 'vue'
import { MAX_UNIT_DAYS } from '@core/domain'
import { countWords } from '@core/base'
import { endEarly, slideFrom, stretchUnit } from '@core/plan'
import LateDialog from '../frame/LateDialog.vue'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

/** Longer while it is loved, shorter when it is not, and a day later after a day that went otherwise. */
const store = useUnit()
const board = useBoard()
const asking = ref(false)
const unit = computed(() => store.unit!)
/** Days on which it could still end: from the one that is looked at. */
const end = computed(() => Math.min(board.day, unit.value.days - 1))
const lost = computed(() => (end.value >= 1 ? endEarly(unit.value, store.placements, end.value).removes.length : 0))
const stretch = () => board.make(stretchUnit(unit.value, store.placements, 1), 'Stretch by a day')
const slide = () =>
  board.make(slideFrom(unit.value, store.placements, board.day, 1), `Slide day ${board.day} and what follows`)
function finish() {
  asking.value = false
  board.make(endEarly(unit.value, store.placements, end.value), `End with day ${end.value}`)
}
</script>

<template>
  <section class="rows length" aria-label="Longer or shorter">
    <h3>Longer or shorter</h3>
    <v-btn v-if="unit.days < MAX_UNIT_DAYS" size="small" @click="stretch">Stretch by a day</v-btn>
    <v-btn v-if="end >= 1" size="small" @click="lost ? (asking = true) : finish()">End with day {{ end }}</v-btn>
    <v-btn
      v-if="unit.days < MAX_UNIT_DAYS"
      size="small"
      title="What is planned from this day on moves a day; what is pinned stays"
      @click="slide"
      >Slide day {{ board.day }} and what follows</v-btn
    >
    <LateDialog v-model="asking" aria-labelledby="end-title">
      <div class="k-sheet">
        <h2 id="end-title">End with day {{ end }}?</h2>
        <p>
          {{ countWords(lost, 'card') }} after it {{ lost === 1 ? 'goes' : 'go' }} back into the basket, and what stands
          out is put away. Undo brings it back.
        </p>
        <div class="inline">
          <v-btn class="primary" @click="finish">End it</v-btn><v-btn @click="asking = false">Go on</v-btn>
        </div>
      </div>
    </LateDialog>
  </section>
</template>

<style scoped>
.length {
  justify-items: start;
  gap: 6px;
  border-top: 1px solid var(--edge);
  padding-top: 12px;
}
</style>
