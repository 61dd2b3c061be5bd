<script setup lang="ts">
import { useRoute } from 'vue-router'
import ActivityForm from '../parts/ActivityForm.vue'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** An idea is written or changed. The form waits for what it begins from: the idea itself, the one it is copied from, the half idea. */
const house = useHouse()
const unit = useUnit()
const route = useRoute()
const query = (name: string) => (typeof route.query[name] === 'string' ? (route.query[name] as string) : null)
</script>

<template>
  <p v-if="!house.loaded || (query('unit') && !unit.ready && !unit.failed)" class="centre mute" role="status">Opening the idea</p>
  <ActivityForm v-else :key="route.fullPath" :activity-id="typeof route.params.activityId === 'string' ? route.params.activityId : null" :copy-of="query('copy')" :idea-id="query('idea')" :unit-id="query('unit')" />
</template>
