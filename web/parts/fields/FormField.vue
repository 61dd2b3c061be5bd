<script setup lang="ts">
/**
 * A label above a control, and what is wrong with it below. The control stands inside the label, so it is named by it.
 */
defineProps<{ label: string; hint?: string }>()
</script>

<template>
  <label class="field"
    ><span class="k-label">{{ label }}</span
    ><slot /><span v-if="hint" class="small mute">{{ hint }}</span></label
  >
</template>

<style scoped>
.field {
  display: grid;
  gap: 3px;
  align-content: start;
}
</style>
