<script setup lang="ts">
import { api } from '../../api/client'
import { useFileIn } from '../../composables/useFileIn'
import { useHouse } from '../../stores/house'
import FileIn from '../fields/FileIn.vue'
import ImportPreview from '../house/ImportPreview.vue'

/** Ideas out and in as a table: what it would change is shown before it does. */
const house = useHouse()
const csv = useFileIn((file) => file.text, {
  preview: api.previewActivities,
  apply: api.applyActivities,
  done: house.load,
})
</script>

<template>
  <section class="rows" aria-label="As a table">
    <h3>As a table</h3>
    <p class="small mute">
      A row for each idea, for any spreadsheet. Rows with an id change that idea; rows without one are new.
    </p>
    <div class="inline">
      <v-btn href="/api/v1/activities.csv" download>Save as a table</v-btn
      ><FileIn
        accept=".csv,.tsv,.txt,text/csv"
        :label="csv.busy.value ? 'Reading' : 'Bring a table in'"
        @take="csv.take"
      />
    </div>
    <ImportPreview :entries="csv.entries.value" :problems="csv.problems.value" @apply="csv.apply" @leave="csv.leave" />
  </section>
</template>
