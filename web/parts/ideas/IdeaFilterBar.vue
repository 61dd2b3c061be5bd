<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  ATTENTIONS,
  CENTER_KINDS,
  DOMAINS,
  type Activity,
  type Attention,
  type CenterKind,
  type LearningDomain,
} from '@core/domain'
import { NO_FILTERS, QUICK_MINUTES, type IdeaFilters, interestWords } from '@core/ideas'
import {
  ATTENTION_NAMES,
  CENTER_NAMES,
  countWords,
  DOMAIN_NAMES,
  ENERGY_NAMES,
  listWords,
  MESS_NAMES,
} from '@core/base'
import type { Lack } from '@core/readings'
import { useHouse } from '../../stores/house'

/** Search and filters over ideas. What the week lacks is one of the domains to choose. */
const props = defineProps<{
  count: number
  reading?: boolean
  lacks?: readonly Lack[]
  sources?: boolean
  noSearch?: boolean
}>()
const text = defineModel<string | null>('text', { default: '' })
const filters = defineModel<IdeaFilters>('filters', { required: true })
const house = useHouse()
const MOST_LACKS = 3
const LACKS = 'lacks'

const lacking = computed(() => (props.lacks ?? []).slice(0, MOST_LACKS).map((lack) => lack.domain))
const chosen = ref<LearningDomain | typeof LACKS | null>(null)
const domainItems = computed(() => [
  ...(props.lacks?.length ? [{ title: 'What this week is short on', value: LACKS }] : []),
  ...DOMAINS.map((domain) => ({ title: DOMAIN_NAMES[domain], value: domain })),
])
const change = (over: Partial<IdeaFilters>) => (filters.value = { ...filters.value, ...over })
function choose(value: LearningDomain | typeof LACKS | null) {
  chosen.value = value
  change({ domains: value === LACKS ? lacking.value : value ? [value] : [] })
}
/** More children than these are counted rather than named. */
const MOST_NAMED = 3
const whom = (children: Lack['children']) =>
  children.length > MOST_NAMED
    ? countWords(children.length, 'child', 'children')
    : listWords(children.map((child) => child.name))
const lacksWords = computed(() => {
  if (chosen.value !== LACKS) return ''
  const lacks = (props.lacks ?? []).slice(0, MOST_LACKS)
  const words = lacks.map((lack) => `${DOMAIN_NAMES[lack.domain].toLowerCase()} for ${whom(lack.children)}`)
  return `Too little of it this week: ${listWords(words)}.`
})
const LEADS = [
  [10, '10 min ahead at most'],
  [60, '1 h ahead at most'],
  [240, '4 h ahead at most'],
  [1440, 'a day ahead at most'],
] as const
const interests = computed(() =>
  house.children.flatMap((child) =>
    child.interests.map((interest) => ({ title: `${child.name}: ${interest}`, value: interest })),
  ),
)
const interest = ref<string | null>(null)
const SOURCES: { title: string; value: Activity['source'] }[] = [
  { title: 'From the library', value: 'shipped' },
  { title: 'Our own', value: 'own' },
  { title: 'Made by patterns', value: 'pattern' },
]
const more = ref(false)
const hidden = computed(
  () =>
    [filters.value.leadMost, filters.value.messMost, filters.value.energy, filters.value.attentionMost].filter(
      (value) => value !== null,
    ).length +
    (filters.value.interest.length ? 1 : 0) +
    (filters.value.sources.length && props.sources ? 1 : 0),
)
function clear() {
  text.value = ''
  chosen.value = interest.value = null
  filters.value = { ...NO_FILTERS }
}
const any = computed(() => Boolean(text.value?.trim()) || JSON.stringify(filters.value) !== JSON.stringify(NO_FILTERS))
defineExpose({ clear })
</script>

