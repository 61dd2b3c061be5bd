<script setup lang="ts">
import { computed } from 'vue'
import { moneyWords, quantityWords, shortDate } from '@core/base'
import { besidesWords, getByWords, packWords, type GroupEntry } from '@core/supplies'
import { useHomeWords } from '../../composables/homeWords'

/** One thing to get: how much and why, in which packs, by when, and what it costs. A tick says that it is here. */
const props = defineProps<{ entry: GroupEntry; selected: boolean }>()
defineEmits<{ got: []; select: [] }>()
const words = useHomeWords()
const amount = (quantity: number) => quantityWords(quantity, props.entry.line.material.unit, words.value.measures)
const packs = computed(() =>
  packWords(props.entry.buy?.packs ?? [], props.entry.line.material.unit, words.value.measures),
)
const leftover = computed(() => {
  const { line, buy } = props.entry
  return buy && line.buys.length === 1 && line.cover && line.cover.leftover > 0
    ? `${amount(line.cover.leftover)} left over`
    : ''
})
/** How the number comes about, in short. Where it is the need itself there is nothing to say. */
const sum = computed(() => {
  const { line } = props.entry
  const here = `${amount(line.onHand)} ${line.spokenFor.length ? 'free' : 'here'}`
  if (!line.shortage)
    return line.need && line.material.use === 'consumable'
      ? `${amount(line.onHand + line.coming - line.need)} will be left`
      : here
  const less = [
    line.onHand || line.spokenFor.length ? here : '',
    line.coming ? `${amount(line.coming)} promised` : '',
  ].filter(Boolean)
  return [
    less.length || line.topUp ? amount(line.need) : '',
    ...less.map((part) => `− ${part}`),
    line.topUp ? `+ ${amount(line.topUp)} for the house` : '',
  ]
    .filter(Boolean)
    .join(' ')
})
</script>

<template>
  <li class="card line keep" :class="{ 'is-selected': selected }">
    <v-checkbox
      class="tick"
      :model-value="false"
      :aria-label="`Got ${entry.line.material.name}`"
      @update:model-value="$emit('got')"
    />
    <div class="what">
      <TextButton class="name" @click="$emit('select')"> {{ entry.line.material.name }}</TextButton><span
        class="small mute"
        >{{ besidesWords(entry.line, words.measures) || entry.line.material.shopPart }}</span
      >
    </div>
    <TextButton class="num" @click="$emit('select')">
      <span class="sr-only">Why, {{ entry.line.material.name }}: </span
      ><b>{{ amount(entry.line.shortage + entry.line.topUp) }}</b
      ><span class="small mute">{{ sum }}</span>
    </TextButton>
    <div class="packs">
      {{ packs || (entry.line.unpriced ? 'no pack known' : '')
      }}<span v-if="leftover" class="small mute">{{ leftover }}</span>
    </div>
    <div class="when" :class="entry.line.late ? 'brick' : ''">
      {{ getByWords(entry.line)
      }}<span v-if="!getByWords(entry.line) && entry.line.firstUse" class="mute small"
        >for {{ shortDate(entry.line.firstUse.date) }}</span
      >
    </div>
    <div class="cost">{{ entry.buy?.cost ? moneyWords(entry.buy.cost, words.currency) : '' }}</div>
  </li>
</template>

<style scoped>
.name {
  font-weight: 650;
  color: var(--ink);
  text-decoration: none;
  padding: 0;
  font-size: 16px;
}
.name:hover {
  text-decoration: underline;
}
.line {
  display: grid;
  grid-template-columns: 34px minmax(0, 1.4fr) minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 1.2fr) 60px;
  gap: 10px;
  align-items: center;
  padding: 4px 12px 4px 4px;
}
.what,
.num,
.packs,
.when {
  display: grid;
  line-height: 1.25;
}
.num {
  padding: 2px 0;
  text-decoration: none;
  color: var(--ink);
}
.num b {
  text-decoration: underline;
  text-underline-offset: 2px;
  color: var(--spruce);
}
.cost {
  text-align: right;
}
@media (max-width: 720px) {
  .line {
    grid-template-columns: 44px minmax(0, 1fr) auto;
    gap: 2px 8px;
    padding: 6px 10px 6px 2px;
  }
  .tick {
    grid-row: 1 / 3;
  }
  .num {
    text-align: right;
    justify-items: end;
  }
  .packs {
    grid-column: 2;
    font-size: 15px;
  }
  .when {
    grid-column: 2 / -1;
    font-size: 15px;
  }
  .packs:empty,
  .when:empty,
  .cost:empty {
    display: none;
  }
  .cost {
    grid-column: 3;
    grid-row: 2;
  }
}
@media print {
  .line {
    grid-template-columns: 26px 2fr 1.4fr 1.3fr 1.6fr 60px;
  }
}
</style>
