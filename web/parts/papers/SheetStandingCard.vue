<script setup lang="ts">
import type { SheetItem } from '@core/domain'
import { SEVERITY_NAMES } from '@core/base'

/** A set-up that stands out all day: what stands on it, and who does what there. */
defineProps<{ item: SheetItem }>()
</script>

<template>
  <article class="cubby out keep">
    <div class="row">
      <h3>{{ item.title }}</h3>
      <span class="mute">{{ item.center }}</span>
    </div>
    <div
      v-for="(caution, i) in item.cautions.filter((one) => one.severity !== 'watch')"
      :key="i"
      class="notice"
      :class="{ soft: caution.severity !== 'stop' }"
    >
      <b :class="caution.severity === 'stop' ? 'brick' : 'ember'">{{ SEVERITY_NAMES[caution.severity] }}:</b>
      {{ caution.why }}
    </div>
    <p v-for="step in item.steps.filter((one) => one.who)" :key="step.id">
      <b>{{ step.who }}:</b> {{ step.text }}
    </p>
    <p
      v-for="(caution, i) in item.cautions.filter((one) => one.severity === 'watch')"
      :key="`w${i}`"
      class="mute small"
    >
      {{ caution.why }}
    </p>
  </article>
</template>

<style scoped>
.out h3 {
  font-size: 17px;
}
.out {
  padding: 8px 12px;
  display: grid;
  gap: 4px;
  font-size: 16px;
}
@media print {
  .out {
    font-size: 8pt;
    line-height: 1.17;
    box-decoration-break: clone;
    padding: 2px 5px;
    display: block;
    break-inside: auto;
    margin-bottom: 3px;
  }
  .out > .row {
    break-after: avoid;
  }
  .out > p {
    break-inside: avoid;
  }
  .out h3 {
    font-size: 9.5pt;
  }
  .notice {
    padding: 1px 6px;
  }
}
</style>
