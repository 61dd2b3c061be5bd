<script setup lang="ts">
import { computed } from 'vue'
import { listWords } from '@core/base'
import type { CircleLog } from '@core/domain'
import { useCircle } from '../../stores/circle'
import { useHouse } from '../../stores/house'

/** A circle as it was held: what was in it and for how long, what they asked for again, and who had which turn. */
const props = defineProps<{ log: CircleLog }>()
const house = useHouse()
const circle = useCircle()
const held = computed(() => props.log.parts.map((one) => `${one.title}, ${one.minutes} min`).join('; '))
const again = computed(() => props.log.parts.filter((one) => one.again).map((one) => one.title))
const turns = computed(() =>
  props.log.turns.flatMap(({ what, childId }) => {
    const name = house.children.find((child) => child.id === childId)?.name
    return name ? [`${name} ${what.toLowerCase()}`] : []
  }),
)
const forget = () => void circle.forgetLog(props.log)
</script>

<template>
  <div class="card held">
    <b class="k-label">Circle</b>
    <p>{{ held }}.</p>
    <p v-if="again.length">They asked for it again: {{ listWords(again) }}.</p>
    <p v-if="turns.length" class="mute">{{ listWords(turns) }}.</p>
    <p><TextButton @click="forget">It was not held</TextButton></p>
  </div>
</template>

<style scoped>
.held {
  padding: 8px 12px;
  display: grid;
  gap: 2px;
}
</style>
