<script setup lang="ts">
import { computed } from 'vue'
import type { Idea } from '@core/domain'
import { countWords, OUT_WORDS } from '@core/base'
import { activityFrom, fitOf, getWords, leadWords, type ActivityDraft } from '@core/ideas'
import { useFits } from '../../composables/useFits'
import { useHouse } from '../../stores/house'
import ChildMarks from '../lines/ChildMarks.vue'
import TrialCautions from '../lines/TrialCautions.vue'

/** What is written so far, seen as this home would meet it, beside the note that it began with. */
const props = defineProps<{ draft: ActivityDraft; idea: Idea | undefined }>()
const house = useHouse()
const { context } = useFits()
/** What stands so far, seen as the home would meet it; the missing is filled in for the look. */
const fit = computed(() => {
  const probe = activityFrom(
    {
      ...props.draft,
      title: props.draft.title || 'Idea',
      aim: props.draft.aim || '.',
      centers: props.draft.centers.length ? props.draft.centers : ['art-table'],
      domains: props.draft.domains.length ? props.draft.domains : ['sensory'],
      steps: [{ id: 'probe', text: 'x' }],
      prep: props.draft.prep.filter((one) => one.text.trim() && one.minutes !== null),
      needs: props.draft.needs.filter((one) => one.materialId && one.quantity),
    },
    { id: 'probe', source: 'own', pattern: null, origin: null, archived: false },
  )
  return probe.activity && context.value ? fitOf(probe.activity, context.value) : null
})
const out = computed(
  () =>
    fit.value?.parts.flatMap((part) => (part.does === 'out' ? [`${part.child.name} ${OUT_WORDS[part.reason]}`] : [])) ??
    [],
)
</script>

<template>
  <h2>In your home</h2>
  <section v-if="idea" class="note rows">
    <h3>Your note</h3>
    <p>{{ idea.text }}</p>
    <p v-if="idea.page" class="small">Page {{ idea.page }}</p>
    <a v-if="idea.link" :href="idea.link" target="_blank" rel="noreferrer noopener" class="small">{{ idea.link }}</a>
    <p v-if="idea.sketch" class="small sketch">{{ idea.sketch }}</p>
  </section>
  <template v-if="fit">
    <ChildMarks :parts="fit.parts" all />
    <p v-if="!fit.parts.some((part) => part.does === 'takes-part')" class="ember">
      None of your children can do this as written.
    </p>
    <p v-for="words in out" :key="words" class="small ember">{{ words }}</p>
    <p class="small mute">{{ leadWords(fit.lead) }}, {{ getWords(fit.get, house.thisHome.currency) }}</p>
    <TrialCautions v-if="context" :fit="fit" :context="context" />
  </template>
  <p v-else class="mute">Write what one stage does, and the children who could do it show here.</p>
  <p class="small mute">
    {{ countWords(draft.needs.length, 'material') }}, {{ countWords(draft.prep.length, 'step') }} before,
    {{ countWords(draft.steps.length, 'step') }} in it.
  </p>
</template>

<style scoped>
.note {
  border-left: 3px solid var(--apricot);
  padding-left: 10px;
  overflow-wrap: anywhere;
}
.sketch {
  white-space: pre-line;
}
</style>
