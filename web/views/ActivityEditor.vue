<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import ActivityForm from '../parts/ideas/ActivityForm.vue'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/**
 * An idea is written or changed. The form waits for what it begins from: the idea itself, the one it is copied from,
 * the half idea.
 */
const house = useHouse()
const unit = useUnit()
const route = useRoute()
const query = (name: string) => (typeof route.query[name] === 'string' ? (route.query[name] as string) : null)
const unitId = computed(() => query('unit'))
// Opened by its address, nothing else has opened the unit that it is written for.
watch(
  unitId,
  (id) => {
    if (id) void unit.open(id)
  },
  { immediate: true },
)
const waiting = computed(
  () => !house.loaded || (unitId.value !== null && !unit.failed && (unit.id !== unitId.value || !unit.ready)),
)
</script>

<template>
  <p v-if="waiting" class="centre mute" role="status">Opening the idea</p>
  <ActivityForm
    v-else
    :key="route.fullPath"
    :activity-id="typeof route.params.activityId === 'string' ? route.params.activityId : null"
    :copy-of="query('copy')"
    :idea-id="query('idea')"
    :unit-id="unitId"
  />
</template>
