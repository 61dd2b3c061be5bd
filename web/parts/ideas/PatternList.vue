<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Activity } from '@core/domain'
import {
  NO_FILTERS,
  passes,
  type Fit,
  type IdeaFilters,
  type TimeFit,
  type MadeActivity,
  type PatternResult,
} from '@core/ideas'
import { countWords } from '@core/base'
import type { Lack } from '@core/readings'
import { useUnit } from '../../stores/unit'
import IdeaFilterBar from './IdeaFilterBar.vue'
import IdeaList from './IdeaList.vue'

/** Every pattern applied to what the unit is about: whole ideas, and what the others would need of it. */
const props = defineProps<{
  results: readonly PatternResult[]
  fit: (activity: Activity) => Fit
  timesOf: (activity: Activity) => TimeFit[]
  openId: string | null
  lacks?: readonly Lack[]
  gathered: (activity: Activity) => boolean
}>()
const emit = defineEmits<{ open: [activity: Activity]; gather: [made: MadeActivity]; leave: [activity: Activity] }>()
const store = useUnit()
const made = computed(() => props.results.flatMap((result) => result.made?.activity ?? []))
const filters = ref<IdeaFilters>({ ...NO_FILTERS })
const shown = computed(() => made.value.filter((one) => passes(one, filters.value, props.fit)))
const missing = computed(() => props.results.filter((result) => result.missing !== undefined))
const gather = (activity: Activity) => {
  const result = props.results.find((one) => one.made?.activity.id === activity.id)
  if (result?.made) emit('gather', result.made)
}
</script>

<template>
  <div v-if="!store.theme?.things.length" class="notice soft lead">
    <p>
      Patterns make ideas out of what the unit is about: match, sort, count, mail, wash, build, tell.
      <b>Write down three objects or more</b> and they fill in here.
    </p>
    <div>
      <v-btn class="primary" :to="{ name: 'spark', params: { unitId: store.id! } }">Write the objects down</v-btn>
    </div>
  </div>
  <p v-else class="lead mute">
    {{ countWords(made.length, 'idea') }} out of {{ countWords(store.theme.things.length, 'object') }} of
    {{ store.unit!.name }}. Quantities, cards and cautions come from the objects themselves.
  </p>
  <IdeaFilterBar v-if="made.length" v-model:filters="filters" :count="shown.length" :lacks="lacks" no-search />
  <IdeaList
    :activities="shown"
    :fit="fit"
    :times-of="timesOf"
    :open-id="openId"
    :gathered="gathered"
    @open="emit('open', $event)"
    @gather="gather"
    @leave="emit('leave', $event)"
  />
  <section v-if="missing.length" class="missing" aria-label="Patterns that need more">
    <h2>{{ countWords(missing.length, 'pattern') }} need a few more objects</h2>
    <dl>
      <div v-for="one in missing" :key="one.pattern.id">
        <dt>
          <b>{{ one.pattern.title }}</b> <span class="mute">{{ one.pattern.about }}</span>
        </dt>
        <dd>{{ one.missing }}</dd>
      </div>
    </dl>
    <router-link :to="{ name: 'spark', params: { unitId: store.id! } }"
      >Say more about the objects in Spark</router-link
    >
  </section>
</template>

<style scoped>
.lead {
  margin-bottom: 12px;
}
.notice {
  display: grid;
  gap: 8px;
}
.missing {
  margin-top: 22px;
  display: grid;
  gap: 10px;
  max-width: 860px;
}
.missing dl {
  display: grid;
  gap: 8px;
}
.missing dd {
  font-size: 15px;
  border-left: 3px solid var(--apricot);
  padding-left: 8px;
}
</style>
