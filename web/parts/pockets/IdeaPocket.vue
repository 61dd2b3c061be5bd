<script setup lang="ts">
import { computed } from 'vue'
import { usedWords, type Fit, type FitContext, inTheme, stretchesFor } from '@core/ideas'
import type { UsedBefore } from '@core/domain'
import { useHouse } from '../../stores/house'
import { useBasket } from '../../stores/basket'
import { useUnit } from '../../stores/unit'
import ActivityDetails from '../ideas/ActivityDetails.vue'
import TrialCautions from '../lines/TrialCautions.vue'

/**
 * All of one idea in the basket's pocket: how it went before, what it would meet, and where the unit's focus could
 * reach into it.
 */
const props = defineProps<{ fit: Fit; context: FitContext; used?: readonly UsedBefore[]; gathered: boolean }>()
defineEmits<{ gather: []; leave: []; write: [copy: boolean] }>()
const store = useUnit()
const basket = useBasket()
const house = useHouse()
const activity = computed(() => props.fit.activity)
const idea = computed(() => basket.ideaOf(activity.value.id))
const stretches = computed(() => {
  const raw = house.activitiesById.get(activity.value.id)
  if (!idea.value || !raw || !store.unit || !store.theme) return []
  return stretchesFor(inTheme([raw], store.unit)[0], store.theme, house.materialsById).map((stretch) => ({
    ...stretch,
    answer: idea.value!.stretches[stretch.id],
  }))
})
</script>

<template>
  <ActivityDetails :activity="activity" :parts="fit.parts">
    <p v-if="used?.length" class="small spruce">{{ usedWords(used) }}.</p>
    <p v-if="activity.origin" class="small mute">Changed from {{ activity.origin.title }}.</p>
    <p v-if="idea && idea.text && idea.activityId" class="small note">
      {{ idea.text }}<template v-if="idea.page">, page {{ idea.page }}</template
      ><template v-if="idea.link"
        ><br /><a :href="idea.link" target="_blank" rel="noreferrer noopener">{{ idea.link }}</a></template
      >
    </p>
    <div class="inline acts">
      <v-btn v-if="!gathered" class="primary" @click="$emit('gather')">Gather it</v-btn>
      <v-btn v-else @click="$emit('leave')">Take it out of the basket</v-btn>
      <v-btn
        v-if="house.activitiesById.has(activity.id)"
        class="plain"
        @click="$emit('write', activity.source === 'shipped')"
        >{{ activity.source === 'shipped' ? 'Copy and change' : 'Change' }}</v-btn
      >
    </div>
    <section v-if="stretches.length" class="rows" aria-label="The unit’s focus in it">
      <h3>The unit’s focus in it</h3>
      <div
        v-for="one in stretches"
        :key="one.id"
        class="card stretch"
        :class="{ left: one.answer === 'left' }"
        :data-answer="one.answer"
      >
        <p>{{ one.words }}</p>
        <div class="inline small">
          <template v-if="!one.answer"
            ><TextButton :aria-label="`take it: ${one.words}`" @click="basket.stretch(idea!, one.id, 'taken')">
              take it</TextButton
            ><TextButton :aria-label="`leave it: ${one.words}`" @click="basket.stretch(idea!, one.id, 'left')">
              leave it
            </TextButton></template
          ><template v-else
            ><span class="small mute">{{ one.answer === 'taken' ? 'Taken' : 'Left' }}</span
            ><TextButton
              class="small"
              :aria-label="`ask again: ${one.words}`"
              @click="basket.stretch(idea!, one.id, null)"
            >
              ask again
            </TextButton></template
          >
        </div>
      </div>
    </section>
    <TrialCautions :fit="fit" :context="context" />
  </ActivityDetails>
</template>

<style scoped>
.spruce {
  color: var(--spruce);
}
.note {
  border-left: 3px solid var(--apricot);
  padding-left: 8px;
  overflow-wrap: anywhere;
}
.stretch {
  padding: 5px 10px;
  display: grid;
  gap: 1px;
  font-size: 15px;
  line-height: 1.3;
}
.stretch .inline {
  gap: 14px;
}
.stretch.left {
  background: var(--well);
}
</style>
