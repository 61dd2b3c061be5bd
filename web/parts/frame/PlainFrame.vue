<script setup lang="ts">
/** The frame of views that belong to the home rather than to a unit. */
defineProps<{ title: string; lead?: string; pocketTitle?: string }>()
defineSlots<{ default(): unknown; pocket?(): unknown; acts?(): unknown }>()
const pocketOpen = defineModel<boolean>('pocketOpen', { default: false })
</script>

<template>
  <div class="frame plain-frame" :class="{ 'has-pocket': $slots.pocket }">
    <header class="unit-head">
      <div class="name">
        <h1>{{ title }}</h1>
        <p v-if="lead" class="mute">{{ lead }}</p>
      </div>
      <div class="acts"><slot name="acts" /></div>
    </header>
    <section class="view" :aria-label="title" tabindex="0"><slot /></section>
    <aside v-if="$slots.pocket" class="pocket" :class="{ open: pocketOpen }" :aria-label="pocketTitle ?? 'Details'">
      <TextButton class="pocket-close" @click="pocketOpen = false">Close</TextButton><slot name="pocket" />
    </aside>
  </div>
</template>
