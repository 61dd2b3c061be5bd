<script setup lang="ts">
import { mdiPlus, mdiRedo, mdiUndo } from '@mdi/js'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { countWords, mediumDate } from '@core/base'
import { focusWords } from '@core/papers'
import { useOnce } from '../../composables/useOnce'
import { useBoard } from '../../stores/board'
import { usePrep } from '../../stores/prep'
import { useUnit } from '../../stores/unit'
import { useWriter } from '../../stores/writer'
import DayRibbon from '../frame/DayRibbon.vue'

const HalfIdea = defineAsyncComponent(() => import('../ideas/HalfIdea.vue'))

/** The frame of every step: the unit's name and ribbon above, the view, the pocket beside it, the pulse below. */
const props = defineProps<{ title: string; pocketTitle?: string }>()
defineSlots<{ default(): unknown; pocket?(): unknown; pulse?(): unknown }>()
const store = useUnit()
const board = useBoard()
const writer = useWriter()
const prep = usePrep()
const adding = ref(false)
const added = useOnce(() => adding.value)
const pocketOpen = defineModel<boolean>('pocketOpen', { default: false })
/** What must begin more than a day ahead: on the plan until its day, in the basket until the first on which it could be. */
const ahead = computed(() =>
  prep.leads
    .filter((one) => one.days > 1)
    .map((one) => ({
      name: one.activity.title,
      from: one.begins ?? store.snapshot!.today,
      to: one.on ?? one.earliest,
      late: one.late,
    })),
)
const steps = computed(() => writer.stepsOf(store.id))
const route = useRoute()
const first = computed(
  () =>
    store.today?.number ?? store.days.find((day) => day.held && day.date >= (store.snapshot?.today ?? ''))?.number ?? 1,
)
watch(
  () => [store.id, store.ready] as const,
  ([id, ready], was) => {
    if (ready && (id !== was?.[0] || !was?.[1])) {
      // An address can ask for a day; else it is today's.
      const asked = Number(route.query.day)
      board.day = store.days.some((day) => day.number === asked) ? asked : first.value
      if (
        board.selected?.kind === 'placement' &&
        !store.placements.some((one) => one.id === (board.selected as { id: string }).id)
      )
        board.selected = null
    }
  },
  { immediate: true },
)
</script>

<template>
  <div v-if="store.failed" class="centre stack" role="alert">
    <h1>This unit could not be opened</h1>
    <p>{{ store.failed }}</p>
    <div class="inline">
      <v-btn class="primary" @click="store.load()">Try again</v-btn><v-btn to="/units">All units</v-btn>
    </div>
  </div>
  <p v-else-if="!store.ready || !store.unit" class="centre mute" role="status">Opening the unit</p>
  <div v-else class="frame" :class="{ 'has-pocket': $slots.pocket, 'has-pulse': $slots.pulse }">
    <header class="unit-head no-print">
      <div class="name">
        <h1>
          {{ store.unit.name }}<span class="sr-only">: {{ props.title }}</span>
        </h1>
        <p class="mute">
          {{
            focusWords(store.unit.focus) || `${countWords(store.unit.days, 'day')} from ${mediumDate(store.unit.start)}`
          }}
        </p>
      </div>
      <DayRibbon
        v-if="store.readings"
        v-model="board.day"
        class="ribbon"
        :unit="store.unit"
        :program="store.readings.plan.program"
        :today="store.snapshot!.today"
        :ahead="ahead"
      />
      <div class="acts">
        <v-btn
          class="icon-btn"
          :disabled="!steps.undo"
          :title="steps.undo ? `Undo: ${steps.undo}` : 'Nothing to undo'"
          aria-label="Undo"
          @click="writer.undo(store.id)"
          ><v-icon :icon="mdiUndo" size="20"
        /></v-btn>
        <v-btn
          v-if="steps.redo"
          class="icon-btn"
          :title="`Redo: ${steps.redo}`"
          aria-label="Redo"
          @click="writer.redo(store.id)"
          ><v-icon :icon="mdiRedo" size="20"
        /></v-btn>
        <v-btn class="primary" aria-label="Add an idea" @click="adding = true"
          ><v-icon :icon="mdiPlus" size="20" start />Idea</v-btn
        >
      </div>
    </header>
    <section class="view" :aria-label="props.title" tabindex="0">
      <div v-if="store.fault" class="notice" role="alert">
        {{ store.fault }} Change it in <router-link to="/home">Home</router-link> or in Spark; nothing was lost.
      </div>
      <slot v-if="store.hasView" />
    </section>
    <aside
      v-if="$slots.pocket"
      class="pocket no-print"
      :class="{ open: pocketOpen }"
      :aria-label="props.pocketTitle ?? 'Details'"
    >
      <TextButton class="pocket-close" @click="pocketOpen = false">Close</TextButton>
      <slot v-if="store.hasBeside" name="pocket" />
    </aside>
    <footer v-if="$slots.pulse" class="pulse no-print"><slot v-if="store.hasBeside" name="pulse" /></footer>
    <HalfIdea v-if="added" v-model="adding" />
    <p class="sr-only" role="status" aria-live="polite">{{ board.said }}</p>
  </div>
</template>
