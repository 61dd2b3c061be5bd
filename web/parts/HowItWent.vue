<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Placement } from '@core/domain'
import { LIKED_NAMES } from '@core/fit'
import { countWords } from '@core/format'
import { useBoard } from '../stores/board'

/** One placement looked back on: done or not, and how it went. */
const props = defineProps<{ placement: Placement; ticks: number }>()
const board = useBoard()
const title = computed(() => board.titleOf(props.placement.activityId))
const setStatus = (status: Placement['status']) => board.patch(props.placement, `${title.value}: ${status}`, { status: props.placement.status === status ? 'planned' : status })
const note = ref(props.placement.went?.note ?? '')
watch(() => props.placement.went?.note, (now) => (note.value = now ?? ''))
const setLiked = (liked: number | null) => board.patch(props.placement, `${title.value}: how it went`, { went: liked === null ? null : { liked, note: note.value.trim() } })
function setNote() {
  const words = note.value.trim()
  if (words === (props.placement.went?.note ?? '')) return
  board.patch(props.placement, `${title.value}: a note`, { went: { liked: props.placement.went?.liked ?? 2, note: words } })
}
</script>

<template>
  <div class="card went">
    <div class="row">
      <span><b>{{ title }}</b><span v-if="ticks" class="small mute">&nbsp;· {{ countWords(ticks, 'step') }} ticked</span></span>
      <span class="inline"><v-btn size="small" :class="{ primary: placement.status === 'done' }" :aria-pressed="placement.status === 'done'" :aria-label="`Done: ${title}`" @click="setStatus('done')">Done</v-btn><v-btn size="small" :class="{ primary: placement.status === 'skipped' }" :aria-pressed="placement.status === 'skipped'" :aria-label="`Skipped: ${title}`" @click="setStatus('skipped')">Skipped</v-btn></span>
    </div>
    <div v-if="placement.status === 'done'" class="how">
      <v-select :model-value="placement.went?.liked ?? null" :items="LIKED_NAMES.map((name, value) => ({ title: name, value }))" clearable placeholder="How did it go?" :aria-label="`How did it go: ${title}`" @update:model-value="setLiked($event ?? null)" />
      <v-text-field v-model="note" :aria-label="`A note for next time: ${title}`" placeholder="For next time" maxlength="120" @blur="setNote" @keydown.enter.prevent="setNote" />
    </div>
  </div>
</template>

<style scoped>
.went { padding: 5px 6px 6px 12px; display: grid; gap: 6px; }
.row { align-items: center; }
.how { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1.6fr); gap: 6px; }
@media (max-width: 720px) { .how { grid-template-columns: minmax(0, 1fr); } }
</style>
