<script setup lang="ts">
import { ADAPTED_CLOSING, ADAPTED_FOR, ADAPTED_FOR_NAMES, adaptationsFor } from '@core/ideas'
import { computed } from 'vue'
import type { Part } from '@core/plan'
import type { Activity } from '@core/domain'
import {
  ATTENTION_NAMES,
  CENTER_NAMES,
  countWords,
  DOMAIN_NAMES,
  ENERGY_NAMES,
  listWords,
  MESS_NAMES,
  OUT_WORDS,
  quantityWords,
  STAGE_NAMES,
} from '@core/base'
import { useHouse } from '../../stores/house'

/** All of an idea: for whom, what it takes, how it goes. */
const props = defineProps<{ activity: Activity; parts: readonly Part[] }>()
defineSlots<{ default?(): unknown }>()
const house = useHouse()
const variants = computed(() =>
  props.activity.variants.map((variant) => ({
    ...variant,
    who: props.parts.filter((part) => part.variant?.id === variant.id).map((part) => part.child.name),
    stagesWords: listWords(variant.stages.map((stage) => STAGE_NAMES[stage].toLowerCase())),
  })),
)
const out = computed(() =>
  props.parts
    .filter((part) => part.does === 'out')
    .map((part) => `${part.child.name} ${part.does === 'out' ? OUT_WORDS[part.reason] : ''}`),
)
const BY = { child: 'each child', 'set-up': 'in all' } as const
const needs = computed(() =>
  props.activity.requirements.map((one) => {
    const material = house.materialsById.get(one.materialId)
    const by = one.basis.by === 'group' ? `for each ${one.basis.of} children` : BY[one.basis.by]
    return {
      id: one.id,
      name: material?.name ?? one.materialId,
      words: material ? `${quantityWords(one.quantity, material.unit, house.home?.measures ?? 'metric')} ${by}` : '',
      adult: one.reach === 'adult',
    }
  }),
)
const adapted = computed(() => adaptationsFor(props.activity))
</script>

<template>
  <div class="stack details">
    <div>
      <h2>{{ activity.title }}</h2>
      <p>{{ activity.aim }}</p>
      <p v-if="activity.topics.length" class="small mute">About: {{ activity.topics.join(', ') }}.</p>
    </div>
    <p class="small mute">
      {{ activity.minutes.setUp }} min to set up, {{ activity.minutes.do }} to do, {{ activity.minutes.clear }} to
      clear. {{ ENERGY_NAMES[activity.energy].replace(/^./, (c) => c.toUpperCase()) }}, {{ MESS_NAMES[activity.mess] }},
      {{ ATTENTION_NAMES[activity.attention] }}. {{ listWords(activity.centers.map((kind) => CENTER_NAMES[kind])) }}.
    </p>
    <slot />
    <section class="rows">
      <h3>Who it’s for</h3>
      <p v-for="variant in variants" :key="variant.id">
        <b>{{ variant.who.length ? listWords(variant.who) : variant.stagesWords }}</b>{{
          variant.kind === 'beside' ? ' beside' : ''
        }}: {{ variant.how }}
      </p>
      <p v-for="words in out" :key="words" class="ember">{{ words }}</p>
    </section>
    <section class="rows">
      <h3>Materials</h3>
      <div v-for="one in needs" :key="one.id" class="row">
        <span>{{ one.name }}<span v-if="one.adult" class="small mute">&nbsp;(adult)</span></span
        ><span class="mute right">{{ one.words }}</span>
      </div>
    </section>
    <section v-if="activity.prep.length" class="rows">
      <h3>Prep</h3>
      <div v-for="one in activity.prep" :key="one.id" class="row">
        <span>{{ one.text }}</span><span class="mute right">{{ one.minutes }} min</span>
      </div>
    </section>
    <section class="rows">
      <h3>How</h3>
      <ol class="steps">
        <li v-for="step in activity.steps" :key="step">{{ step }}</li>
      </ol>
    </section>
    <section v-if="activity.say.length" class="rows">
      <h3>Ask</h3>
      <p v-for="one in activity.say" :key="one">{{ one }}</p>
    </section>
    <section v-if="activity.lookFor.length" class="rows">
      <h3>Look for</h3>
      <p v-for="one in activity.lookFor" :key="one">{{ one }}</p>
    </section>
    <section class="rows">
      <h3>Good for</h3>
      <p>
        {{
          listWords(
            activity.domains.map((domain, i) => (i ? DOMAIN_NAMES[domain].toLowerCase() : DOMAIN_NAMES[domain])),
          )
        }}.
      </p>
      <p v-if="activity.easier"><b>Easier:</b> {{ activity.easier }}</p>
      <p v-if="activity.harder"><b>Harder:</b> {{ activity.harder }}</p>
      <p v-if="activity.tidy"><b>Clean up:</b> {{ activity.tidy }}</p>
      <details class="adapted">
        <summary>For a child who hears, sees, moves or speaks differently</summary>
        <p v-for="who in ADAPTED_FOR" :key="who">
          <b>{{ ADAPTED_FOR_NAMES[who] }}:</b> {{ adapted[who] }}
        </p>
        <p class="small mute">{{ ADAPTED_CLOSING }}</p>
      </details>
    </section>
    <span class="sr-only">{{ countWords(parts.length, 'child', 'children') }} expected</span>
  </div>
</template>

<style scoped>
.adapted summary {
  cursor: pointer;
  color: var(--spruce);
  padding: 4px 0;
}
.adapted p {
  margin-top: 4px;
}
.details {
  font-size: 15px;
}
.right {
  text-align: right;
  white-space: nowrap;
}
.steps {
  list-style: decimal;
  padding-left: 20px;
  display: grid;
  gap: 3px;
}
</style>
