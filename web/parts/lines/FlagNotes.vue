<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router'
import { countWords } from '@core/base'
import type { Flag } from '@core/plan'

/** What of the home's data has to be put right, each with the way to where it is mended. */
defineProps<{ flags: readonly Flag[] }>()
const SHOWN = 6
/** Where a flag is mended. */
const placeOf = (flag: Flag): RouteLocationRaw =>
  flag.kind === 'unit'
    ? { name: 'spark', params: { unitId: flag.id } }
    : {
        name: 'home',
        query:
          flag.kind === 'home'
            ? { tab: flag.field.startsWith('rhythm') ? 'rhythm' : 'settings' }
            : { tab: flag.kind === 'child' ? 'children' : flag.kind === 'adult' ? 'adults' : 'centers', open: flag.id },
      }
</script>

<template>
  <section class="notice soft flags" aria-label="To fix">
    <b>{{ countWords(flags.length, 'thing') }} to fix</b>
    <ul>
      <li v-for="flag in flags.slice(0, SHOWN)" :key="`${flag.kind} ${flag.id} ${flag.field}`">
        <router-link :to="placeOf(flag)">{{ flag.name }}</router-link>: {{ flag.message }}
      </li>
    </ul>
    <p v-if="flags.length > SHOWN" class="small mute">and {{ flags.length - SHOWN }} more</p>
  </section>
</template>

<style scoped>
.flags {
  margin-bottom: 12px;
  display: grid;
  gap: 2px;
}
</style>
