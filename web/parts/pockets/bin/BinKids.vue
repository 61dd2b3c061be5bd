<script setup lang="ts">
import { computed } from 'vue'
import { BIN_MOODS, type BinMood, type Child } from '@core/domain'
import { countWords, mediumDate } from '@core/base'
import { EXPERIENCE, grainFor, MOOD_NAMES, progressOf, withBinTime } from '@core/making'
import { markOf } from '@core/papers'
import { useHomeWords } from '../../../composables/homeWords'
import { useHouse } from '../../../stores/house'
import { useSession } from '../../../stores/session'

/** How far each child is at the bin, how it was today, and what is proposed from it. */
const props = defineProps<{ children: readonly Child[]; fillerId: string | null }>()
const house = useHouse()
const session = useSession()
const words = useHomeWords()
const LEVEL_WORDS = { new: 'new to bins', practising: 'practicing', ready: 'ready for anything that pours' } as const
const GRAIN_WORDS = { large: 'large pieces that stay put', mixed: 'oats and the like', fine: 'rice and sand' } as const
const nameOf = (fillerId: string) => house.materialsById.get(fillerId)?.name ?? 'another filler'
const kids = computed(() =>
  props.children.map((child) => {
    const progress = progressOf(child, house.thisHome.binRules)
    const fine = GRAIN_WORDS[grainFor(progress.now)]
    const calm = progress.calm ? `, ${countWords(progress.calm, 'calm time')} in a row` : ''
    return {
      child,
      progress,
      mark: markOf(child.name, words.value.childNames),
      said: `${LEVEL_WORDS[progress.now]}: ${fine}${calm}`,
      last: progress.last
        ? `${MOOD_NAMES[progress.last.mood]} on ${mediumDate(progress.last.date)}, ${nameOf(progress.last.fillerId)}`
        : '',
      today: child.binTimes.find((one) => one.date === session.today && one.fillerId === props.fillerId)?.mood,
    }
  }),
)
const note = (child: Child, mood: BinMood) => {
  if (!props.fillerId) return
  void house.commit(`${child.name} at the bin: ${MOOD_NAMES[mood].toLowerCase()}`, [
    { put: 'child', value: withBinTime(child, { date: session.today, fillerId: props.fillerId, mood }) },
  ])
}
const move = (child: Child, to: Child['sensory']) =>
  void house.commit(`${child.name}: ${LEVEL_WORDS[to]}`, [{ put: 'child', value: { ...child, sensory: to } }])
const isFiner = (child: Child, to: Child['sensory']) => EXPERIENCE.indexOf(to) > EXPERIENCE.indexOf(child.sensory)
</script>

<template>
  <section v-if="kids.length" class="rows no-print" aria-label="How far each one is">
    <h3>How far each one is</h3>
    <div v-for="one in kids" :key="one.child.id" class="kid">
      <span class="mark takes-part" aria-hidden="true">{{ one.mark }}</span>
      <div class="rows">
        <p>
          <b>{{ one.child.name }}</b> <span class="small mute">{{ one.said }}</span>
        </p>
        <p v-if="one.last" class="small mute">{{ one.last }}</p>
        <div v-if="fillerId" class="moods" role="group" :aria-label="`${one.child.name} at the bin today`">
          <button
            v-for="mood in BIN_MOODS"
            :key="mood"
            type="button"
            class="mood"
            :class="{ on: one.today === mood }"
            :aria-pressed="one.today === mood"
            @click="note(one.child, mood)"
          >
            {{ MOOD_NAMES[mood] }}
          </button>
        </div>
        <p v-if="one.progress.next">
          <TextButton @click="move(one.child, one.progress.next)">{{
            isFiner(one.child, one.progress.next)
              ? `Go on to ${GRAIN_WORDS[grainFor(one.progress.next)]}`
              : `Back to ${GRAIN_WORDS[grainFor(one.progress.next)]} for now`
          }}</TextButton>
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.kid {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 10px;
  padding: 8px 0;
  border-top: 1px solid var(--edge);
}

.moods {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
  gap: 6px;
}

.mood {
  min-height: 30px;
  padding: 2px 9px;
  border: 1px solid var(--control);
  border-radius: 4px;
  background: var(--paper);
  color: inherit;
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}

.mood.on {
  background: var(--spruce-tint);
  border-color: var(--spruce);
}
@media (max-width: 700px) {
  .mood {
    min-height: 44px;
  }
}
</style>
