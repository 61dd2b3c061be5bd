<script setup lang="ts">
import { newEvent, newSlowProject, type SlowStage, type Unit } from '@core/domain'
import { SLOW_KINDS, slowKind } from '@core/library/slow'
import { mediumDate } from '@core/base'
import { beginBy } from '@core/prep'
import { newId } from '../../api/newId'
import { useUnit } from '../../stores/unit'
import EventEditor from './EventEditor.vue'

/** The special days of a unit, and what goes on slowly through it. */
const draft = defineModel<Unit>({ required: true })
defineProps<{ errors: Record<string, string> }>()
const unit = useUnit()
const emit = defineEmits<{ commit: [] }>()
function dropEvent(i: number) {
  draft.value.events.splice(i, 1)
  emit('commit')
}
function dropProject(i: number) {
  draft.value.slowProjects.splice(i, 1)
  emit('commit')
}
/** What the library knows of it: its stages, its care and what to be careful with. */
function become(i: number, kind: string | null) {
  const [one, known] = [draft.value.slowProjects[i], kind === null ? undefined : slowKind(kind)]
  draft.value.slowProjects[i] = {
    ...one,
    kind,
    name: known && (one.name === NEW_NAME || one.kind) ? known.name : one.name,
    stages: known ? known.stages.map((stage) => ({ ...stage })) : [],
    care: known?.care ?? '',
    careEvery: known?.careEvery ?? 1,
    ends: known?.ends ?? '',
    cautions: [...(known?.cautions ?? [])],
    reached: {},
  }
  emit('commit')
}
const NEW_NAME = 'Something that grows'
const kinds = [
  { title: 'Something of your own', value: null },
  ...SLOW_KINDS.map((one) => ({ title: one.name, value: one.id })),
]
function begin(i: number, date: string) {
  draft.value.slowProjects[i].startOn = date || null
  emit('commit')
}
const dateOf = (number: number) => unit.days.find((day) => day.number === number)?.date
const beginWords = (stages: readonly SlowStage[], date: string) => {
  const { surely, likely } = beginBy(stages, date)
  return `To be there on ${mediumDate(date)}: begin by ${mediumDate(surely)} to be sure, by ${mediumDate(likely)} to be likely.`
}
function addEvent() {
  draft.value.events.push(newEvent(draft.value.days, 'Special day'))
  emit('commit')
}
function addProject() {
  draft.value.slowProjects.push(newSlowProject(newId(), NEW_NAME, 1, draft.value.days))
  emit('commit')
}
</script>

<template>
  <fieldset class="plain rows">
    <legend><h2>Special days and slow projects</h2></legend>
    <EventEditor
      v-for="(_, i) in draft.events"
      :key="`e${i}`"
      v-model="draft.events[i]"
      :number="i"
      :errors="errors"
      :days="draft.days"
      @commit="emit('commit')"
      @remove="dropEvent(i)"
    />
    <div v-for="(one, i) in draft.slowProjects" :key="one.id" class="slow">
      <div class="inline pair">
        <span>Day</span
        ><v-text-field
          v-model.number="one.fromDay"
          class="tiny"
          type="number"
          min="1"
          :aria-label="`Project ${i + 1}: from day`"
          @blur="emit('commit')"
        /><span>to</span
        ><v-text-field
          v-model.number="one.toDay"
          class="tiny"
          type="number"
          min="1"
          :aria-label="`Project ${i + 1}: to day`"
          :error-messages="errors[`slowProjects.${i}.toDay`]"
          @blur="emit('commit')"
        /><v-text-field v-model="one.name" :aria-label="`Project ${i + 1}: name`" @blur="emit('commit')" /><TextButton
          :aria-label="`Remove ${one.name}`"
          @click="dropProject(i)"
        >
          remove
        </TextButton>
      </div>
      <div class="kind">
        <v-select
          :model-value="one.kind"
          :items="kinds"
          :aria-label="`Project ${i + 1}: what it is`"
          @update:model-value="become(i, $event)"
        />
        <label class="small mute"
          >begins on
          <input
            class="time"
            type="date"
            :value="one.startOn ?? ''"
            :aria-label="`Project ${i + 1}: begins on`"
            @change="begin(i, ($event.target as HTMLInputElement).value)"
        /></label>
        <p v-if="one.stages.length && dateOf(one.toDay)" class="small mute wide">
          {{ beginWords(one.stages, dateOf(one.toDay)!) }}
        </p>
      </div>
    </div>
    <div class="inline">
      <v-btn size="small" @click="addEvent">Add a special day</v-btn
      ><v-btn size="small" @click="addProject">Add a slow project</v-btn>
    </div>
  </fieldset>
</template>

<style scoped>
@media (max-width: 700px) {
  .slow .kind {
    grid-template-columns: minmax(0, 1fr);
  }
}
.wide {
  grid-column: 1 / -1;
}
.slow {
  display: grid;
  gap: 6px;
}
.kind {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
}
.plain {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  margin-bottom: 6px;
}
.pair {
  flex-wrap: nowrap;
}
.tiny {
  flex: 0 0 76px;
}
</style>
