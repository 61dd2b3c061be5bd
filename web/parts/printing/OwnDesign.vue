<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PrintKindInfo } from '@core/cards'
import { MOST_OWN_CARDS, PrintSet } from '@core/domain'
import { usePrinting } from '../../stores/printing'
import ThingDrawing from '../cards/ThingDrawing.vue'
import FormField from '../fields/FormField.vue'
import ThingPicture from '../lines/ThingPicture.vue'

/** What makes a set her own: its name, a line of hers, cards with her words and pictures; and to keep it for other units. */
const props = defineProps<{ set: PrintSet; info: PrintKindInfo }>()
const emit = defineEmits<{ change: [words: string, over: Partial<PrintSet>] }>()
const printing = usePrinting()
const fault = ref<Record<string, string>>({})
const word = ref('')
const picture = ref('')
const kept = ref(false)
/** What is closed is not there: nothing of it is found by keys. */
const isOpen = ref(props.set.own.length > 0)
watch(
  () => props.set.id,
  () => {
    fault.value = {}
    word.value = picture.value = ''
  },
)
watch(
  () => props.set,
  () => (kept.value = false),
)
const takesCards = computed(() => props.info.own !== null)
const isHouse = computed(() => Boolean(props.info.own && props.info.own !== 'things'))
function change(words: string, over: Partial<PrintSet>): void {
  const checked = PrintSet.safeParse({ ...props.set, ...over })
  fault.value = checked.success
    ? {}
    : Object.fromEntries(checked.error.issues.map((one) => [String(one.path[0]), one.message]))
  if (checked.success) emit('change', words, over)
}
function add(): void {
  if (props.set.own.length >= MOST_OWN_CARDS) fault.value = { own: `At most ${MOST_OWN_CARDS} cards of your own` }
  else if (!word.value.trim()) fault.value = { own: 'Write the word of the card' }
  else {
    change('a card of your own', { own: [...props.set.own, { word: word.value.trim(), picture: picture.value }] })
    if (!fault.value.own) word.value = picture.value = ''
  }
}
const drop = (i: number) => {
  const own = props.set.own.filter((_, at) => at !== i)
  change('a card less', { own, ownOnly: props.set.ownOnly && own.length > 0 })
}
const text = (event: Event) => (event.target as HTMLInputElement).value.trim()
async function keep(): Promise<void> {
  kept.value = await printing.keepDesign(props.set)
}
</script>

<template>
  <div class="rows">
    <FormField label="Name"
      ><v-text-field
        :model-value="set.name"
        :error-messages="fault.name ? [fault.name] : []"
        @change="change('its name', { name: text($event) })"
    /></FormField>
    <FormField v-if="info.asks" :label="info.asks"
      ><v-text-field
        :model-value="set.text"
        :error-messages="fault.text ? [fault.text] : []"
        @change="change('your words', { text: text($event) })"
    /></FormField>
    <details
      v-if="takesCards"
      class="rows"
      :open="isOpen"
      @toggle="isOpen = ($event.target as HTMLDetailsElement).open"
    >
      <summary>
        <b>Cards of your own</b> <span class="mute small">{{ set.own.length || 'none' }}</span>
      </summary>
      <ul v-if="isOpen && set.own.length" class="rows">
        <li v-for="(card, i) in set.own" :key="i" class="own">
          <ThingPicture v-if="card.picture" :name="card.picture" :size="28" />
          <span>{{ card.word }}</span>
          <TextButton :aria-label="`Take off ${card.word}`" @click="drop(i)">take off</TextButton>
        </li>
      </ul>
      <v-checkbox
        v-if="isOpen && set.own.length"
        :model-value="set.ownOnly"
        :label="isHouse ? 'Only these, none of the house' : 'Only these, none of the theme'"
        hide-details
        density="compact"
        @update:model-value="change('only your own', { ownOnly: Boolean($event) })"
      />
      <form v-if="isOpen" class="rows new" @submit.prevent="add">
        <FormField label="Word"><v-text-field v-model="word" maxlength="120" /></FormField>
        <ThingDrawing v-model="picture" :name="word || 'the new card'" />
        <p v-if="fault.own" class="brick small" role="alert">{{ fault.own }}</p>
        <div><v-btn type="submit">Add the card</v-btn></div>
      </form>
    </details>
    <div>
      <v-btn @click="keep">Keep as a design</v-btn>
      <p v-if="kept" class="small" role="status">Kept under “My own”, for every unit.</p>
    </div>
  </div>
</template>

<style scoped>
summary {
  cursor: pointer;
}
.own {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  overflow-wrap: anywhere;
}
.new :deep(.drawing) {
  grid-template-columns: minmax(0, 1fr);
}
.new :deep(.drawing .own) {
  padding-top: 0;
}
ul {
  list-style: none;
  padding: 0;
}
</style>
