<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { ring } from '../../composables/ring'
import { clockAt } from '../../composables/savedWords'
import { useGoing } from '../../composables/useGoing'

/** A wait of something that is mixed which ended, said wherever she is; on the page of mixing it stands there. */
const going = useGoing()
const route = useRoute()
const now = ref(Date.now())
const rung = new Set<string>()
const over = computed(() =>
  going.value.flatMap((one) =>
    one.timers
      .filter((timer) => timer.endsAt <= now.value)
      .map((timer) => ({ ...timer, of: one, key: `${one.id} ${timer.step}` })),
  ),
)
const isThere = computed(() => route.name === 'get-ready' && route.query.tab === 'mix')
/** How long after its end a wait still rings: one that ended while nobody was here is said without a sound. */
const LATE_MS = 5000
useIntervalFn(() => {
  now.value = Date.now()
  if (isThere.value) return
  for (const one of over.value) {
    if (rung.has(one.key)) continue
    rung.add(one.key)
    if (now.value - one.endsAt < LATE_MS) ring()
  }
}, 1000)
const seen = (id: string, step: number) => {
  going.value = going.value.map((one) =>
    one.id === id ? { ...one, timers: one.timers.filter((timer) => timer.step !== step) } : one,
  )
}
</script>

<template>
  <div v-if="over.length && !isThere" class="alarms no-print" role="alert" aria-label="Timers that are over">
    <div v-for="one in over" :key="one.key" class="card row alarm">
      <span
        ><b>{{ one.of.name }}</b> is ready since {{ clockAt(new Date(one.endsAt)) }}</span
      >
      <span class="inline">
        <router-link
          v-if="one.of.unitId"
          :to="{
            name: 'get-ready',
            params: { unitId: one.of.unitId },
            query: { tab: 'mix', recipe: one.of.recipeId },
          }"
          >Open</router-link
        >
        <TextButton @click="seen(one.of.id, one.step)">Got it</TextButton>
      </span>
    </div>
  </div>
</template>

<style scoped>
.alarms {
  position: fixed;
  right: 16px;
  bottom: 16px;
  z-index: 1500;
  display: grid;
  gap: 8px;
  max-width: min(420px, calc(100vw - 32px));
}
.alarm {
  gap: 18px;
  padding: 10px 14px;
  border: 2px solid var(--apricot);
}
@media (max-width: 720px) {
  .alarms {
    bottom: 84px;
  }
}
</style>
