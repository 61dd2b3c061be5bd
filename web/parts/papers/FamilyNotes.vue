<script setup lang="ts">
import { longDate, quantityWords } from '@core/base'
import { useHouse } from '../../stores/house'
import { useSupplies } from '../../stores/supplies'
import { useUnit } from '../../stores/unit'

/** Notes to hand out, two beside each other: what to bring by when. No child is named on them. */
const store = useUnit()
const house = useHouse()
const supplies = useSupplies()
</script>

<template>
  <div class="cards">
    <article v-for="note in supplies.spread.notes" :key="note.number" class="card note keep">
      <div class="row">
        <span class="mute">{{ house.home?.name }}</span><span class="mute">Note {{ note.number }}</span>
      </div>
      <h3>Could you bring</h3>
      <ul class="rows">
        <li v-for="ask in note.asks" :key="ask.material.id">
          <b>{{ quantityWords(ask.quantity, ask.material.unit, house.thisHome.measures) }} {{ ask.material.name }}</b
          ><br />by {{ longDate(ask.bringBy) }}
        </li>
      </ul>
      <p>It is for {{ store.unit?.name }}. Only what you already have: nothing has to be bought. Thank you.</p>
    </article>
  </div>
</template>

<style scoped>
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
