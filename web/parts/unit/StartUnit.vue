<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { MAX_UNIT_DAYS } from '@core/domain'
import { newId } from '../../api/newId'
import { tellFirstPlan } from '../../composables/useFirstPlan'
import { useNewUnit } from '../../composables/useNewUnit'
import { paperOf } from '../../composables/usePatterns'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import type { Write } from '../../stores/writer'
import FormField from '../fields/FormField.vue'
import ObjectNotes from '../lines/ObjectNotes.vue'
import StarterOffer from '../lines/StarterOffer.vue'
import StyleChoice from './StyleChoice.vue'

/** A new unit: a theme, when, in which style, what it is about; and a first plan of it, if she wants one. */
const emit = defineEmits<{ close: [] }>()
const house = useHouse()
const session = useSession()
const router = useRouter()
const { draft, style, choose, known, objectWords, starters, taken, take, dropTaken, interests, unit, errors, covers } =
  useNewUnit()

const fill = ref(true)
const tried = ref(false)
const busy = ref(false)
const failed = ref('')
const SHOWN = ['name', 'start', 'days', 'interest', 'objects', 'words']
async function start() {
  tried.value = true
  failed.value = ''
  if (!house.home) failed.value = 'This home is not set up yet: do that first, in Units.'
  // What has a field in this form says so there.
  const elsewhere = Object.entries(errors.value).filter(([field]) => !SHOWN.includes(field))
  if (elsewhere.length) failed.value = elsewhere.map(([field, message]) => `${field}: ${message}.`).join(' ')
  if (failed.value || Object.keys(errors.value).length) return
  busy.value = true
  try {
    const writes: Write[] = [{ put: 'unit', value: unit.value }]
    let said: string[] = []
    if (fill.value) {
      const [{ startOf }, { MATERIALS }] = await Promise.all([
        import('@core/ideas/styles/start'),
        import('@core/library/materials'),
      ])
      const begun = startOf(unit.value, house.house, session.today, {
        paper: paperOf(house.thisHome.measures),
        shipped: new Map(MATERIALS.map((one) => [one.id, one])),
        newId: newId,
      })
      said = begun.words
      writes.push(
        ...begun.materials.map((value) => ({ put: 'material' as const, value })),
        ...begun.activities.map((value) => ({ put: 'activity' as const, value })),
        ...begun.ideas.map((value) => ({ put: 'idea' as const, value })),
        ...begun.placements.map((value) => ({ put: 'placement' as const, value })),
      )
    }
    await house.commit(`Start ${unit.value.name}`, writes)
    if (said.length) tellFirstPlan(unit.value.id, said)
    emit('close')
    await router.push({ name: fill.value ? 'lay-out' : 'spark', params: { unitId: unit.value.id } })
  } catch (error) {
    failed.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="k-sheet" novalidate @submit.prevent="start">
    <h2 id="start-title">Start a unit</h2>
    <div class="when">
      <FormField label="Theme" class="theme"
        ><v-text-field
          v-model="draft.name"
          v-start-here
          placeholder="Wind and kites, bakers, under the ground"
          maxlength="120"
          :error-messages="tried ? errors.name : undefined"
      /></FormField>
      <FormField label="Starts on"
        ><v-text-field v-model="draft.start" type="date" :error-messages="errors.start"
      /></FormField>
      <FormField label="Program days"
        ><v-text-field
          v-model.number="draft.days"
          type="number"
          min="1"
          :max="MAX_UNIT_DAYS"
          :error-messages="errors.days"
      /></FormField>
    </div>
    <p class="small mute covers">{{ covers }}</p>
    <StyleChoice :chosen="style" @choose="choose" />
    <FormField
      v-if="style === 'follow'"
      label="The interest it follows"
      hint="One child’s or the group’s, without a name."
      ><v-combobox
        v-model="draft.interest"
        :items="interests"
        aria-label="The interest it follows"
        placeholder="things that dig"
        :error-messages="tried ? errors.interest : undefined"
    /></FormField>
    <StarterOffer :starters="starters" :taken="taken?.starter ?? null" @take="take" @drop="dropTaken" />
    <FormField label="Objects of the theme" :hint="objectWords"
      ><v-text-field
        v-model="draft.objects"
        placeholder="6 shells, crab, 2 boats, seaweed, 12 red pebbles"
        :error-messages="tried ? errors.objects : undefined"
    /></FormField>
    <ObjectNotes v-model="draft.objects" :known="known" />
    <FormField label="Words to learn"
      ><v-combobox
        v-model="draft.words"
        multiple
        chips
        closable-chips
        aria-label="Words to learn"
        placeholder="Type one, press Enter"
        :error-messages="tried ? errors.words : undefined"
    /></FormField>
    <v-checkbox v-model="fill" label="Lay out a first plan in this style, to change as you like" />
    <p v-if="failed" class="notice" role="alert">{{ failed }} Nothing was lost.</p>
    <div class="inline">
      <v-btn class="primary" type="submit" :disabled="busy">{{ busy ? 'Laying it out' : 'Start' }}</v-btn><v-btn
        class="plain"
        @click="emit('close')"
        >Cancel</v-btn
      >
    </div>
  </form>
</template>

<style scoped>
.when {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) minmax(0, 0.8fr);
  gap: 10px 14px;
}
.covers {
  margin-top: -10px;
  min-height: 20px;
}
@media (max-width: 720px) {
  .when {
    grid-template-columns: 1.6fr 1fr;
  }
  .theme {
    grid-column: 1 / -1;
  }
}
</style>
