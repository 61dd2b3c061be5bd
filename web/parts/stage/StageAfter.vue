<script setup lang="ts">
import { ref } from 'vue'
import type { CircleLog } from '@core/domain'
import { useCircle } from '../../stores/circle'
import { useUnit } from '../../stores/unit'

/** What is remembered of a circle: what was held and for how long, what they want again, who had which turn. */
const props = defineProps<{ took: Record<string, number> }>()
const emit = defineEmits<{ back: []; leave: [] }>()
const circle = useCircle()
const unit = useUnit()
const held = circle.parts.filter((one) => props.took[one.part.id])
const again = ref<Record<string, boolean>>({})
const turns = ref<Record<string, string>>(
  Object.fromEntries(circle.turns.flatMap((one) => (one.next ? [[one.what, one.next.child.id]] : []))),
)
async function write(): Promise<void> {
  const log: Omit<CircleLog, 'id' | 'took'> = {
    date: circle.day!.date,
    unit: unit.unit?.name ?? '',
    parts: held.map((one) => ({
      pieceId: one.piece?.id ?? null,
      bookId: one.book?.id ?? null,
      title: one.title,
      kind: one.item.kind,
      minutes: props.took[one.part.id],
      again: again.value[one.part.id] ?? false,
    })),
    turns: Object.entries(turns.value)
      .filter(([, childId]) => childId)
      .map(([what, childId]) => ({ what, childId })),
  }
  await circle.writeLog(log)
  emit('leave')
}
</script>

<template>
  <section class="stack plain" aria-label="Afterward">
    <h2>How it went</h2>
    <p class="mute">One tap each: it is remembered for the next circle.</p>
    <ul class="rows">
      <li v-for="one in held" :key="one.part.id" class="sung">
        <span
          >{{ one.title }} <span class="mute small">{{ took[one.part.id] }} min</span></span
        >
        <v-checkbox v-model="again[one.part.id]" label="Again, please" hide-details density="compact" />
      </li>
    </ul>
    <div v-for="one in circle.turns" :key="one.what" class="sung">
      <span>{{ one.what }}</span>
      <v-select
        v-model="turns[one.what]"
        :items="[
          { title: 'nobody', value: '' },
          ...one.order.map((child) => ({ title: child.child.name, value: child.child.id })),
        ]"
        :aria-label="one.what"
      />
    </div>
    <div class="inline">
      <v-btn class="primary" @click="write">Write it down</v-btn>
      <v-btn @click="$emit('back')">Back to the circle</v-btn>
      <v-btn @click="$emit('leave')">Leave without</v-btn>
    </div>
  </section>
</template>

<style scoped>
.plain {
  padding: 32px;
  max-width: 640px;
  overflow: auto;
}
.sung {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(150px, auto);
  align-items: center;
  gap: 10px;
}
ul {
  list-style: none;
  padding: 0;
}
@media (max-width: 720px) {
  .plain {
    padding: 16px;
  }
}
</style>
