<script setup lang="ts">
import { computed } from 'vue'
import { moneyWords, quantityWords } from '@core/base'
import { getByWords, packWords, supplyGroups, type GroupEntry, type SupplyLine } from '@core/supplies'
import { useHomeWords } from '../../composables/homeWords'

/** What to get, by where, with a box to tick for each: to take along. */
const props = defineProps<{ lines: readonly SupplyLine[] }>()
const words = useHomeWords()
const groups = computed(() => supplyGroups(props.lines))
const amount = ({ line }: GroupEntry) =>
  quantityWords(line.shortage + line.topUp, line.material.unit, words.value.measures)
const about = ({ line, buy }: GroupEntry) =>
  [packWords(buy?.packs ?? [], line.material.unit, words.value.measures), getByWords(line)].filter(Boolean).join(', ')
</script>

<template>
  <div v-if="groups.length" class="supplies">
    <section v-for="group in groups" :key="group.key">
      <h3>
        {{ group.title
        }}<span v-if="group.cost" class="mute small"> about {{ moneyWords(group.cost, words.currency) }}</span>
      </h3>
      <ul>
        <li v-for="entry in group.entries" :key="entry.line.material.id">
          <span class="box" aria-hidden="true" />
          <span>
            <b>{{ amount(entry) }}</b> {{ entry.line.material.name
            }}<span v-if="about(entry)" class="mute small"> ({{ about(entry) }})</span>
          </span>
        </li>
      </ul>
    </section>
  </div>
  <p v-else>Have everything: all of it is in the house.</p>
</template>

<style scoped>
.supplies {
  columns: 2 300px;
  column-gap: 24px;
}
section {
  margin-bottom: 14px;
}
h3 {
  break-after: avoid;
  border-bottom: 2px solid var(--edge-strong);
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 8px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px solid var(--edge);
  break-inside: avoid;
}
.box {
  width: 14px;
  height: 14px;
  border: 1.5px solid var(--control);
  border-radius: 3px;
  transform: translateY(2px);
}
@media print {
  .supplies {
    columns: 2;
    font-size: 10.5pt;
  }
}
</style>
