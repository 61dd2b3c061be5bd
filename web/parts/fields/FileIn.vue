<script setup lang="ts">
/** A button that takes a file; the same file can be chosen again after it was mended. */
const props = defineProps<{ accept: string; label: string; disabled?: boolean }>()
const emit = defineEmits<{ take: [file: File] }>()
function take(event: Event) {
  const input = event.target as HTMLInputElement
  const [chosen] = input.files ?? []
  input.value = ''
  if (chosen) emit('take', chosen)
}
</script>

<template>
  <label class="v-btn k-btn file-btn"
    >{{ props.label
    }}<input type="file" :accept="props.accept" class="sr-only" :disabled="props.disabled" @change="take"
  /></label>
</template>

<style scoped>
.file-btn {
  display: inline-flex;
  align-items: center;
  border: 1px solid var(--edge-strong);
  border-radius: 8px;
  cursor: pointer;
  position: relative;
}
.file-btn:focus-within {
  outline: 2px solid var(--spruce);
  outline-offset: 2px;
}
</style>
