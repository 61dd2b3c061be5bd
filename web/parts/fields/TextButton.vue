<script setup lang="ts">
/** A button that reads as a word of the text around it. */
</script>

<template>
  <button type="button" class="why"><slot /></button>
</template>
