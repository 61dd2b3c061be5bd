<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import type { Placement } from '@core/domain'
import { useOthers } from '../../composables/useOthers'
import TextButton from '../fields/TextButton.vue'

/** Ideas that would fit in the place of a card as well, looked for when they are wanted. */
const props = defineProps<{ placement: Placement }>()
const { others, choose } = useOthers()
const open = ref(false)
const found = shallowRef<{ id: string; title: string; about: string }[] | null>(null)
const failed = ref(false)
async function look() {
  found.value = null
  failed.value = false
  try {
    found.value = await others(props.placement)
  } catch {
    failed.value = true
  }
}
function toggled(event: Event) {
  open.value = (event.target as HTMLDetailsElement).open
  if (open.value) void look()
}
watch(
  () => [props.placement.id, props.placement.activityId],
  () => {
    if (open.value) void look()
  },
)
</script>

<template>
  <details v-if="placement.status === 'planned'" class="others" @toggle="toggled">
    <summary>What else fits here</summary>
    <div class="rows" aria-live="polite">
      <p v-if="failed" class="small">
        The ideas could not be fetched. <TextButton @click="look">Try again</TextButton>
      </p>
      <p v-else-if="!found" class="small mute">Looking</p>
      <p v-else-if="!found.length" class="small mute">Nothing else of this kind fits here.</p>
      <div v-for="one in found ?? []" :key="one.id" class="row">
        <span>{{ one.title }}</span>
        <v-btn size="small" :aria-label="`Swap for ${one.title}`" @click="choose(placement, one.id)">Swap</v-btn>
      </div>
    </div>
  </details>
</template>

<style scoped>
.others .rows {
  gap: 8px;
  padding-top: 6px;
}
summary {
  cursor: pointer;
  color: var(--spruce);
  padding: 4px 0;
}
.row {
  align-items: center;
}
</style>
