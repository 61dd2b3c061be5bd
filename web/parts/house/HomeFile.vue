<script setup lang="ts">
import { PlanFile } from '@core/papers'
import { api } from '../../api/client'
import { FileProblem, useFileIn } from '../../composables/useFileIn'
import { useHouse } from '../../stores/house'
import FileIn from '../fields/FileIn.vue'
import ImportPreview from './ImportPreview.vue'

/** The home, the library and every unit as one file, out and in. */
const house = useHouse()
function readPlan({ name, text }: { name: string; text: string }): PlanFile {
  let parsed: unknown
  try {
    parsed = JSON.parse(text)
  } catch {
    throw new FileProblem([`${name} is not a plan file: it is not JSON. Nothing was changed.`])
  }
  const checked = PlanFile.safeParse(parsed)
  if (checked.success) return checked.data
  throw new FileProblem([
    `${name} has mistakes in it, so nothing was changed:`,
    ...checked.error.issues.slice(0, 8).map((issue) => `${issue.path.join('.') || 'the file'}: ${issue.message}`),
  ])
}
const file = useFileIn(readPlan, { preview: api.previewFile, apply: api.applyFile, done: house.load })
</script>

<template>
  <section class="rows">
    <h2>Everything as a file</h2>
    <p class="small mute">One open file with the home, the library and every unit. Keep a copy somewhere else.</p>
    <div class="inline">
      <v-btn href="/api/v1/plan-file" download>Save a copy</v-btn
      ><FileIn accept=".json,application/json" label="Bring a file in" @take="file.take" />
    </div>
    <ImportPreview
      :entries="file.entries.value"
      :problems="file.problems.value"
      @apply="file.apply"
      @leave="file.leave"
    />
  </section>
</template>