<template>
  <div class="filters" role="search">
    <v-text-field
      v-if="!noSearch"
      v-model="text"
      class="grow"
      aria-label="Search by any word"
      placeholder="Search by any word"
      clearable
      type="search"
    />
    <v-select
      :model-value="filters.center"
      class="pick"
      :items="CENTER_KINDS.map((kind) => ({ title: CENTER_NAMES[kind], value: kind }))"
      clearable
      aria-label="Center"
      placeholder="Every center"
      @update:model-value="change({ center: ($event ?? null) as CenterKind | null })"
    />
    <v-select
      :model-value="chosen"
      class="pick"
      :items="domainItems"
      clearable
      aria-label="Learning area"
      placeholder="Every learning area"
      @update:model-value="choose($event ?? null)"
    />
    <slot />
    <div class="checks">
      <v-checkbox
        :model-value="filters.everyone"
        label="Suits everyone"
        @update:model-value="change({ everyone: Boolean($event) })"
      /><v-checkbox
        :model-value="filters.nothingToGet"
        label="Have everything"
        @update:model-value="change({ nothingToGet: Boolean($event) })"
      /><v-checkbox
        :model-value="filters.quick"
        :label="`Ready in ${QUICK_MINUTES} min`"
        @update:model-value="change({ quick: Boolean($event) })"
      />
      <TextButton :aria-expanded="more" @click="more = !more">
        {{ more ? 'Fewer filters' : `More filters${hidden ? `, ${hidden} on` : ''}` }}
      </TextButton>
      <TextButton v-if="any" @click="clear">Clear</TextButton>
      <span class="mute small count" role="status">{{
        reading ? 'Reading the library' : countWords(count, 'idea')
      }}</span>
    </div>
    <div v-if="more" class="more">
      <v-select
        :model-value="filters.leadMost"
        :items="LEADS.map(([value, title]) => ({ title, value }))"
        clearable
        aria-label="Lead time"
        placeholder="Any lead time"
        @update:model-value="change({ leadMost: $event ?? null })"
      />
      <v-select
        :model-value="filters.messMost"
        :items="MESS_NAMES.slice(0, 3).map((name, value) => ({ title: value ? `${name} at most` : name, value }))"
        clearable
        aria-label="Mess"
        placeholder="Any mess"
        @update:model-value="change({ messMost: $event ?? null })"
      />
      <v-select
        :model-value="filters.energy"
        :items="[-1, 0, 1, 2].map((value) => ({ title: ENERGY_NAMES[value], value }))"
        clearable
        aria-label="Energy"
        placeholder="Any energy"
        @update:model-value="change({ energy: $event ?? null })"
      />
      <v-select
        :model-value="filters.attentionMost"
        :items="
          ATTENTIONS.slice(0, 3).map((value) => ({
            title: `${ATTENTION_NAMES[value]}${value === 'nearby' ? '' : ' at most'}`,
            value,
          }))
        "
        clearable
        aria-label="Adult attention"
        placeholder="Any attention"
        @update:model-value="change({ attentionMost: ($event ?? null) as Attention | null })"
      />
      <v-select
        v-model="interest"
        :items="interests"
        clearable
        aria-label="Interest of a child"
        placeholder="Any interest"
        no-data-text="Write down what a child likes in Home"
        @update:model-value="change({ interest: $event ? interestWords($event) : [] })"
      />
      <v-select
        v-if="sources"
        :model-value="filters.sources[0] ?? null"
        :items="SOURCES"
        clearable
        aria-label="Where it comes from"
        placeholder="From anywhere"
        @update:model-value="change({ sources: $event ? [$event] : [] })"
      />
    </div>
    <p v-if="lacksWords" class="small lacks">{{ lacksWords }}</p>
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 14px;
}
.grow {
  flex: 2 1 200px;
}
.pick {
  flex: 1 1 160px;
}
.checks {
  flex: 1 0 100%;
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: center;
  margin-left: -8px;
}
.count {
  margin-left: auto;
}
.more {
  flex: 1 0 100%;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 8px;
}
.lacks {
  flex: 1 0 100%;
  color: var(--ember);
}
</style>
