<script setup lang="ts">
import { computed, ref } from 'vue'
import { printerOf, printable } from '@core/cards'
import { PrintRules } from '@core/domain'
import { faultOf } from '../../composables/faultOf'
import { useHouse } from '../../stores/house'
import { usePrinting } from '../../stores/printing'
import FormField from '../fields/FormField.vue'
import { numberOrNone } from '../fields/numberOrNone'
import { INK_ITEMS } from './inkItems'
import PdfProgress from './PdfProgress.vue'

/** How the printer of the home is set, once for everything that is printed. */
const house = useHouse()
const printing = usePrinting()
const rules = computed(() => house.thisHome.print)
const us = computed(() => house.thisHome.measures === 'us')
const PER = computed(() => (us.value ? 25.4 : 1))
const shown = (value: number) => Math.round((value / PER.value) * 1000) / 1000
const fault = ref<Record<string, string>>({})
function change(words: string, over: Partial<PrintRules>): void {
  const next = { ...rules.value, ...over }
  const checked = PrintRules.safeParse(next)
  fault.value = checked.success
    ? faultOf(() => printable(printerOf(next, house.thisHome.measures).paper, next.margin))
    : Object.fromEntries(checked.error.issues.map((one) => [one.path.join('.'), one.message]))
  if (Object.keys(fault.value).length) return
  void house.commit(`Printer: ${words}`, [{ put: 'home', value: { ...house.thisHome, print: next } }])
}
function test(): void {
  printing.asked = 'test'
  void printing.keepPdf('test-sheet.pdf', printing.testPdf())
}
const measure = (event: Event): number => {
  const value = numberOrNone((event.target as HTMLInputElement).value)
  return value === null ? Number.NaN : value * PER.value
}
</script>

<template>
  <section class="printer" aria-label="The printer of the home">
    <p class="mute">These are kept for the home: every sheet of every unit is printed so.</p>
    <FormField label="Paper"
      ><v-select
        :model-value="rules.paper ?? ''"
        aria-label="Paper"
        :items="[
          { title: us ? 'As the home measures: US Letter' : 'As the home measures: A4', value: '' },
          { title: 'US Letter', value: 'letter' },
          { title: 'A4', value: 'a4' },
        ]"
        @update:model-value="change('paper', { paper: ($event || null) as PrintRules['paper'] })"
    /></FormField>
    <FormField :label="us ? 'Edge that stays white, inches' : 'Edge that stays white, mm'"
      ><v-text-field
        type="number"
        min="0"
        step="any"
        :model-value="shown(rules.margin)"
        :error-messages="fault.margin ? [fault.margin] : []"
        @change="change('edge', { margin: measure($event) })"
    /></FormField>
    <FormField label="Ink"
      ><v-select
        :model-value="rules.ink"
        aria-label="Ink of the home"
        :items="INK_ITEMS"
        @update:model-value="change('ink', { ink: $event })"
    /></FormField>
    <FormField label="Hand that letters are traced in"
      ><v-select
        :model-value="rules.hand"
        aria-label="Hand that letters are traced in"
        :items="[
          { title: 'Upright, letter by letter', value: 'plain' },
          { title: 'Slanted, with small hooks', value: 'slanted' },
        ]"
        @update:model-value="change('hand', { hand: $event })"
    /></FormField>
    <FormField
      :label="us ? 'Backs lie to the right by, inches' : 'Backs lie to the right by, mm'"
      hint="The test sheet shows it, held against the light."
      ><v-text-field
        type="number"
        step="any"
        :model-value="shown(rules.back.x)"
        :error-messages="fault['back.x'] ? [fault['back.x']] : []"
        @change="change('backs', { back: { ...rules.back, x: measure($event) } })"
    /></FormField>
    <FormField :label="us ? 'Backs lie lower by, inches' : 'Backs lie lower by, mm'"
      ><v-text-field
        type="number"
        step="any"
        :model-value="shown(rules.back.y)"
        :error-messages="fault['back.y'] ? [fault['back.y']] : []"
        @change="change('backs', { back: { ...rules.back, y: measure($event) } })"
    /></FormField>
    <div><v-btn @click="test">PDF of the test sheet</v-btn></div>
    <PdfProgress of="test" />
    <p class="small mute">
      Print at 100%, not “fit to page”: then the bar in the foot of each sheet measures
      {{ us ? '2 inches' : '5 cm' }}.
    </p>
  </section>
</template>

<style scoped>
.printer {
  display: grid;
  gap: 14px;
  max-width: 460px;
  margin-top: 14px;
}
</style>
