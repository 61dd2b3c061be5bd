<script setup lang="ts">
import { computed } from 'vue'
import type { StageStep } from '@core/circle'
import { markOf } from '@core/papers'

/** What is said and done at one step of a circle, large enough for three meters. */
const props = defineProps<{
  step: StageStep
  /** Names of all children, for their marks. */
  names: readonly string[]
  /** The count is not asked for yet: it is before its verse is shown. */
  asking: boolean
}>()
const part = computed(() => props.step.part)
const turn = computed(() => (props.step.at === 1 ? part.value.turn : null))
</script>

<template>
  <div role="group" aria-label="The words">
    <p class="mute title">
      {{ part.title }}<template v-if="step.of > 1">, verse {{ step.at }} of {{ step.of }}</template>
    </p>
    <template v-if="asking">
      <p class="verse ask">How many now?</p>
      <p class="moves">Wait for their answer, then go on.</p>
    </template>
    <template v-else>
      <p v-for="(line, i) in step.verse?.lines ?? [part.title]" :key="i" class="verse">{{ line }}</p>
      <p v-if="step.verse?.moves || part.say" class="moves">{{ step.verse?.moves || part.say }}</p>
      <p v-if="turn || step.verse?.ask" class="prompt">
        <template v-if="turn">
          <span class="mark large takes-part inline-mark" aria-hidden="true">{{ markOf(turn.name, names) }}</span>
          {{ turn.name }} {{ turn.what.toLowerCase() }}.
        </template>
        <b v-if="step.verse?.ask">{{ step.verse.ask }}</b>
      </p>
      <p v-if="step.at === 1 && part.props.length" class="mute hand">In hand: {{ part.props.join(', ') }}</p>
    </template>
  </div>
</template>

<style scoped>
.title {
  font-size: clamp(16px, 2.2vw, 24px);
  margin-bottom: 14px;
}
.verse {
  font-size: var(--fit);
  text-wrap: balance;
  font-weight: 700;
  line-height: 1.28;
}
.moves {
  margin-top: 0.7em;
  font-size: clamp(18px, calc(var(--fit) * 0.6), 34px);
  color: var(--spruce);
}
.prompt {
  margin-top: 0.5em;
  font-size: clamp(18px, calc(var(--fit) * 0.6), 34px);
}
.hand {
  margin-top: 14px;
  font-size: clamp(16px, 2vw, 22px);
}
.inline-mark {
  display: inline-grid;
  vertical-align: middle;
  margin-right: 8px;
}
</style>
