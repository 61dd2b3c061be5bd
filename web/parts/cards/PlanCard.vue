<script setup lang="ts">
import { computed } from 'vue'
import { mdiPin } from '@mdi/js'
import { hourWords } from '@core/base'
import type { Caution } from '@core/cautions'
import type { Session } from '@core/plan'
import ThingPicture from '../lines/ThingPicture.vue'
import ChildMarks from '../lines/ChildMarks.vue'

/** One placement as a card on the board. */
const props = defineProps<{
  session: Session
  cautions: readonly Caution[]
  selected: boolean
  carried: boolean
  timed?: boolean
  together?: boolean
  /** The small drawing of what it is about. */
  picture?: string
}>()
const SHORT = { nearby: '', watching: 'watching', 'hands-on': 'hands-on', 'one-to-one': 'one to one' } as const

const open = computed(() => props.cautions.filter((one) => one.severity !== 'watch' && one.setAside === null))
const risky = computed(() => open.value.flatMap((one) => one.childIds))
const meta = computed(() => {
  const { activity, placement, from } = props.session
  const start = placement.where.kind === 'moment' && (placement.where.from || props.timed) ? `${hourWords(from)}, ` : ''
  // One line: what stands open or when it starts says more than how closely an adult looks on.
  const attention = open.value.length || start || placement.status !== 'planned' ? '' : SHORT[activity.attention]
  return [`${start}${activity.minutes.do} min`, attention].filter(Boolean).join(' · ')
})
const state = computed(() =>
  props.session.placement.status === 'planned' ? '' : props.session.placement.status === 'done' ? 'Done' : 'Skipped',
)
</script>

<template>
  <div
    class="card plan-card"
    :class="{ 'is-selected': selected, 'is-carried': carried, behind: state !== '' }"
    :data-placement="session.placement.id"
    :data-activity="session.activity.id"
  >
    <div class="head">
      <h4 class="card-title" data-title>{{ session.activity.title }}</h4>
      <ThingPicture v-if="picture" :name="picture" :size="22" />
    </div>
    <p class="meta">
      <template v-if="session.placement.pinnedDate"><v-icon :icon="mdiPin" size="14" aria-label="Pinned" /> </template
      ><template v-if="open.length"
        ><b :class="open[0].severity === 'stop' ? 'brick' : 'ember'">{{
          open[0].severity === 'stop' ? 'Stop' : 'Change'
        }}</b>
        · </template
      ><template v-if="state">{{ state }} · </template>{{ meta }}<template v-if="together"> · at once</template>
    </p>
    <ChildMarks :parts="session.parts" :risky="risky" />
  </div>
</template>

<style scoped>
.plan-card {
  padding: 7px 5px 8px 7px;
  cursor: grab;
  display: grid;
  gap: 3px;
  user-select: none;
}
.head {
  display: flex;
  gap: 4px;
  justify-content: space-between;
  align-items: flex-start;
}
.plan-card.behind {
  background: transparent;
}
.meta {
  font-size: 14px;
  color: var(--mute);
  line-height: 1.25;
}
.is-carried {
  border-style: dashed;
  border-color: var(--spruce);
}
</style>
