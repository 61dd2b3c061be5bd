<script setup lang="ts" generic="T extends string">
import { nextTick, ref, watch } from 'vue'

/** A few views of one thing, side by side: arrows move between them. */
const props = defineProps<{
  tabs: readonly { value: T; title: string; figure?: string }[]
  label: string
  /** Id of the element that they show something in. */
  panel?: string
}>()
const now = defineModel<T>({ required: true })
const list = ref<HTMLElement>()
// On a phone the tabs are wider than the screen: the open one is in sight.
watch(
  now,
  async () => {
    await nextTick()
    list.value
      ?.querySelector<HTMLElement>('[aria-selected=true]')
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  },
  { immediate: true },
)
function step(by: number, event: KeyboardEvent) {
  const at = props.tabs.findIndex((tab) => tab.value === now.value)
  now.value = props.tabs[(at + by + props.tabs.length) % props.tabs.length].value
  const buttons = (event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('[role=tab]')
  buttons[(at + by + props.tabs.length) % props.tabs.length]?.focus()
}
</script>

<template>
  <div
    ref="list"
    class="tabs"
    role="tablist"
    :aria-label="label"
    @keydown.right.prevent="step(1, $event)"
    @keydown.left.prevent="step(-1, $event)"
  >
    <button
      v-for="tab in tabs"
      :key="tab.value"
      type="button"
      role="tab"
      class="tab"
      :class="{ here: now === tab.value }"
      :id="panel && `${panel}-${tab.value}`"
      :aria-controls="panel"
      :aria-selected="now === tab.value"
      :tabindex="now === tab.value ? 0 : -1"
      @click="now = tab.value"
    >
      {{ tab.title }}<span v-if="tab.figure" class="figure">&nbsp;{{ tab.figure }}</span>
    </button>
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 2px;
  border-bottom: 2px solid var(--edge-strong);
  margin-bottom: 12px;
}
.tab {
  font: inherit;
  font-family: var(--head);
  font-weight: 650;
  color: var(--mute);
  background: none;
  border: 1px solid transparent;
  border-bottom: 0;
  border-radius: 5px 5px 0 0;
  padding: 7px 14px;
  cursor: pointer;
  min-height: 38px;
}
.tab.here {
  background: var(--paper);
  border-color: var(--edge-strong);
  color: var(--ink);
  box-shadow: 0 2px 0 var(--paper);
}
.tab:hover:not(.here) {
  color: var(--ink);
  background: var(--well);
}
.figure {
  font-family: var(--text);
  font-weight: 400;
  color: var(--mute);
}
@media (max-width: 720px) {
  .tabs {
    overflow: auto hidden;
  }
  .tab {
    flex: 1 0 auto;
    padding-inline: 8px;
    min-height: 44px;
  }
}
</style>
