<script setup lang="ts">
import { computed } from 'vue'
import type { Child, PrintLevel } from '@core/domain'

/** How far a set goes for each child. */
const props = defineProps<{
  levels: { child: Child; level: PrintLevel | null }[]
  /** What each level is called. */
  names: readonly string[]
}>()
const emit = defineEmits<{ choose: [childId: string, level: PrintLevel] }>()
const ITEMS = computed(() => props.names.map((title, value) => ({ title, value })))
/** Chosen by nobody: a child that is too young stays out until somebody says how far it goes. */
const TOO_YOUNG = -1
const TOO_YOUNG_ITEM = { title: 'too young for it', value: TOO_YOUNG }
function choose(childId: string, level: number): void {
  if (level !== TOO_YOUNG) emit('choose', childId, level as PrintLevel)
}
</script>

<template>
  <div class="rows">
    <b>How far for whom</b>
    <div v-for="{ child, level } in levels" :key="child.id" class="level">
      <span>{{ child.name }}</span>
      <v-select
        :model-value="level ?? TOO_YOUNG"
        :items="level === null ? [TOO_YOUNG_ITEM, ...ITEMS] : ITEMS"
        :aria-label="`How far for ${child.name}`"
        menu-icon=""
        @update:model-value="choose(child.id, $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.level {
  display: grid;
  grid-template-columns: 66px minmax(0, 1fr);
  gap: 6px;
  font-size: 14px;
  align-items: center;
}
.level :deep(.v-field__input) {
  font-size: 14px;
  padding-inline: 8px;
}
.level :deep(.v-select__selection),
.level :deep(.v-select__selection-text) {
  white-space: normal;
  overflow: visible;
  line-height: 1.15;
}
</style>
