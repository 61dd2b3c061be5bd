<script setup lang="ts">
/** What a first plan did, in a few sentences, until it is closed. */
defineProps<{ words: readonly string[] }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <section class="notice soft first-plan" aria-label="Your first plan">
    <ul>
      <li v-for="sentence in words" :key="sentence">{{ sentence }}</li>
    </ul>
    <v-btn size="small" @click="emit('close')">Got it</v-btn>
  </section>
</template>

<style scoped>
.first-plan {
  display: flex;
  gap: 14px;
  align-items: flex-end;
  justify-content: space-between;
  margin-bottom: 10px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 2px;
}
@media (max-width: 720px) {
  .first-plan {
    flex-direction: column;
    align-items: stretch;
  }
}
</style>
