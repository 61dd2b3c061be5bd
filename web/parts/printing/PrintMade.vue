<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { capital } from '@core/ideas'
import { countWords, minutesWords } from '@core/base'
import type { Page, PrintJob } from '@core/cards'
import type { PrintSet } from '@core/domain'
import { PAPER_OF, POUCH, printSum } from '@core/printing'
import { useHouse } from '../../stores/house'
import { usePrinting } from '../../stores/printing'
import { useUnit } from '../../stores/unit'
import PdfProgress from './PdfProgress.vue'

/** What a set comes to, as a file for the printer, and whether it is printed. */
const props = defineProps<{
  set: PrintSet
  job: PrintJob | null
  kept: boolean
  /** The page that is looked at, from 0. */
  at: number
}>()
const emit = defineEmits<{ add: []; leave: []; kept: [id: string] }>()
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
/** It stays the one that is looked at, wherever it is listed now. */
async function mark(printed: boolean): Promise<void> {
  const [own] = await printing.markPrinted([props.set], printed)
  emit('kept', own.id)
}
const fileName = computed(() => props.set.name.toLowerCase().replace(/[^a-z0-9]+/g, '-'))
async function pdf(open: boolean): Promise<void> {
  printing.asked = 'set'
  // A window that is opened later than the click is held back by browsers.
  const page = open ? window.open('', '_blank') : null
  const making = printing.pdf([props.set], `${props.set.name}, ${unit.unit?.name ?? ''}`)
  if (!page) return printing.keepPdf(`${fileName.value}.pdf`, making)
  const bytes = await making
  if (!bytes) return page.close()
  page.location.href = URL.createObjectURL(new Blob([bytes as BlobPart], { type: 'application/pdf' }))
}
/** The page that is looked at; of cards each can stand on a screen alone. */
const shown = computed<Page | undefined>(() => props.job?.pages[Math.min(props.at, props.job.pages.length - 1)])
const WHOLE = -1
const card = ref(WHOLE)
watch(shown, () => (card.value = WHOLE))
const cardItems = computed(() => {
  const cards = shown.value?.cards ?? []
  return cards.length
    ? [{ title: 'The page', value: WHOLE }, ...cards.map((_, i) => ({ title: `Card ${i + 1}`, value: i }))]
    : []
})
function picture(as: 'svg' | 'png'): void {
  printing.asked = 'set'
  if (shown.value) void printing.keepPicture(fileName.value, shown.value, as, card.value === WHOLE ? null : card.value)
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
      <v-btn :disabled="!shown" :title="job?.lacks" @click="picture('svg')">SVG</v-btn>
      <v-btn v-if="!cardItems.length" :disabled="!shown" :title="job?.lacks" @click="picture('png')">PNG</v-btn>
    </div>
    <div v-if="cardItems.length" class="inline screen">
      <v-select v-model="card" :items="cardItems" aria-label="What of the page, for a screen" />
      <v-btn @click="picture('png')">PNG</v-btn>
    </div>
    <PdfProgress of="set" />
    <div class="inline">
      <v-btn v-if="!kept" @click="$emit('add')">Add to preparation</v-btn>
      <v-btn v-if="!set.printedOn" @click="mark(true)">It is printed</v-btn>
      <template v-else
        ><span class="mute">Printed</span><TextButton @click="mark(false)">Not printed yet</TextButton></template
      >
      <TextButton v-if="kept" @click="$emit('leave')">Leave it out</TextButton>
    </div>
  </div>
</template>

<style scoped>
.screen > :first-child {
  flex: 1 1 120px;
}
</style>
