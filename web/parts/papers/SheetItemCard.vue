<script setup lang="ts">
import { computed } from 'vue'
import type { SheetItem, Tick } from '@core/domain'
import { hourWords } from '@core/base'
import { inHandWords } from '@core/papers'
import { SEVERITY_NAMES } from '@core/base'

/** One thing of the day: what it is, what stands on it, what to have in hand, and its steps, each a tick. */
const props = defineProps<{ item: SheetItem; ticks: readonly Tick[] | undefined; canTick?: boolean }>()
defineEmits<{ tick: [step: string, done: boolean, text: string] }>()
const tickOf = (step: string) => props.ticks?.find((tick) => tick.step === step)
const facts = computed(() =>
  [
    props.item.center,
    props.item.lead && `${props.item.lead} leads`,
    props.item.attention,
    props.item.apart && 'behind the gate',
  ]
    .filter(Boolean)
    .join(' · '),
)
const done = computed(() => props.item.steps.filter((step) => tickOf(step.id)?.done).length)
</script>

<template>
  <article class="card item keep" :class="item.status">
    <div class="row">
      <h3>{{ item.title }}</h3>
      <span class="mute when"
        >{{ item.status === 'planned' ? hourWords(item.from) : item.status
        }}<template v-if="done"> · {{ done }} of {{ item.steps.length }}</template></span
      >
    </div>
    <p class="mute facts">{{ facts }}</p>
    <div v-for="(caution, i) in item.cautions" :key="i" class="notice" :class="{ soft: caution.severity !== 'stop' }">
      <b :class="caution.severity === 'stop' ? 'brick' : 'ember'">{{ SEVERITY_NAMES[caution.severity] }}:</b>
      {{ caution.why }}<template v-if="caution.setAside"> Set aside: {{ caution.setAside }}</template>
    </div>
    <p v-if="item.materials.length" class="hand"><b>In hand:</b> {{ item.materials.map(inHandWords).join(', ') }}</p>
    <ul class="steps">
      <li v-for="step in item.steps" :key="step.id">
        <component
          :is="canTick ? 'label' : 'div'"
          class="step"
          :class="{ ticked: tickOf(step.id)?.done }"
          :data-ticked="tickOf(step.id)?.done || undefined"
        >
          <input
            v-if="canTick"
            type="checkbox"
            :checked="tickOf(step.id)?.done ?? false"
            @change="$emit('tick', step.id, ($event.target as HTMLInputElement).checked, step.text)"
          />
          <span v-else class="box" :class="{ on: tickOf(step.id)?.done }"
            ><span v-if="tickOf(step.id)?.done" class="sr-only">Ticked: </span></span
          >
          <span
            ><b v-if="step.who">{{ step.who }}: </b>{{ step.text
            }}<span v-if="tickOf(step.id)?.done" class="small mute by">&nbsp;{{ tickOf(step.id)!.by }}</span></span
          >
        </component>
      </li>
    </ul>
    <p v-if="item.say.length" class="mute ask">Ask: {{ item.say.join(' ') }}</p>
    <p v-if="item.tidy" class="mute">Clean up: {{ item.tidy }}</p>
  </article>
</template>

<style scoped>
.item {
  padding: 12px 14px;
  display: grid;
  gap: 8px;
  border-top: 3px solid var(--edge-strong);
}
.item.done,
.item.skipped {
  opacity: 0.9;
  border-top-style: dashed;
}
.item h3 {
  font-size: 20px;
}
.when {
  white-space: nowrap;
}
.hand {
  font-size: 16px;
}
.step {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 6px;
  align-items: start;
  padding: 9px 0;
  border-top: 1px solid var(--edge);
  min-height: 44px;
}
label.step {
  cursor: pointer;
}
.step.ticked {
  color: var(--mute);
}
.step input,
.box {
  appearance: none;
  width: 26px;
  height: 26px;
  margin: 0;
  border: 2px solid var(--control);
  border-radius: 5px;
  background: var(--well);
  display: grid;
  place-items: center;
}
.step input:checked,
.box.on {
  background: var(--spruce);
  border-color: var(--spruce);
}
.step input:checked::after,
.box.on::after {
  content: '';
  width: 7px;
  height: 13px;
  border: solid var(--on-spruce);
  border-width: 0 3px 3px 0;
  transform: translateY(-2px) rotate(45deg);
}
.by {
  white-space: nowrap;
}
@media print {
  /* It may go on over the page, line by line: else a third of a page stays white. */
  .item {
    padding: 1px 7px 2px;
    display: block;
    break-inside: auto;
    box-decoration-break: clone;
    border-top-width: 2px;
  }
  .item > .row,
  .item > .mute,
  .hand,
  .notice {
    break-inside: avoid;
  }
  .item > .row {
    break-after: avoid;
  }
  .notice {
    padding: 0 6px;
    margin: 1px 0;
  }
  .item h3 {
    font-size: 10.5pt;
  }
  .hand {
    font-size: inherit;
  }
  .steps {
    columns: 2;
    column-gap: 16px;
  }
  .step {
    grid-template-columns: 16px 1fr;
    padding: 0;
    min-height: 0;
    border: 0;
    break-inside: avoid;
  }
  .step input,
  .box {
    width: 11px;
    height: 11px;
    border-width: 1px;
    border-radius: 2px;
    margin-top: 1px;
  }
  .notice {
    padding: 1px 6px;
  }
}
</style>
