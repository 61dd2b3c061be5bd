<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { BinRules } from '@core/domain'
import { listWords } from '@core/base'
import { useHouse } from '../../../stores/house'
import FormField from '../../fields/FormField.vue'

/** What is said at the bin before the lid comes off, in the words of this home, and how strict it is. */
/** `young`: to whom the short rules are said, by name. */
defineProps<{ young: readonly string[] }>()
const house = useHouse()
const rules = computed(() => house.thisHome.binRules)
const FOR = ['rules', 'young'] as const
type For = (typeof FOR)[number]
const MOST: Record<For, number> = { rules: 6, young: 3 }
const LABELS: Record<For, string> = { rules: 'Rules, one to a line', young: 'Rules for toddlers, one to a line' }
const textOf = (one: For) => rules.value[one].join('\n')
const lines = ref({ rules: textOf('rules'), young: textOf('young') })
watch(
  () => FOR.map(textOf).join('\n\n'),
  () => (lines.value = { rules: textOf('rules'), young: textOf('young') }),
)
const setRules = (over: Partial<BinRules>) => {
  const next = { ...rules.value, ...over }
  if (JSON.stringify(next) === JSON.stringify(rules.value)) return
  void house.commit('Rules of the bin', [{ put: 'home', value: { ...house.thisHome, binRules: next } }])
}
const saveLines = (one: For) =>
  setRules({
    [one]: lines.value[one]
      .split('\n')
      .map((line) => line.trim().slice(0, 120))
      .filter(Boolean)
      .slice(0, MOST[one]),
  })
const THROWN = [
  {
    value: 'away-for-the-day',
    title: 'The bin is done for today',
    said: 'If someone throws it, the bin is done for today.',
  },
  {
    value: 'one-reminder',
    title: 'One reminder first',
    said: 'If someone throws it, we say the rule once; then the bin is done.',
  },
  { value: 'break', title: 'That child takes a break', said: 'Whoever throws it does something else for a while.' },
] as const
const thrownWords = computed(() => THROWN.find((one) => one.value === rules.value.thrown)!.said)
const print = () => window.print()
</script>

<template>
  <section class="rows" aria-label="Rules we say first">
    <h2>Rules we say first</h2>
    <ol class="rules">
      <li v-for="rule in rules.rules" :key="rule">{{ rule }}</li>
    </ol>
    <template v-if="young.length && rules.young.length">
      <p class="small mute">To {{ listWords(young) }}, only this:</p>
      <ul class="rules young">
        <li v-for="rule in rules.young" :key="rule">{{ rule }}</li>
      </ul>
    </template>
    <p class="mute">{{ thrownWords }}</p>
    <details class="no-print">
      <summary>Change the rules</summary>
      <div class="rows">
        <FormField v-for="one in FOR" :key="one" :label="LABELS[one]"
          ><v-textarea v-model="lines[one]" rows="2" auto-grow :aria-label="LABELS[one]" @blur="saveLines(one)"
        /></FormField>
        <FormField label="When filler is thrown"
          ><v-select
            :model-value="rules.thrown"
            aria-label="When filler is thrown"
            :items="THROWN.map(({ value, title: name }) => ({ value, title: name }))"
            @update:model-value="setRules({ thrown: $event })"
        /></FormField>
        <FormField label="Calm times before a finer filler"
          ><v-select
            :model-value="rules.calmTimes"
            aria-label="Calm times before a finer filler"
            :items="[1, 2, 3, 4, 5, 6, 7, 8, 9, 10]"
            @update:model-value="setRules({ calmTimes: $event })"
        /></FormField>
      </div>
    </details>
    <div class="no-print"><v-btn size="small" @click="print">Print</v-btn></div>
  </section>
</template>

<style scoped>
.rules {
  padding-left: 22px;
  list-style: decimal;
  font-size: 17px;
}

.rules.young {
  list-style: none;
  padding-left: 4px;
}
summary {
  cursor: pointer;
}
</style>
