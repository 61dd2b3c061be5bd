<script setup lang="ts">
/** A button of the stage: large enough for a hand that holds a puppet. The page of a link shows it too. */
defineProps<{ primary?: boolean }>()
</script>

<template>
  <button type="button" :class="{ primary }"><slot /></button>
</template>

<style scoped>
button {
  font: inherit;
  font-weight: 650;
  font-size: 16px;
  color: inherit;
  min-height: 44px;
  padding: 6px 16px;
  border: 1px solid var(--edge-strong);
  border-radius: 8px;
  background: var(--paper);
  cursor: pointer;
}
.primary {
  background: var(--spruce);
  border-color: var(--spruce);
  color: var(--on-spruce);
}
button:disabled {
  color: var(--mute);
  background: var(--well);
  cursor: default;
}
@media (max-width: 720px) {
  button {
    padding: 6px 10px;
    flex: 1 1 auto;
  }
}
</style>
