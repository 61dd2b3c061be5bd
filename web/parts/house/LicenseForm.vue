<script setup lang="ts">
import { computed, ref, toRaw, watch } from 'vue'
import { EXAMPLE_LICENSE, EXAMPLE_RULES, License, STAGES, type LicenseRule, type Stage } from '@core/domain'
import { RULE_NAMES, STAGE_NAMES } from '@core/base'
import { useHouse } from '../../stores/house'
import FormField from '../fields/FormField.vue'

/** What the home's license allows, in one of three forms of rule. Kobby brings an example; the home writes its own. */
const house = useHouse()
const copy = () => structuredClone(toRaw(house.home?.license) ?? EXAMPLE_LICENSE)
const draft = ref(copy())
watch(
  () => house.home?.license,
  () => (draft.value = copy()),
)
const errors = computed(() => {
  const found: Record<string, string> = {}
  for (const issue of License.safeParse(draft.value).error?.issues ?? [])
    found[issue.path.join('.')] ??= issue.code === 'invalid_type' ? 'Write a number' : issue.message
  return found
})
function commit() {
  const checked = License.safeParse({ ...draft.value, example: false })
  if (!checked.success || !house.home) return
  const { example: _, ...now } = house.home.license
  const { example: __, ...next } = checked.data
  if (JSON.stringify(now) === JSON.stringify(next)) return
  void house.commit('Change the license', [{ put: 'home', value: { ...house.home, license: checked.data } }])
}
const confirm = () =>
  void (
    house.home &&
    house.commit('Confirm the license', [
      { put: 'home', value: { ...house.home, license: { ...house.home.license, example: false } } },
    ])
  )
const KINDS = (Object.keys(RULE_NAMES) as LicenseRule['kind'][]).map((value) => ({ title: RULE_NAMES[value], value }))
function setKind(kind: LicenseRule['kind']) {
  const { rule } = draft.value
  const perAdult = rule.kind === 'points' ? EXAMPLE_RULES.ratios.perAdult : rule.perAdult
  draft.value.rule = kind === 'points' ? structuredClone(EXAMPLE_RULES.points) : { kind, perAdult: { ...perAdult } }
  commit()
}
const setStage = (stage: Stage, value: unknown) => {
  const { rule } = draft.value
  if (rule.kind === 'points') rule.points[stage] = number(value)
  else rule.perAdult[stage] = number(value)
}
const setAdult = (value: unknown) => {
  if (draft.value.rule.kind === 'points') draft.value.rule.perAdult = number(value)
}
const number = (value: unknown) => (value === '' || value === null ? (null as unknown as number) : Number(value))
</script>

<template>
  <section class="rows" aria-label="License">
    <h2>License</h2>
    <p v-if="house.home?.license.example" class="notice soft">
      These numbers are only an example, not your state’s rule. Write down what your license says, or
      <TextButton @click="confirm">say that they are yours</TextButton>.
    </p>
    <form class="stack" @submit.prevent="commit">
      <div class="two">
        <FormField label="Children at once"
          ><v-text-field
            :model-value="draft.children"
            type="number"
            min="1"
            max="60"
            :error-messages="errors.children"
            @update:model-value="draft.children = number($event)"
            @blur="commit"
        /></FormField>
        <FormField label="Under two at once" hint="Empty: no limit."
          ><v-text-field
            :model-value="draft.underTwo ?? ''"
            type="number"
            min="0"
            max="60"
            :error-messages="errors.underTwo"
            @update:model-value="draft.underTwo = $event === '' || $event === null ? null : Number($event)"
            @blur="commit"
        /></FormField>
      </div>
      <FormField label="How adults are counted"
        ><v-select
          :model-value="draft.rule.kind"
          :items="KINDS"
          aria-label="How adults are counted"
          @update:model-value="setKind"
      /></FormField>
      <div class="stages">
        <FormField v-for="stage in STAGES" :key="stage" :label="STAGE_NAMES[stage]">
          <v-text-field
            v-if="draft.rule.kind === 'points'"
            :model-value="draft.rule.points[stage]"
            type="number"
            min="0"
            suffix="points"
            :error-messages="errors[`rule.points.${stage}`]"
            @update:model-value="setStage(stage, $event)"
            @blur="commit"
          />
          <v-text-field
            v-else
            :model-value="draft.rule.perAdult[stage]"
            type="number"
            min="1"
            max="30"
            prefix="1 to"
            :error-messages="errors[`rule.perAdult.${stage}`]"
            @update:model-value="setStage(stage, $event)"
            @blur="commit"
          />
        </FormField>
        <FormField v-if="draft.rule.kind === 'points'" label="An adult may have"
          ><v-text-field
            :model-value="draft.rule.perAdult"
            type="number"
            min="1"
            suffix="points"
            :error-messages="errors['rule.perAdult']"
            @update:model-value="setAdult"
            @blur="commit"
        /></FormField>
      </div>
    </form>
    <p class="small mute">Your licensing rules come first: Kobby only does the counting.</p>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.stages {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(124px, 1fr));
  gap: 10px;
}
</style>
