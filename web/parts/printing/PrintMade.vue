<script setup lang="ts">
import { computed } from 'vue'
import { capital } from '@core/ideas'
import { countWords, minutesWords } from '@core/base'
import { pageSvg, type PrintJob } from '@core/cards'
import type { PrintSet } from '@core/domain'
import { PAPER_OF, POUCH, printSum } from '@core/printing'
import { downloadBytes, downloadText } from '../../composables/downloadText'
import { useHouse } from '../../stores/house'
import { usePrinting } from '../../stores/printing'
import { useUnit } from '../../stores/unit'

/** What a set comes to, as a file for the printer, and whether it is printed. */
const props = defineProps<{ set: PrintSet; job: PrintJob | null; kept: boolean }>()
defineEmits<{ add: []; leave: [] }>()
const printing = usePrinting()
const house = useHouse()
const unit = useUnit()
const sum = computed(() => printSum({ ...props.set, made: props.job?.made ?? props.set.made }))
const onHand = (id: string) => house.materialsById.get(id)
const haveWords = (id: string, wanted: number) => {
  const material = onHand(id)
  if (!material || material.way === 'have') return ''
  return material.counted ? `, you have ${material.onHand}` : wanted ? ', not counted yet' : ''
}
const withMaterial = computed(() => {
  const made = props.job?.made.with
  const material = made && onHand(made.materialId)
  return made && material
    ? `${capital(material.name)}: ${made.quantity * props.set.copies}${haveWords(material.id, made.quantity)}.`
    : ''
})
const fileName = computed(() => props.set.name.toLowerCase().replace(/[^a-z0-9]+/g, '-'))
async function pdf(open: boolean): Promise<void> {
  // A window that is opened later than the click is held back by browsers.
  const page = open ? window.open('', '_blank') : null
  const bytes = await printing.pdf([props.set], `${props.set.name}, ${unit.unit?.name ?? ''}`)
  if (!bytes) {
    page?.close()
    return
  }
  if (!page) return downloadBytes(`${fileName.value}.pdf`, bytes, 'application/pdf')
  page.location.href = URL.createObjectURL(new Blob([bytes as BlobPart], { type: 'application/pdf' }))
}
const svg = () => {
  const page = props.job?.pages[0]
  if (page) downloadText(`${fileName.value}.svg`, pageSvg(page, printing.pictures.sources), 'image/svg+xml')
}
</script>

<template>
  <div class="stack">
    <div v-if="job && !job.lacks">
      <b>{{ sum.pieces ? `${countWords(sum.pieces, 'piece')} on ` : '' }}{{ countWords(sum.sheets, 'sheet') }}.</b>
      <p class="small mute">
        <template v-if="sum.cutMinutes">Cutting {{ minutesWords(sum.cutMinutes) }}. </template>
        <template v-if="sum.pouches"
          >{{ capital(countWords(sum.pouches, 'pouch', 'pouches')) }}{{ haveWords(POUCH, sum.pouches) }}. </template
        >{{ set.stock === 'paper' ? 'Paper' : 'Card' }}: {{ countWords(sum.sheets, 'sheet')
        }}{{ haveWords(PAPER_OF[set.stock], sum.sheets) }}. {{ withMaterial }}
      </p>
    </div>
    <div class="inline">
      <v-btn class="primary" :disabled="!job || Boolean(job.lacks)" :title="job?.lacks" @click="pdf(true)">Print</v-btn>
      <v-btn :disabled="!job || Boolean(job.lacks)" :title="job?.lacks" @click="pdf(false)">PDF</v-btn>
      <v-btn :disabled="!job || Boolean(job.lacks)" :title="job?.lacks" @click="svg">SVG</v-btn>
    </div>
    <p v-if="printing.progress" role="status" class="small">
      Page {{ printing.progress.done }} of {{ printing.progress.all || 'all' }}.
      <TextButton @click="printing.stop()">Stop</TextButton>
    </p>
    <p v-if="printing.failed" class="brick small" role="alert">{{ printing.failed }}</p>
    <div class="inline">
      <v-btn v-if="!kept" @click="$emit('add')">Add to preparation</v-btn>
      <v-btn v-if="!set.printedOn" @click="printing.markPrinted([set], true)">It is printed</v-btn>
      <template v-else
        ><span class="mute">Printed</span
        ><TextButton @click="printing.markPrinted([set], false)">Not printed yet</TextButton></template
      >
      <TextButton v-if="kept" @click="$emit('leave')">Leave it out</TextButton>
    </div>
  </div>
</template>
