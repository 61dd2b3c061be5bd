<script setup lang="ts">
import { STYLE_NAMES } from '@core/base'
import { STYLES, type PlanningStyle } from '@core/domain'
import { SKELETONS } from '@core/ideas'

/** The styles in which a unit can be planned, with what each is. */
defineProps<{ chosen: PlanningStyle }>()
defineEmits<{ choose: [style: PlanningStyle] }>()
</script>

<template>
  <fieldset class="plain">
    <legend class="k-label">Planning style</legend>
    <div class="styles" role="radiogroup" aria-label="Planning style">
      <label v-for="one in STYLES" :key="one" class="card style" :class="{ here: chosen === one }"
        ><input
          type="radio"
          name="style"
          class="sr-only"
          :checked="chosen === one"
          @change="$emit('choose', one)"
        /><span class="k-label">{{ STYLE_NAMES[one] }}</span
        ><span class="small mute">{{ SKELETONS[one].about }}</span></label
      >
    </div>
  </fieldset>
</template>

<style scoped>
.plain {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
.styles {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px;
  margin-top: 4px;
}
.style {
  display: grid;
  gap: 3px;
  align-content: start;
  padding: 8px 10px;
  cursor: pointer;
  border-top-width: 2px;
  position: relative;
  line-height: 1.3;
}
.style.here {
  border-color: var(--spruce);
  background: var(--spruce-tint);
}
.style:focus-within {
  outline: 2px solid var(--spruce);
  outline-offset: 2px;
}
.style.here .mute {
  color: var(--ink);
}
@media (max-width: 720px) {
  .styles {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
