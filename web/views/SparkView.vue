<script setup lang="ts">
import { computed } from 'vue'
import { MAX_UNIT_DAYS, STYLES, Unit } from '@core/domain'
import { countWords, longDate, STYLE_NAMES } from '@core/base'
import { SKELETONS, thingUpdates } from '@core/ideas'
import SpecialDays from '../parts/unit/SpecialDays.vue'
import ThemeObjects from '../parts/unit/ThemeObjects.vue'
import FormField from '../parts/fields/FormField.vue'
import MoneyField from '../parts/fields/MoneyField.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useDraft } from '../composables/useDraft'
import { useFlags } from '../composables/useFlags'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** The theme: its days, its words, its objects, its focus. */
const store = useUnit()
const house = useHouse()
const source = computed(() => store.unit)
/** What was measured or counted of an object goes into the pantry too, where patterns put it. */
function save(value: Unit) {
  const before = store.unit!
  void store.commit(`Change ${value.name}`, [
    { put: 'unit', value },
    ...thingUpdates(before, value, house.materialsById).map((one) => ({ put: 'material' as const, value: one })),
  ])
}
const { draft, errors, commit } = useDraft(
  source,
  Unit,
  save,
  useFlags(
    'unit',
    computed(() => store.unit?.id),
  ),
)
const closures = computed(() => store.readings?.plan.program.closures ?? [])
const covers = computed(() =>
  store.days.length ? `${longDate(store.days[0].date)} to ${longDate(store.days[store.days.length - 1].date)}` : '',
)
function handle(date: string, how: 'slide' | 'drop') {
  draft.value!.closureHandling = { ...draft.value!.closureHandling, [date]: how }
  commit()
}
const past = computed(
  () =>
    store.placements.filter(
      (one) => (one.where.kind === 'moment' ? one.where.day : one.where.fromDay) > store.days.length,
    ).length,
)
</script>

<template>
  <UnitFrame title="Spark">
    <form v-if="draft" class="spark" @submit.prevent="commit">
      <div class="stack">
        <FormField label="Theme"
          ><v-text-field v-model="draft.name" :error-messages="errors.name" maxlength="120" @blur="commit"
        /></FormField>
        <div class="three">
          <FormField label="Starts on"
            ><v-text-field v-model="draft.start" type="date" :error-messages="errors.start" @blur="commit" /></FormField
          ><FormField label="Program days"
            ><v-text-field
              v-model.number="draft.days"
              type="number"
              min="1"
              :max="MAX_UNIT_DAYS"
              :error-messages="errors.days"
              @blur="commit" /></FormField
          ><FormField label="Budget"
            ><MoneyField
              v-model="draft.budget"
              label="Budget"
              optional
              placeholder="none"
              :fault="errors.budget"
              @done="commit"
          /></FormField>
        </div>
        <p class="mute">{{ covers }}</p>
        <p v-if="past" class="notice soft">
          {{ countWords(past, 'thing') }} would fall past the end. They are kept and shown in Lay out once the unit is
          long enough.
        </p>
        <div v-for="one in closures" :key="one.date" class="notice soft row">
          <span>Closed {{ longDate(one.date) }}{{ one.reason ? `: ${one.reason}` : '' }}</span
          ><span class="inline"
            ><v-btn
              size="small"
              :class="{ primary: one.handling === 'slide' }"
              :aria-pressed="one.handling === 'slide'"
              @click="handle(one.date, 'slide')"
              >Slide the rest</v-btn
            ><v-btn
              size="small"
              :class="{ primary: one.handling === 'drop' }"
              :aria-pressed="one.handling === 'drop'"
              @click="handle(one.date, 'drop')"
              >Drop that day</v-btn
            ></span
          >
        </div>
        <FormField label="Big idea"
          ><v-textarea
            v-model="draft.bigIdea"
            :error-messages="errors.bigIdea"
            placeholder="What do we want them to find out?"
            maxlength="400"
            @blur="commit"
        /></FormField>
        <FormField label="Questions"
          ><v-combobox
            v-model="draft.questions"
            multiple
            chips
            closable-chips
            :error-messages="errors.questions"
            aria-label="Questions"
            placeholder="Type one, press Enter"
            @update:model-value="commit"
        /></FormField>
        <FormField label="Words"
          ><v-combobox
            v-model="draft.words"
            multiple
            chips
            closable-chips
            :error-messages="errors.words"
            aria-label="Words"
            placeholder="Type one, press Enter"
            @update:model-value="commit"
        /></FormField>
        <FormField label="Books"
          ><v-combobox
            v-model="draft.books"
            multiple
            chips
            closable-chips
            :error-messages="errors.books"
            aria-label="Books"
            placeholder="Type one, press Enter"
            @update:model-value="commit"
        /></FormField>
        <FormField label="Planning style" :hint="SKELETONS[draft.style].about"
          ><v-select
            v-model="draft.style"
            :items="STYLES.map((style) => ({ title: STYLE_NAMES[style], value: style }))"
            aria-label="Planning style"
            @update:model-value="commit"
        /></FormField>
        <FormField
          label="Interest it follows"
          :hint="draft.style === 'follow' ? 'One child’s or the group’s, without a name.' : undefined"
          ><v-text-field
            v-model="draft.interest"
            placeholder="things that dig"
            maxlength="120"
            :error-messages="errors.interest"
            @blur="commit"
        /></FormField>
        <FormField label="Note"><v-textarea v-model="draft.note" maxlength="4000" @blur="commit" /></FormField>
      </div>
      <div class="stack">
        <fieldset class="plain">
          <legend><h2>Focus</h2></legend>
          <div class="four">
            <FormField label="Letter"
              ><v-text-field v-model="draft.focus.letter" maxlength="120" @blur="commit" /></FormField
            ><FormField label="Number"
              ><v-text-field v-model="draft.focus.number" maxlength="120" @blur="commit" /></FormField
            ><FormField label="Shape"
              ><v-text-field v-model="draft.focus.shape" maxlength="120" @blur="commit" /></FormField
            ><FormField label="Color"
              ><v-text-field v-model="draft.focus.colour" maxlength="120" @blur="commit"
            /></FormField>
          </div>
        </fieldset>
        <ThemeObjects v-model="draft.objects" :errors="errors" @commit="commit" />
        <SpecialDays v-model="draft" :errors="errors" @commit="commit" />
        <div><v-btn class="primary" :to="{ name: 'gather', params: { unitId: store.id! } }">Gather ideas</v-btn></div>
      </div>
    </form>
  </UnitFrame>
</template>

<style scoped>
.spark {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 28px;
  align-items: start;
}
.three {
  display: grid;
  grid-template-columns: 1.3fr 1fr 1fr;
  gap: 10px;
}
.four {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
}
.plain {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  margin-bottom: 6px;
}
.notice.row {
  align-items: center;
  flex-wrap: wrap;
}
@media (max-width: 1000px) {
  .spark {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 720px) {
  .three,
  .four {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
