<script setup lang="ts">
import { computed } from 'vue'
import { countWords, listWords } from '@core/base'
import FamilyNotes from '../parts/papers/FamilyNotes.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useSupplies } from '../stores/supplies'
import { useUnit } from '../stores/unit'

/**
 * Notes for families, to print and hand out: what to bring by when. No child is named on them; whose note is whose
 * stands on the screen only.
 */
const store = useUnit()
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
      <FamilyNotes />
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
</style>
