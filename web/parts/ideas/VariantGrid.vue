<script setup lang="ts">
import { computed } from 'vue'
import { STAGES, type Stage } from '@core/domain'
import type { ActivityDraft } from '@core/ideas'
import { STAGE_NAMES } from '@core/base'
import { stageOn } from '@core/plan'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'

/**
 * What each stage does, side by side, with what the too young do beside it. The same words in two stages are one
 * variant.
 */
const draft = defineModel<ActivityDraft>({ required: true })
defineProps<{ error?: string }>()
const house = useHouse()
const session = useSession()
const MOST = 400
const namesOf = computed(
  () =>
    Object.fromEntries(
      STAGES.map((stage) => [
        stage,
        house.children
          .filter(
            (child) =>
              child.born <= session.today &&
              stageOn(child, session.today, house.thisHome.stageBounds, draft.value.domains[0] ?? 'language') === stage,
          )
          .map((child) => child.name)
          .join(', '),
      ]),
    ) as Record<Stage, string>,
)
const younger = (stage: Stage) => STAGES[STAGES.indexOf(stage) - 1]
</script>

<template>
  <div class="grid">
    <fieldset v-for="stage in STAGES" :key="stage" class="cubby stage">
      <legend class="k-label">{{ STAGE_NAMES[stage] }}</legend>
      <p class="small mute names">{{ namesOf[stage] || 'nobody now' }}</p>
      <label class="small"
        >Does it<v-textarea
          v-model="draft.does[stage]"
          :aria-label="`${STAGE_NAMES[stage]} does it`"
          rows="4"
          auto-grow
          :maxlength="MOST"
          placeholder="Not for them"
      /></label>
      <TextButton
        v-if="younger(stage) && draft.does[younger(stage)] && !draft.does[stage]"
        class="small"
        :aria-label="`${STAGE_NAMES[stage]}: as the younger`"
        @click="draft.does[stage] = draft.does[younger(stage)]"
      >
        as the younger
      </TextButton>
      <label class="small"
        >Or beside it<v-textarea
          v-model="draft.beside[stage]"
          :aria-label="`${STAGE_NAMES[stage]} beside it`"
          rows="2"
          auto-grow
          :maxlength="MOST"
          placeholder="Nothing"
      /></label>
    </fieldset>
  </div>
  <p v-if="error" class="brick small" role="alert">{{ error }}</p>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 8px;
}
.stage {
  padding: 4px 6px 8px;
  margin: 0;
  display: grid;
  gap: 6px;
  align-content: start;
  min-width: 0;
}
.stage :deep(.v-field) {
  --v-field-padding-start: 8px;
  --v-field-padding-end: 6px;
}
.stage :deep(.v-field__input) {
  font-size: 15px;
  line-height: 1.3;
}
.stage legend {
  background: var(--paper);
  border: 1px solid var(--edge-strong);
  border-radius: 3px;
  padding: 0 7px;
  font-size: 15px;
  white-space: nowrap;
}
.names {
  min-height: 20px;
  overflow-wrap: anywhere;
}
label {
  display: grid;
  gap: 2px;
  color: var(--mute);
}
@media (max-width: 1180px) {
  .grid {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 720px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
