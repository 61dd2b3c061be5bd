<script setup lang="ts">
import { computed } from 'vue'
import { countWords, listWords, quantityWords, shortDate } from '@core/base'
import { useHomeWords } from '../../composables/homeWords'
import type { useSupplies } from '../../stores/supplies'

/** What is asked for, spread over the families: who gets which note. */
const props = defineProps<{ spread: ReturnType<typeof useSupplies>['spread'] }>()
const words = useHomeWords()
const asksNothing = computed(() => props.spread.families - props.spread.notes.length)
const familyWords = (keys: readonly { name: string }[]) => listWords(keys.map((child) => child.name))
</script>

<template>
  <section class="rows spread">
    <h3>Spread over the families</h3>
    <p class="small mute">
      Nobody is asked for two expensive things, and with each unit another family comes first. The notes say this,
      without a name.
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col">Note</th>
          <th scope="col">Family of</th>
          <th scope="col">Please bring</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="note in spread.notes" :key="note.family.key">
          <td>{{ note.number }}</td>
          <td>{{ familyWords(note.family.children) }}</td>
          <td>
            {{
              listWords(
                note.asks.map(
                  (one) =>
                    `${quantityWords(one.quantity, one.material.unit, words.measures)} ${one.material.name} by ${shortDate(one.bringBy)}`,
                ),
              )
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="asksNothing" class="small mute">
      {{ countWords(asksNothing, 'family', 'families') }} {{ asksNothing === 1 ? 'is' : 'are' }} asked for nothing this
      time.
    </p>
    <p v-if="spread.left.length" class="small">
      Left over, because every family has a dear thing already:
      {{
        listWords(
          spread.left.map(
            (one) => `${quantityWords(one.quantity, one.material.unit, words.measures)} ${one.material.name}`,
          ),
        )
      }}.
    </p>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 15px;
}
th {
  text-align: left;
  font-weight: 650;
  color: var(--mute);
}
th,
td {
  padding: 4px 10px 4px 0;
  border-bottom: 1px solid var(--edge);
  vertical-align: top;
}
</style>
