<script setup lang="ts">
import { computed } from 'vue'
import { countWords, listWords, longDate, quantityWords } from '@core/base'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useHouse } from '../stores/house'
import { useSupplies } from '../stores/supplies'
import { useUnit } from '../stores/unit'

/**
 * Notes for families, to print and hand out: what to bring by when. No child is named on them; whose note is whose
 * stands on the screen only.
 */
const store = useUnit()
const house = useHouse()
const supplies = useSupplies()
const notes = computed(() => supplies.spread.notes)
const print = () => window.print()
</script>

<template>
  <UnitFrame title="Notes for families">
    <template v-if="notes.length">
      <div class="row top no-print">
        <div>
          <h2>Notes for families</h2>
          <p class="mute">{{ countWords(notes.length, 'note') }}. The number says whose it is; that list stays here.</p>
        </div>
        <v-btn class="primary" @click="print">Print</v-btn>
      </div>
      <p class="no-print whose">
        {{
          notes
            .map((note) => `${note.number}: ${listWords(note.family.children.map((child) => child.name))}`)
            .join(' · ')
        }}
      </p>
      <div class="cards">
        <article v-for="note in notes" :key="note.number" class="card note keep">
          <div class="row">
            <span class="mute">{{ house.home?.name }}</span><span class="mute">Note {{ note.number }}</span>
          </div>
          <h3>Could you bring</h3>
          <ul class="rows">
            <li v-for="ask in note.asks" :key="ask.material.id">
              <b
                >{{ quantityWords(ask.quantity, ask.material.unit, house.thisHome.measures) }}
                {{ ask.material.name }}</b
              ><br />by {{ longDate(ask.bringBy) }}
            </li>
          </ul>
          <p>It is for {{ store.unit?.name }}. Only what you already have: nothing has to be bought. Thank you.</p>
        </article>
      </div>
    </template>
    <div v-else class="stack">
      <p>Nothing is asked of families right now.</p>
      <div>
        <v-btn :to="{ name: 'get-ready', params: { unitId: store.id! }, query: { tab: 'families' } }"
          >To the families</v-btn
        >
      </div>
    </div>
  </UnitFrame>
</template>

<style scoped>
.top {
  margin-bottom: 8px;
  align-items: center;
}
.whose {
  margin-bottom: 12px;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 10px;
}
.note {
  padding: 16px 18px;
  display: grid;
  gap: 8px;
  border-top: 3px solid var(--apricot);
  align-content: start;
}
.note h3 {
  font-size: 22px;
}
@media print {
  .cards {
    grid-template-columns: 1fr 1fr;
    gap: 8mm;
  }
  .note {
    min-height: 70mm;
  }
}
</style>
