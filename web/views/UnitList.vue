<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { programDays, countWords, fullDate, longDate, STYLE_NAMES } from '@core/base'
import type { Unit } from '@core/domain'
import { focusWords } from '@core/papers'
import LateDialog from '../parts/frame/LateDialog.vue'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useWriter } from '../stores/writer'

const StartUnit = defineAsyncComponent(() => import('../parts/unit/StartUnit.vue'))

const house = useHouse()
const session = useSession()
const writer = useWriter()
const route = useRoute()
const starting = ref(false)
const units = computed(() =>
  house.units.map((unit) => {
    try {
      const { days } = programDays(house.thisHome, unit)
      const last = days[days.length - 1]
      const state = last.date < session.today ? 'past' : days[0].date > session.today ? 'next' : 'running'
      const today = days.find((day) => day.date === session.today)
      return {
        unit,
        days,
        state,
        words: today
          ? `Day ${today.number} of ${days.length} is today`
          : `${longDate(days[0].date)} to ${fullDate(last.date)}`,
      }
    } catch (error) {
      return { unit, days: [], state: 'next', words: error instanceof Error ? error.message : String(error) }
    }
  }),
)
const ORDER = ['running', 'next', 'past']
const TITLES: Record<string, string> = { running: 'Running', next: 'To come', past: 'Past' }
const ordered = computed(() => ORDER.flatMap((state) => units.value.filter((one) => one.state === state)))

const begin = () => (starting.value = true)
const removing = ref<Unit | null>(null)
function remove() {
  const unit = removing.value
  removing.value = null
  if (unit) void house.commit(`Remove ${unit.name}`, [{ remove: 'unit', id: unit.id }])
}
watch(
  () => [route.query.new, house.loaded],
  () => {
    if (route.query.new && house.loaded) begin()
  },
  { immediate: true },
)
</script>

<template>
  <PlainFrame title="Units" :lead="house.home?.name">
    <template #acts
      ><v-btn v-if="writer.stepsOf(null).undo" :title="`Undo: ${writer.stepsOf(null).undo}`" @click="writer.undo(null)"
        >Undo</v-btn
      ><v-btn class="primary" @click="begin">Start a unit</v-btn></template
    >
    <div v-if="!house.home" class="stack">
      <h2>This home is not set up yet</h2>
      <p class="mute">Three questions, or the demo home to look around.</p>
      <div><v-btn class="primary" to="/start">Set it up</v-btn></div>
    </div>
    <div v-else-if="!ordered.length" class="stack">
      <h2>No unit yet</h2>
      <p class="mute">A name, a start and a length are enough to begin.</p>
      <div><v-btn class="primary" @click="begin">Start a unit</v-btn></div>
    </div>
    <ul v-else class="units">
      <li v-for="one in ordered" :key="one.unit.id" class="cubby unit" :class="one.state">
        <span class="paper-label small">{{ TITLES[one.state] }}</span>
        <router-link :to="{ name: 'lay-out', params: { unitId: one.unit.id } }" class="name k-label">{{
          one.unit.name
        }}</router-link>
        <p>{{ one.words }}</p>
        <p class="small mute">
          {{ countWords(one.unit.days, 'program day') }} · {{ STYLE_NAMES[one.unit.style]
          }}{{ focusWords(one.unit.focus) ? ` · ${focusWords(one.unit.focus)}` : '' }}
        </p>
        <p v-if="one.unit.bigIdea" class="idea">{{ one.unit.bigIdea }}</p>
        <div class="row">
          <router-link :to="{ name: 'spark', params: { unitId: one.unit.id } }">Spark</router-link
          ><a :href="`/api/v1/units/${one.unit.id}/plan-file`" download :aria-label="`Save as a file: ${one.unit.name}`"
            >Save as a file</a
          ><TextButton :aria-label="`Remove ${one.unit.name}`" @click="removing = one.unit"> remove </TextButton>
        </div>
      </li>
    </ul>
  </PlainFrame>
  <LateDialog v-model="starting" aria-labelledby="start-title" max-width="760"
    ><StartUnit v-if="starting" @close="starting = false"
  /></LateDialog>
  <LateDialog :model-value="removing !== null" aria-labelledby="remove-unit" @update:model-value="removing = null">
    <div class="k-sheet">
      <h2 id="remove-unit">Remove {{ removing?.name }}?</h2>
      <p>
        Its ideas, its plan, its links and its check marks go with it. Undo brings the plan back; links and check marks
        are gone for good.
      </p>
      <div class="inline">
        <v-btn class="danger" @click="remove">Remove the unit</v-btn><v-btn @click="removing = null">Keep it</v-btn>
      </div>
    </div>
  </LateDialog>
</template>

<style scoped>
.units {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 26px 14px;
  padding-top: 12px;
}
.unit {
  position: relative;
  padding: 20px 16px 12px;
  display: grid;
  gap: 6px;
  grid-template-rows: auto auto auto 1fr;
}
.unit.running {
  border-color: var(--apricot);
}
.paper-label {
  position: absolute;
  top: -12px;
  left: 14px;
  background: var(--paper);
  border: 1px solid var(--edge-strong);
  border-radius: 3px;
  padding: 1px 10px;
  font-weight: 650;
}
.running .paper-label {
  color: var(--ember);
  border-color: var(--apricot);
}
.name {
  font-size: 19px;
  color: var(--ink);
  text-decoration: none;
}
.name:hover {
  text-decoration: underline;
  color: var(--spruce);
}
.idea {
  font-size: 15px;
}
.row {
  margin-top: 4px;
  border-top: 1px solid var(--edge);
  padding-top: 6px;
}
</style>
