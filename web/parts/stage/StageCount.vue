<script setup lang="ts">
import { computed } from 'vue'
import { fingersFor } from '@core/circle'
import type { ScriptPart, ScriptVerse } from '@core/domain'
import ThingPicture from '../lines/ThingPicture.vue'

/** How many there are: as a numeral, in a word, in pictures and on the fingers; nothing while it is asked for. */
const props = defineProps<{ verse: ScriptVerse; part: ScriptPart; hidden: boolean }>()
const MOST_PICTURES = 12
const count = computed(() => props.verse.count ?? 0)
const most = computed(() => props.part.counted)
const hands = computed(() => (fingersFor(most.value) === 'props' ? 0 : most.value > 5 ? 10 : 5))
/** Tops of five fingers beside each other, the thumb first. */
const TOPS = [36, 14, 6, 14, 34]
const BASE = 86
const topOf = (i: number) => TOPS[(i - 1) % 5]
</script>

<template>
  <div class="count">
    <template v-if="!hidden">
      <output class="numeral">{{ count }}</output>
      <span class="word">{{ verse.word }}</span>
      <span v-if="part.picture && most <= MOST_PICTURES" class="pictures" aria-hidden="true">
        <ThingPicture v-for="i in most" :key="i" :name="part.picture" :size="56" :class="{ gone: i > count }" />
      </span>
      <svg v-if="hands" class="fingers" viewBox="0 0 150 90" aria-hidden="true">
        <rect
          v-for="i in hands"
          :key="i"
          :x="6 + (i - 1) * (hands > 5 ? 14 : 27)"
          :y="topOf(i)"
          :width="hands > 5 ? 11 : 20"
          :height="BASE - topOf(i)"
          rx="8"
          :class="{ up: i <= count }"
        />
      </svg>
    </template>
  </div>
</template>

<style scoped>
.count {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 12px;
}
.numeral {
  font-size: clamp(96px, 19vw, 240px);
  line-height: 0.9;
  font-weight: 800;
  color: var(--spruce);
}
.word {
  font-size: clamp(26px, 4vw, 46px);
  font-weight: 700;
}
.pictures {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 6px;
}
.gone {
  filter: grayscale(1);
  opacity: 0.25;
}
.fingers {
  width: min(220px, 100%);
}
.fingers rect {
  fill: none;
  stroke: var(--edge-strong);
  stroke-width: 2;
}
.fingers rect.up {
  fill: var(--spruce-tint);
  stroke: var(--spruce);
}
@media (max-width: 720px) {
  .count {
    grid-template-columns: auto auto auto;
    align-items: center;
    justify-content: start;
  }
  .numeral {
    font-size: 76px;
  }
  .pictures {
    display: none;
  }
  .fingers {
    width: 96px;
  }
}
</style>
