<script setup lang="ts">
/** A child, an adult or a center at a glance, to open. */
defineProps<{ name: string; mark?: string; aside?: string; lines: readonly string[]; selected?: boolean }>()
defineEmits<{ open: [] }>()
</script>

<template>
  <li class="cubby thing" :class="{ 'is-selected': selected }">
    <button type="button" class="inner" :class="{ single: !mark }" @click="$emit('open')">
      <span v-if="mark" class="mark large takes-part" aria-hidden="true">{{ mark }}</span><span
        ><b class="k-label big">{{ name }}</b
        ><span v-if="aside" class="mute">&nbsp;{{ aside }}</span
        ><span v-for="(line, i) in lines" :key="i" class="block small" :class="{ mute: i > 0 }">{{ line }}</span></span
      >
    </button>
  </li>
</template>

<style scoped>
.inner {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 10px;
  width: 100%;
  height: 100%;
  text-align: left;
  background: none;
  border: 0;
  font: inherit;
  color: inherit;
  padding: 10px 12px;
  cursor: pointer;
  line-height: 1.3;
  align-items: start;
}
.inner.single {
  grid-template-columns: 1fr;
}
.big {
  font-size: 17px;
}
.block {
  display: block;
}
</style>
