<script setup lang="ts">
import { onMounted, ref, useTemplateRef } from 'vue'
import StageButton from './StageButton.vue'

/** Asks for what the children say, which becomes a verse more. */
const emit = defineEmits<{
  /** What they said; empty where it is left. */
  said: [word: string]
}>()
const word = ref('')
const field = useTemplateRef('field')
onMounted(() => field.value?.focus())
</script>

<template>
  <form class="say" @submit.prevent="emit('said', word.trim())">
    <label
      >What do they say?
      <input ref="field" v-model="word" maxlength="60" autocomplete="off" />
    </label>
    <StageButton primary type="submit">Add the verse</StageButton>
    <StageButton @click="emit('said', '')">Leave it</StageButton>
  </form>
</template>

<style scoped>
.say {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  padding: 12px 20px;
  background: var(--shelf);
}
.say label {
  display: grid;
  gap: 4px;
  flex: 1 1 220px;
}
.say input {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--control);
  border-radius: 5px;
  background: var(--paper);
  font: inherit;
  color: inherit;
}
</style>
