<script setup lang="ts">
import { computed } from 'vue'
import { countWords, minutesWords, moneyWords, shortDate } from '@core/base'
import type { UnitSnapshot } from '@core/domain'
import { pulseOf, quietOf, readyOf, type PulseStep, type ReadingName, type Readings } from '@core/readings'
import { isToGet } from '@core/supplies'

/**
 * The readings that follow every move: each one honest figure, the same as its page shows; while a card is held, what
 * dropping it would change.
 */
const props = defineProps<{
  readings: Readings
  snapshot: UnitSnapshot
  preview: Partial<Record<ReadingName, PulseStep | null>> | null
}>()
defineEmits<{ open: [name: ReadingName] }>()

interface Figure {
  name: ReadingName
  title: string
  words: string
  more: string
  share: number | null
  tone: 'brick' | 'ember' | ''
}
const figures = computed<Figure[]>(() => {
  const { readings, snapshot } = props
  const pulse = pulseOf(readings)
  const quiet = quietOf(pulse)
  const { budget, unpriced } = readings.money
  const cents = (amount: number) => moneyWords(amount, snapshot.home.currency)
  const short = readings.lines.filter(isToGet)
  const late = short.filter((line) => line.late).length
  const { first, due, window } = readyOf(readings.preparation)
  const { gaps, children, met, target } = pulse.rounded
  const adults = [
    pulse.adults.minutes && `${minutesWords(pulse.adults.minutes)} short`,
    pulse.adults.clashes && countWords(pulse.adults.clashes, 'clash', 'clashes'),
  ]
    .filter(Boolean)
    .join(', ')
  const cautions = [
    pulse.cautions.stop && countWords(pulse.cautions.stop, 'stop'),
    pulse.cautions.change && `${pulse.cautions.change} to change`,
  ]
    .filter(Boolean)
    .join(', ')
  return [
    {
      name: 'money',
      title: 'Money',
      words: budget === null ? cents(pulse.money.total) : `${cents(pulse.money.total)} of ${cents(budget)}`,
      share: budget ? Math.min(1, pulse.money.total / budget) : null,
      tone: quiet.money ? '' : 'brick',
      more: [
        pulse.money.over ? `${cents(pulse.money.over)} over` : '',
        short.length ? `${short.length} to get${late ? `, ${late} late` : ''}` : 'all in the house',
        unpriced.length ? `${countWords(unpriced.length, 'price')} not known` : '',
      ]
        .filter(Boolean)
        .join(', '),
    },
    {
      name: 'preparation',
      title: 'Preparation',
      words: first
        ? `${shortDate(first.date)}: ${minutesWords(first.over)} over`
        : due
          ? `${minutesWords(due)} to do`
          : 'Nothing ahead',
      more: first ? `${minutesWords(first.due)} due by then` : due ? `in ${minutesWords(window)} of prep time` : '',
      share: null,
      tone: quiet.preparation ? '' : 'brick',
    },
    {
      name: 'rounded',
      title: 'Well-rounded',
      words: gaps
        ? `${countWords(gaps, 'gap')}, ${countWords(children, 'child', 'children')}`
        : 'Every child is covered',
      more: `${met} of ${target} touches`,
      share: target ? met / target : null,
      tone: quiet.rounded ? '' : 'ember',
    },
    {
      name: 'adults',
      title: 'Adults',
      words: adults || 'Enough',
      more: snapshot.home.license.example ? 'by an example rule' : '',
      share: null,
      tone: quiet.adults ? '' : 'brick',
    },
    {
      name: 'cautions',
      title: 'Cautions',
      words: cautions || 'Nothing to change',
      more: pulse.cautions.watch ? `${pulse.cautions.watch} to watch` : '',
      share: null,
      tone: pulse.cautions.stop ? 'brick' : pulse.cautions.change ? 'ember' : '',
    },
  ]
})
const steps = computed(() => props.preview ?? {})
</script>

<template>
  <div class="readings">
    <button
      v-for="one in figures"
      :key="one.name"
      type="button"
      class="reading"
      :data-reading="one.name"
      :class="one.name"
      @click="$emit('open', one.name)"
    >
      <span class="top"
        >{{ one.title }}
        <span v-if="one.share !== null" class="bar" aria-hidden="true"
          ><i :class="{ over: one.tone === 'brick' }" :style="{ width: `${one.share * 100}%` }" /></span
      ></span>
      <b :class="one.tone" :data-tone="one.tone">{{ one.words }}</b>
      <span v-if="steps[one.name]" class="small step" :class="steps[one.name]!.better === false ? 'ember' : 'spruce'"
        >→ {{ steps[one.name]!.words }}</span
      >
      <span
        v-else-if="one.more"
        class="small"
        :class="one.tone === 'brick' && (one.name === 'money' || one.name === 'preparation') ? 'brick' : 'mute'"
        >{{ one.more }}</span
      >
    </button>
  </div>
</template>

<style scoped>
.readings {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
}
.reading {
  min-height: 76px;
  padding: 6px 14px;
  border: 0;
  border-right: 1px solid var(--edge-strong);
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  text-decoration: none;
  cursor: pointer;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  row-gap: 0;
  align-items: baseline;
  align-content: center;
}
.reading:last-child {
  border-right: 0;
}
.reading:hover {
  background: var(--well);
}
.reading:focus-visible {
  outline-offset: -3px;
}
.top {
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
  align-items: center;
  font-size: 15px;
  color: var(--mute);
}
.spruce {
  color: var(--spruce);
  font-weight: 650;
}
b {
  font-family: var(--head);
  font-weight: 650;
  font-size: 16px;
  line-height: 1.25;
}
.bar {
  width: 62px;
  height: 8px;
  border: 1px solid var(--control);
  background: var(--paper);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--spruce);
}
.bar i.over {
  background: var(--brick);
}
@media (max-width: 720px) {
  .readings {
    grid-template-columns: 1fr 1fr;
  }
  .reading {
    padding: 8px 12px;
    min-height: 0;
    border-bottom: 1px solid var(--edge);
  }
  .reading:nth-child(2n) {
    border-right: 0;
  }
  .bar {
    display: none;
  }
  b {
    font-size: 15px;
  }
}
</style>
