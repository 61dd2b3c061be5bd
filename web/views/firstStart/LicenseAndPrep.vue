<script setup lang="ts">
import { computed } from 'vue'
import { EXAMPLE_RULES, STAGES, type LicenseRule, type PrepWindow, type Weekday } from '@core/domain'
import { spanWords, longWeekday, RULE_NAMES, STAGE_NAMES } from '@core/base'
import FormField from '../../parts/fields/FormField.vue'
import type { Answers } from './answers'

/** Which form of rule her license has, with example numbers marked as such, and when she can prepare. */
const props = defineProps<{ windows: PrepWindow[] }>()
const license = defineModel<Answers['license']>('license', { required: true })
const noPrep = defineModel<Weekday[]>('noPrep', { required: true })

const KINDS = Object.keys(RULE_NAMES) as LicenseRule['kind'][]
const example = computed(() => {
  const rule = EXAMPLE_RULES[license.value.rule]
  const parts = STAGES.map((stage) =>
    rule.kind === 'points'
      ? `${STAGE_NAMES[stage].toLowerCase()} ${rule.points[stage]}`
      : `${STAGE_NAMES[stage].toLowerCase()} 1 to ${rule.perAdult[stage]}`,
  )
  return `${parts.join(', ')}${rule.kind === 'points' ? `; an adult may have ${rule.perAdult} points` : ''}`
})
const toggle = (day: Weekday) =>
  void (noPrep.value = noPrep.value.includes(day) ? noPrep.value.filter((one) => one !== day) : [...noPrep.value, day])
const isEvening = computed(() => props.windows.some((one) => one.name === 'Evening'))
</script>

<template>
  <div class="stack">
    <fieldset class="plain stack">
      <legend><h2>Your license</h2></legend>
      <FormField label="Children at once" class="few"
        ><v-text-field
          :model-value="license.children"
          type="number"
          min="1"
          max="60"
          aria-label="Children at once"
          @update:model-value="
            license = { ...license, children: $event === '' || $event === null ? null : Number($event) }
          "
      /></FormField>
      <div class="rows" role="radiogroup" aria-label="How adults are counted">
        <label v-for="kind in KINDS" :key="kind" class="choice"
          ><input
            type="radio"
            name="rule"
            :checked="license.rule === kind"
            @change="license = { ...license, rule: kind }"
          /><span>{{ RULE_NAMES[kind] }}</span></label
        >
      </div>
      <p class="notice soft">
        <b>Example numbers, nobody’s law:</b> {{ example }}. Write down what your license says in Home, License; until
        then they are marked as an example everywhere.
      </p>
    </fieldset>
    <fieldset class="plain stack">
      <legend><h2>When you can prepare</h2></legend>
      <p class="mute">
        {{ isEvening ? 'Nobody naps, so these are evenings.' : 'While everyone who naps is asleep.' }} Uncheck a day
        that does not work; the times can be changed in Home, Adults.
      </p>
      <div class="rows">
        <label v-for="window in windows" :key="window.weekday" class="choice"
          ><input type="checkbox" :checked="!noPrep.includes(window.weekday)" @change="toggle(window.weekday)" /><span
            >{{ longWeekday(window.weekday) }}, {{ spanWords(window) }}</span
          ></label
        >
      </div>
    </fieldset>
  </div>
</template>

<style scoped>
.plain {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
.few {
  max-width: 180px;
}
.choice {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr);
  gap: 8px;
  align-items: center;
  min-height: 36px;
  cursor: pointer;
}
.choice input {
  width: 24px;
  height: 24px;
  margin: 0;
  accent-color: var(--spruce);
}
@media (max-width: 900px) {
  .choice {
    min-height: 44px;
  }
}
</style>
