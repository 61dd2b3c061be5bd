<script setup lang="ts">
import { ATTENTION_NAMES, CENTER_NAMES, MESS_NAMES } from '@core/base'
import { getWords, leadWords, usedWords, whomWords, type Fit, type TimeFit } from '@core/ideas'
import type { UsedBefore } from '@core/domain'
import { useHomeWords } from '../../composables/homeWords'
import ThingPicture from '../lines/ThingPicture.vue'
import ChildMarks from '../lines/ChildMarks.vue'

/** An idea at a glance: for whom, when, how long before, how messy, what it takes, and how it went before. */
defineProps<{
  fit: Fit
  times: readonly TimeFit[]
  used?: readonly UsedBefore[]
  selected?: boolean
  gathered?: boolean
  /** The thing or word of the theme that it is about. */
  about?: string
  /** The small drawing that goes with it. */
  picture?: string
}>()
defineEmits<{ open: []; gather: []; leave: [] }>()
const words = useHomeWords()
</script>

<template>
  <li class="card idea" :class="{ 'is-selected': selected }">
    <button type="button" class="open" @click="$emit('open')">
      <span class="card-title" data-title>{{ fit.activity.title }}</span><ThingPicture v-if="picture" :name="picture" />
    </button>
    <p v-if="about" class="small about">About {{ about }}</p>
    <p class="aim">{{ fit.activity.aim }}</p>
    <div class="whom">
      <ChildMarks :parts="fit.parts" all />
      <p class="small" :class="fit.everyone ? 'mute' : 'ember'">{{ whomWords(fit, times) }}</p>
    </div>
    <p class="small mute facts">
      {{ CENTER_NAMES[fit.activity.centers[0]] }} · {{ fit.activity.minutes.do }} min · {{ leadWords(fit.lead) }} ·
      {{ ATTENTION_NAMES[fit.activity.attention] }}{{ fit.activity.mess ? ` · ${MESS_NAMES[fit.activity.mess]}` : '' }}
    </p>
    <p v-if="used?.length" class="small used">{{ usedWords(used) }}</p>
    <div class="row end">
      <span class="small" :class="fit.get.materials.length ? 'ember' : 'mute'">{{
        getWords(fit.get, words.currency)
      }}</span>
      <v-btn
        v-if="gathered"
        size="small"
        class="plain"
        :aria-label="`In the basket: ${fit.activity.title}. Take it out`"
        @click="$emit('leave')"
        >In the basket</v-btn
      >
      <v-btn v-else size="small" :aria-label="`Gather ${fit.activity.title}`" @click="$emit('gather')">Gather</v-btn>
    </div>
  </li>
</template>

<style scoped>
.about {
  color: var(--spruce);
}
.idea {
  padding: 9px 12px 8px;
  display: flex;
  flex-direction: column;
  gap: 5px;
  position: relative;
}
.open {
  display: flex;
  gap: 6px;
  justify-content: space-between;
  align-items: flex-start;
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.open .card-title {
  font-size: 16px;
}
.open:hover {
  color: var(--spruce);
}
.aim {
  font-size: 15px;
  line-height: 1.3;
  flex: 1;
}
.whom {
  display: flex;
  flex-wrap: wrap;
  gap: 3px 10px;
  align-items: center;
}
.facts,
.used {
  line-height: 1.3;
}
.used {
  color: var(--spruce);
}
.end {
  align-items: center;
  min-height: 36px;
}
@media (max-width: 720px) {
  .open {
    padding: 8px 0;
  }
}
</style>
