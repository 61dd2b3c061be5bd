<script setup lang="ts">
import { computed } from 'vue'
import { usePrinting } from '../../stores/printing'

/** How far a file is that is being made, with a way to stop it; then what it is called, or what went wrong. */
const props = defineProps<{ of: 'run' | 'set' | 'test' }>()
const printing = usePrinting()
const shown = computed(() => printing.asked === props.of)
</script>

<template>
  <p v-if="shown && printing.progress" role="status" class="small">
    {{ printing.progress.all ? `Page ${printing.progress.done} of ${printing.progress.all}.` : 'Drawing the pages.' }}
    <TextButton @click="printing.stop()">Stop</TextButton>
  </p>
  <p v-else-if="shown && printing.failed" class="brick small" role="alert">{{ printing.failed }}</p>
  <p v-else-if="shown && printing.saved" role="status" class="small">Saved as {{ printing.saved }}.</p>
</template>
