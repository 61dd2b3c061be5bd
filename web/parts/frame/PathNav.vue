<script setup lang="ts">
import {
  mdiBookOpenPageVariantOutline,
  mdiCalendarOutline,
  mdiFridgeOutline,
  mdiHomeOutline,
  mdiReceiptTextOutline,
  mdiShieldOutline,
} from '@mdi/js'
import type { Unit } from '@core/domain'
import { STEPS, type StepName } from '../../router'
import KobbyMark from './KobbyMark.vue'

defineProps<{
  look: string
  unit: Unit | undefined
  figures: Record<StepName, { words: string; late?: boolean }>
  /** Whether everything is saved, in words. */
  saved: string
}>()
defineEmits<{ look: []; leave: []; help: []; find: [] }>()
const PLACES = [
  { to: '/home', title: 'Home', icon: mdiHomeOutline },
  { to: '/pantry', title: 'Pantry', icon: mdiFridgeOutline },
  { to: '/library', title: 'Library', icon: mdiBookOpenPageVariantOutline },
  { to: '/units', title: 'Units', icon: mdiCalendarOutline },
  { to: '/money', title: 'Money', icon: mdiReceiptTextOutline },
  { to: '/cautions', title: 'Cautions', icon: mdiShieldOutline },
]
</script>

<template>
  <nav class="path" aria-label="The way through a unit">
    <router-link to="/units" class="brand" aria-label="Kobby: all units"><KobbyMark /></router-link>
    <ol v-if="unit" class="steps">
      <li v-for="(step, i) in STEPS" :key="step.name">
        <router-link :to="{ name: step.name, params: { unitId: unit.id } }" class="step" active-class="here">
          <span class="n" aria-hidden="true">{{ i + 1 }}</span>
          <span
            ><span class="k-label title">{{ step.title }}</span
            ><span class="figure" :class="{ brick: figures[step.name].late }">{{
              figures[step.name].words
            }}</span></span
          >
        </router-link>
      </li>
    </ol>
    <p v-else class="mute small pick">Open a unit to see its way from spark to look back.</p>
    <ul class="places">
      <li v-for="place in PLACES" :key="place.to">
        <router-link :to="place.to" class="place" active-class="here"
          ><v-icon :icon="place.icon" size="20" aria-hidden="true" />{{ place.title }}</router-link
        >
      </li>
    </ul>
    <div class="foot small mute">
      <div>{{ saved }} · <TextButton @click="$emit('help')">? for keys</TextButton></div>
      <div>
        <TextButton @click="$emit('find')">Find</TextButton> ·
        <TextButton @click="$emit('look')">{{ look === 'dark' ? 'Light' : 'Dark' }}</TextButton> ·
        <TextButton @click="$emit('leave')">Sign out</TextButton>
      </div>
    </div>
  </nav>
</template>

<style scoped>
.path {
  background: var(--shelf);
  border-right: 1px solid var(--edge);
  display: flex;
  flex-direction: column;
  height: 100dvh;
  overflow-y: auto;
  padding: 14px 12px 12px;
}
.brand {
  color: var(--ink);
  text-decoration: none;
  padding: 2px 6px 10px;
  border-radius: 4px;
}
.steps {
  display: grid;
  gap: 1px;
}
.step {
  display: grid;
  grid-template-columns: 22px 1fr;
  align-items: baseline;
  padding: 5px 10px 6px 14px;
  border: 1px solid transparent;
  border-radius: 5px;
  color: var(--ink);
  text-decoration: none;
}
.step .n {
  font-size: 14px;
  color: var(--mute);
  font-weight: 650;
}
.step .title {
  display: block;
  font-size: 16px;
  line-height: 1.25;
}
.step .figure {
  display: block;
  font-size: 14px;
  color: var(--mute);
  line-height: 1.3;
}
.step .figure.brick {
  color: var(--brick);
}
.step.here {
  background: var(--paper);
  border-color: var(--edge-strong);
}
.step.here .n {
  color: var(--spruce);
}
.step:hover:not(.here),
.place:hover:not(.here) {
  background: var(--well);
}
.pick {
  padding: 4px 14px;
}
.places {
  margin-top: 12px;
  border-top: 1px solid var(--edge);
  padding-top: 10px;
}
.place {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 5px 10px;
  border: 1px solid transparent;
  border-radius: 5px;
  color: var(--ink);
  text-decoration: none;
  font-size: 15px;
}
.place.here {
  background: var(--paper);
  border-color: var(--edge-strong);
}
.foot {
  margin-top: auto;
  padding: 12px 8px 0;
  line-height: 1.5;
}
.foot .why {
  font-size: 14px;
  padding: 0;
}
@media (max-height: 760px) {
  .step {
    padding-block: 3px 4px;
  }
  .brand {
    padding-bottom: 4px;
  }
  .places {
    margin-top: 6px;
    padding-top: 6px;
  }
  .place {
    padding-block: 3px;
  }
}
</style>
