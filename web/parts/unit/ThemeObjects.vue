<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Unit } from '@core/domain'
import { MOST_OBJECTS, readThings } from '@core/ideas'
import { useKnownThings } from '../../composables/useKnownThings'
import { useHouse } from '../../stores/house'
import ThemeObjectRow from '../cards/ThemeObjectRow.vue'
import ObjectNotes from '../lines/ObjectNotes.vue'

/** The objects of the theme: written as a line, then each with what is known of it. */
const objects = defineModel<Unit['objects']>({ required: true })
defineProps<{ errors: Record<string, string> }>()
const emit = defineEmits<{ commit: [] }>()
const house = useHouse()
const quick = ref('')
const openObject = ref<number | null>(null)
const known = useKnownThings()
const adding = computed(() => readThings(quick.value, known.value))
const quickProblem = computed(() =>
  adding.value.length + objects.value.length > MOST_OBJECTS
    ? `A unit holds at most ${MOST_OBJECTS} objects`
    : undefined,
)
function addObjects() {
  if (!adding.value.length || quickProblem.value) return
  for (const one of adding.value) {
    const there = objects.value.find((other) => other.name.toLowerCase() === one.name.toLowerCase())
    if (there) there.onHand += one.onHand
    else objects.value.push(one)
  }
  quick.value = ''
  emit('commit')
}
function dropObject(i: number) {
  objects.value.splice(i, 1)
  openObject.value = null
  emit('commit')
}
</script>

<template>
  <fieldset class="plain rows">
    <legend><h2>Objects of the theme</h2></legend>
    <p class="small mute">Patterns make ideas out of these. A number before one is how many are in the house.</p>
    <div class="quick">
      <v-text-field
        v-model="quick"
        aria-label="Add objects"
        placeholder="6 shells, crab, 2 blue boats"
        :error-messages="quickProblem"
        @keydown.enter.prevent="addObjects"
      /><v-btn :disabled="!quick.trim()" :title="quick.trim() ? undefined : 'Write an object first'" @click="addObjects"
        >Add</v-btn
      >
    </div>
    <ObjectNotes v-model="quick" :known="known" />
    <ThemeObjectRow
      v-for="(_, i) in objects"
      :key="i"
      v-model="objects[i]"
      :number="i"
      :errors="errors"
      :open="openObject === i"
      :more-allergens="house.home?.moreAllergens"
      @commit="emit('commit')"
      @remove="dropObject(i)"
      @toggle="openObject = openObject === i ? null : i"
    />
  </fieldset>
</template>

<style scoped>
.plain {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  margin-bottom: 6px;
}
.quick {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 6px;
  align-items: start;
}
</style>
