<script setup lang="ts">
import { mdiDotsHorizontal, mdiFormatListChecks, mdiViewWeekOutline, mdiWhiteBalanceSunny } from '@mdi/js'
import { computed, ref } from 'vue'
import { STEPS } from '../../router'
import type { Unit } from '@core/domain'
import LateDialog from './LateDialog.vue'

const props = defineProps<{ look: string; unit: Unit | undefined }>()
defineEmits<{ look: []; leave: [] }>()
const open = ref(false)
const tabs = computed(() =>
  props.unit
    ? [
        { name: 'run', title: 'Today', icon: mdiWhiteBalanceSunny },
        { name: 'shop', title: 'List', icon: mdiFormatListChecks },
        { name: 'lay-out', title: 'Plan', icon: mdiViewWeekOutline },
      ]
    : [],
)
</script>

<template>
  <nav class="bar" aria-label="Main">
    <router-link
      v-for="tab in tabs"
      :key="tab.name"
      :to="{ name: tab.name, params: { unitId: unit!.id } }"
      class="tab"
      active-class="here"
    >
      <v-icon :icon="tab.icon" size="24" aria-hidden="true" /><span>{{ tab.title }}</span>
    </router-link>
    <router-link v-if="!unit" to="/units" class="tab" active-class="here"
      ><v-icon :icon="mdiViewWeekOutline" size="24" aria-hidden="true" /><span>Units</span></router-link
    >
    <button class="tab" type="button" :aria-expanded="open" @click="open = true">
      <v-icon :icon="mdiDotsHorizontal" size="24" aria-hidden="true" /><span>More</span>
    </button>
    <LateDialog v-model="open" aria-label="More">
      <div class="k-sheet">
        <h2>{{ unit?.name ?? 'Kobby' }}</h2>
        <ul class="more" @click="open = false">
          <template v-if="unit">
            <li v-for="step in STEPS" :key="step.name">
              <router-link :to="{ name: step.name, params: { unitId: unit.id } }">{{ step.title }}</router-link>
            </li>
          </template>
          <li><router-link to="/units">Units</router-link></li>
          <li><router-link to="/home">Home</router-link></li>
          <li><router-link to="/pantry">Pantry</router-link></li>
          <li><router-link to="/library">Library</router-link></li>
          <li><router-link to="/money">Money</router-link></li>
          <li><router-link to="/cautions">Cautions</router-link></li>
          <li>
            <button type="button" @click="$emit('look')">{{ look === 'dark' ? 'Light' : 'Dark' }}</button>
          </li>
          <li><button type="button" @click="$emit('leave')">Sign out</button></li>
        </ul>
      </div>
    </LateDialog>
  </nav>
</template>

<style scoped>
.bar {
  position: fixed;
  inset: auto 0 0 0;
  display: flex;
  background: var(--shelf);
  border-top: 1px solid var(--edge-strong);
  height: 66px;
  z-index: 900;
}
.tab {
  flex: 1;
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 2px;
  color: var(--mute);
  text-decoration: none;
  font: inherit;
  font-size: 14px;
  background: none;
  border: 0;
}
.tab.here {
  color: var(--spruce);
  font-weight: 700;
}
.more {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.more a,
.more button {
  display: flex;
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--edge);
  border-radius: 5px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-weight: 650;
  text-decoration: none;
}
</style>
