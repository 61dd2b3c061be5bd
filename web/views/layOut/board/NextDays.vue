<script setup lang="ts">
/** The edge of the days that are shown: goes on to those after them. */
defineProps<{ day: number }>()
</script>

<template>
  <button type="button" class="more">
    <span>Day {{ day }} →</span>
  </button>
</template>

<style scoped>
.more {
  position: absolute;
  right: -4px;
  top: 30px;
  bottom: 0;
  width: 22px;
  background: var(--well);
  border: 1px solid var(--edge);
  border-top: 2px solid var(--edge-strong);
  border-radius: 5px;
  color: var(--mute);
  font: inherit;
  font-weight: 650;
  cursor: pointer;
}
.more span {
  writing-mode: vertical-rl;
  position: sticky;
  top: 300px;
}
</style>
