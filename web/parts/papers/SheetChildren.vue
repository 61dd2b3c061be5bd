<script setup lang="ts">
import { computed, ref } from 'vue'
import type { DaySheet } from '@core/domain'
import { spanWords, listWords, STAGE_NAMES } from '@core/base'
import { markOf } from '@core/papers'

/** Who is here on a day, with hours, naps, and what must be known of each. */
const props = defineProps<{ sheet: DaySheet }>()
const names = computed(() => [...props.sheet.children.map((child) => child.name), ...props.sheet.away])
const showKids = ref(false)
const safety = computed(() => [
  ...props.sheet.children
    .filter((child) => child.allergies.length)
    .map((child) => `${child.name}: allergy, ${listWords(child.allergies)}`),
  ...(props.sheet.children.some((child) => child.mouths)
    ? [`Still mouthing: ${listWords(props.sheet.children.filter((child) => child.mouths).map((child) => child.name))}`]
    : []),
])
function childWords(child: DaySheet['children'][number]): string {
  const parts = [spanWords(child.here)]
  if (child.naps.length) parts.push(`sleeps ${listWords(child.naps.map((nap) => spanWords(nap)))}`)
  if (child.mouths) parts.push('mouths things')
  return parts.join(', ')
}
</script>

<template>
  <section class="here keep" aria-label="Here today">
    <ul class="marks phone-kids" aria-hidden="true">
      <li v-for="(child, i) in sheet.children" :key="i" class="mark takes-part">{{ markOf(child.name, names) }}</li>
    </ul>
    <div class="phone-kids safety">
      <p v-for="line in safety" :key="line">
        <b class="brick">{{ line }}</b>
      </p>
    </div>
    <TextButton class="phone-kids no-print" :aria-expanded="showKids" @click="showKids = !showKids">
      {{ showKids ? 'Hide' : 'Show' }} hours and naps
    </TextButton>
    <ul class="kids" :class="{ shown: showKids }">
      <li v-for="(child, i) in sheet.children" :key="i" class="kid">
        <span class="mark large takes-part" aria-hidden="true">{{ markOf(child.name, names) }}</span><span
          ><b>{{ child.name }}</b> <span class="mute small">{{ STAGE_NAMES[child.stage].toLowerCase() }}</span><span
            class="small mute line"
            >{{ childWords(child) }}</span
          ><b v-if="child.allergies.length" class="brick small line">Allergy: {{ listWords(child.allergies) }}</b></span
        >
      </li>
    </ul>
    <p v-if="sheet.away.length" class="mute small">Away: {{ listWords(sheet.away) }}</p>
    <p v-for="line in sheet.reminders" :key="line" class="notice soft">{{ line }}</p>
  </section>
</template>

<style scoped>
.kids {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 8px 14px;
}
.kid {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 9px;
  align-items: start;
  line-height: 1.25;
  font-size: 16px;
}
.line {
  display: block;
}
.phone-kids {
  display: none;
}
@media screen and (max-width: 720px) {
  .phone-kids {
    display: flex;
  }
  .safety {
    display: grid;
    gap: 2px;
    font-size: 16px;
  }
  .kids:not(.shown) {
    display: none;
  }
  .why.phone-kids {
    padding: 4px 0;
    min-height: 44px;
    align-items: center;
  }
}
.here {
  display: grid;
  gap: 8px;
}
@media print {
  .kids {
    grid-template-columns: repeat(4, 1fr);
    gap: 2px 10px;
  }
  .kid {
    grid-template-columns: 20px 1fr;
    gap: 5px;
    font-size: 9pt;
  }
  .kid .mark {
    min-width: 18px;
    height: 18px;
    font-size: 9pt;
  }
  .kid .small {
    font-size: 8.5pt;
  }
  .notice {
    padding: 1px 6px;
  }
}
</style>
