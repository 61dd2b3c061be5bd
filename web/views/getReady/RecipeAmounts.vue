<script setup lang="ts">
import { useEventListener, useWakeLock } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { Batch, Storage } from '@core/domain'
import { listWords, longWeekday, minutesWords, waitWords, weekdayOf } from '@core/base'
import { capital } from '@core/ideas'
import { isLong } from '@core/making'
import { useKitchen } from '../../stores/kitchen'
import { useMixing } from '../../stores/mixing'
import AskAmounts from './AskAmounts.vue'
import BatchLabels from './BatchLabels.vue'
import MixFinish from './MixFinish.vue'
import MixSteps from './MixSteps.vue'
import MixTimeline from './MixTimeline.vue'
import WhatGoesIn from './WhatGoesIn.vue'

/** One recipe in the amounts of the day; while it is mixed, step by step, with hands in the dough. */
const emit = defineEmits<{ all: [] }>()
const mixing = useMixing()
const kitchen = useKitchen()
const recipe = computed(() => mixing.recipe!)
const fault = computed(() => mixing.mixed?.fault ?? null)
const current = computed(() => kitchen.current)
const allDone = computed(() => current.value !== undefined && current.value.step >= recipe.value.steps.length)
/** What was just written down: its label is offered. */
const justMade = ref<Batch | null>(null)
const leaving = ref(false)
const ownMinutes = computed(() => recipe.value.steps.reduce((sum, step) => sum + step.minutes, 0))
const waiting = computed(() => recipe.value.steps.reduce((sum, step) => sum + step.wait, 0))
const forWhom = computed(() => {
  const names = mixing.served.map((one) => one.child.name)
  const day = mixing.day ? ` on ${longWeekday(weekdayOf(mixing.day.date))}` : ''
  return names.length ? `for ${listWords(names)}${day}` : ''
})
const print = () => window.print()

watch(
  () => [current.value?.id, current.value?.recipeId],
  () => {
    if (current.value) mixing.hold(current.value)
  },
  { immediate: true },
)
watch(
  () => recipe.value.id,
  () => (justMade.value = null),
)
async function finish(storage: Storage, note: string) {
  justMade.value = await kitchen.finish(storage, note)
  mixing.open(recipe.value.id)
}

// The screen stays on while hands are in it.
const awake = useWakeLock()
watch(
  () => Boolean(current.value),
  (going) => {
    if (!awake.isSupported.value) return
    void (going ? awake.request('screen') : awake.release()).catch(() => undefined)
  },
  { immediate: true },
)

/** What takes a tap or a key for itself. */
const OWN = 'a, button, input, textarea, select, label, [role="button"], [role="listbox"], [role="combobox"], .v-field'
const page = useTemplateRef<HTMLElement>('page')
async function on() {
  if (!current.value || allDone.value) return
  kitchen.next()
  await nextTick()
  page.value?.querySelector('[aria-current="step"], .finish')?.scrollIntoView({ block: 'nearest' })
}
const tapped = (event: MouseEvent) => {
  if (!(event.target as Element).closest(OWN)) void on()
}
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.key !== ' ' || event.repeat || !current.value || (event.target as Element).closest(OWN)) return
  event.preventDefault()
  void on()
})
</script>

<template>
  <div ref="page" class="page">
    <TextButton class="no-print" @click="emit('all')">All recipes</TextButton>
    <div class="row head">
      <div>
        <h2>{{ recipe.name }}</h2>
        <p class="mute">
          {{ capital(minutesWords(ownMinutes)) }} of work<template v-if="waiting"
            >, {{ waitWords(waiting) }} of waiting</template
          ><template v-if="forWhom && mixing.howMuch === 'children'">; {{ forWhom }}</template
          >.
        </p>
      </div>
      <div class="buttons no-print">
        <v-btn
          :title="mixing.measures === 'us' ? 'Say it in metric cups' : 'Say it in US cups'"
          @click="mixing.kitchenOf = mixing.measures === 'us' ? 'metric' : 'us'"
          >{{ mixing.measures === 'us' ? 'Metric cups' : 'US cups' }}</v-btn
        >
        <v-btn @click="print">Print</v-btn>
        <v-btn v-if="current" @click="leaving = true">Stop mixing</v-btn>
        <v-btn
          v-else
          class="primary"
          :disabled="!mixing.mixed?.value"
          :title="mixing.mixed?.value ? undefined : fault?.message"
          @click="kitchen.start()"
          >Start mixing</v-btn
        >
      </div>
    </div>
    <div v-if="leaving && current" class="notice row" role="alert">
      <span>Stop mixing {{ recipe.name }}? Nothing of it is written down.</span>
      <span class="buttons"
        ><v-btn size="small" @click="(kitchen.drop(current.id), (leaving = false))">Stop mixing it</v-btn
        ><v-btn size="small" @click="leaving = false">Go on</v-btn></span
      >
    </div>
    <AskAmounts v-if="!current" />
    <p v-else class="small mute no-print">Space, or a tap beside the buttons, is the next step. The screen stays on.</p>
    <p v-if="fault" class="notice" role="alert">{{ fault.message }}.</p>
    <div v-if="justMade" class="card made">
      <p role="status">
        <b>{{ justMade.name }}</b> is written down. What went in is out of the pantry.
      </p>
      <BatchLabels :key="justMade.id" :batch="justMade" />
    </div>
    <div class="two" @click="tapped">
      <WhatGoesIn />
      <div>
        <MixFinish v-if="allDone" @finish="finish" />
        <MixSteps />
        <MixTimeline v-if="isLong(recipe)" :recipe="recipe" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 10px;
  align-content: start;
}
.page > .why {
  justify-self: start;
}
.head {
  align-items: center;
}
.head > .buttons {
  flex: none;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 14px;
  align-items: start;
}
.made {
  padding: 12px 14px;
  max-width: 420px;
  display: grid;
  gap: 8px;
}
@media (max-width: 700px) {
  .head {
    display: grid;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
